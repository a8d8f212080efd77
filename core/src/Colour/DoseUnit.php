<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** What a colourant is counted in; the values are the names of the plan file's fields. */
enum DoseUnit: string
{
    case Ml = 'ml';
    case G = 'g';
    case Drops = 'drops';
    case Dips = 'dips';
    case Scoops = 'scoops';

    /** Whole things that are counted, not an amount that is measured. */
    public function isCounted(): bool
    {
        return match ($this) {
            self::Drops, self::Dips, self::Scoops => true,
            self::Ml, self::G => false,
        };
    }
}
