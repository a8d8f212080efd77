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
    /** Enough for what heat at its surface does in seconds. */
    case Warming;

    public function cellsOfResin(): int
    {
        return match ($this) {
            self::Peaks => 10,
            self::OwnHeat => 20,
            self::Warming => 24,
        };
    }

    public function cellsOfSlab(): int
    {
        return match ($this) {
            self::Peaks => 5,
            self::OwnHeat => 12,
            self::Warming => 60,
        };
    }
}
