<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Body;

/** A vessel as a cylinder: its inner wall and floor, its outer wall, or both. Source: geometry. */
final readonly class Cylinder implements Body
{
    public function __construct(
        private float $diameterMm,
        private float $heightMm,
        private CylinderSide $side,
    ) {
    }

    public function areaMm2(): float
    {
        $wall = M_PI * $this->diameterMm * $this->heightMm;
        $floor = M_PI / 4 * $this->diameterMm ** 2;

        return match ($this->side) {
            CylinderSide::Inside => $wall + $floor,
            CylinderSide::Outside => $wall,
            CylinderSide::Both => 2 * $wall + $floor,
        };
    }

    public function holdsMl(): float
    {
        return M_PI / 4 * $this->diameterMm ** 2 * $this->heightMm / 1000;
    }

    public function deepestMm(): ?float
    {
        return null;
    }

    public function boxMm(): array
    {
        return [$this->diameterMm, $this->heightMm];
    }

    public function eachMl(): ?float
    {
        return null;
    }

    public function isRough(): bool
    {
        return false;
    }
}
