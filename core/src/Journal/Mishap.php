<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** What nobody planned. */
enum Mishap: string
{
    case Short = 'short';
    case Spill = 'spill';
    case Tipped = 'tipped';
    case Hair = 'hair';
    case Smoking = 'smoking';
    case Leak = 'leak';

    /** Resin is missing on a piece after it. */
    public function lacksResin(): bool
    {
        return $this === self::Short || $this === self::Spill;
    }

    /** What it happens to: a film, the cup that it is mixed in, or the bottles that it is mixed from. */
    public function of(): SubjectKind
    {
        return match ($this) {
            self::Smoking => SubjectKind::Cup,
            self::Tipped => SubjectKind::Lot,
            default => SubjectKind::Film,
        };
    }
}
