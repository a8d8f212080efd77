<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Journal\Bench;
use App\Journal\ThisStudio;
use Illuminate\Console\Command;

/** Throws the rows of the bench away and folds them anew from what happened; nothing of the past is computed again. */
final class RebuildCommand extends Command
{
    protected $signature = 'glaze:rebuild';

    protected $description = 'Fold the rows of the bench anew from the journal';

    public function handle(Bench $bench, ThisStudio $studio): int
    {
        $count = $bench->foldAll();
        $studio->folded();
        $this->line("$count cups, films and lots were folded from the journal.");

        return self::SUCCESS;
    }
}
