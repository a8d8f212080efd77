<?php

declare(strict_types=1);

namespace App\Journal;

use Illuminate\Support\Facades\Schema;

/** After migrations: folds the rows of the bench anew where they were folded by other code, or not yet. */
final readonly class FoldTheBench
{
    public function __construct(
        private Bench $bench,
        private ThisStudio $studio,
    ) {
    }

    public function handle(): void
    {
        if (Schema::hasTable('studio') && ! $this->studio->isFolded()) {
            $this->bench->foldAll();
            $this->studio->folded();
        }
    }
}
