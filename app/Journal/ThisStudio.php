<?php

declare(strict_types=1);

namespace App\Journal;

use Illuminate\Support\Facades\DB;

/** The studio whose database this is: its name in the journal, and how far its rows are folded. */
final class ThisStudio
{
    /** Raised with a migration when rows have to be folded anew from what happened, since the folding changed. */
    private const FOLDING = 3;

    private ?string $id = null;

    /** A UUID that is the studio's own for good. */
    public function id(): string
    {
        if ($this->id === null) {
            $id = DB::table('studio')->value('id');
            $this->id = is_string($id) ? $id : null;
        }

        return $this->id ?? '';
    }

    /** Another database is asked from now on. */
    public function forget(): void
    {
        $this->id = null;
    }

    /** Enough of it to tell one of this machine's studios from another. */
    public function shortId(): string
    {
        return substr($this->id(), 0, 8);
    }

    public function isFolded(): bool
    {
        return DB::table('studio')->value('folded') === self::FOLDING;
    }

    public function folded(): void
    {
        DB::table('studio')->update(['folded' => self::FOLDING]);
    }
}
