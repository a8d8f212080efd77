<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** How finely a layer is followed. */
enum LayerGrid
{
    /** Enough for the peak of its hottest cell. */
    case Peaks;
    /** Enough for the age of its top. */
    case OwnHeat;

    public function cellsOfResin(): int
    {
        return $this === self::Peaks ? 10 : 24;
    }

    public function cellsOfSlab(): int
    {
        return $this === self::Peaks ? 5 : 16;
    }
}
