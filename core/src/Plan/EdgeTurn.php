<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** How far the surface turns away at the edge; the sharper, the more the edge holds. */
enum EdgeTurn: string
{
    case Square = 'square';
    case Bevelled = 'bevelled';
    case None = 'none';

    /** Turn of the surface in degrees. */
    public function degrees(): float
    {
        return match ($this) {
            self::Square => 90.0,
            self::Bevelled => 45.0,
            self::None => 0.0,
        };
    }
}
