<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** What kind of thing is stirred into resin; the values are those of the plan file. */
enum Form: string
{
    case Paste = 'paste';
    case Ink = 'ink';
    case Tint = 'tint';
    case Dye = 'dye';
    case Powder = 'powder';
    case Glitter = 'glitter';
    case Flakes = 'flakes';
    case Sand = 'sand';
    case Oil = 'oil';
    case Thinner = 'thinner';
    case Additive = 'additive';

    /** Grains that sink or float, and raise dust. */
    public function isDry(): bool
    {
        return match ($this) {
            self::Powder, self::Glitter, self::Flakes, self::Sand => true,
            default => false,
        };
    }

    /** Solids that only fill: limited by flow and air, not by the cure. */
    public function fills(): bool
    {
        return match ($this) {
            self::Glitter, self::Flakes, self::Sand => true,
            default => false,
        };
    }

    /** What it burns like where its label does not say: dry grains hold no solvent, anything else may. */
    public function usuallyFlammable(): Flammable
    {
        return $this->isDry() ? Flammable::No : Flammable::Unknown;
    }
}
