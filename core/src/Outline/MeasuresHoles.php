<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** What follows for every outline from its area, its edge and its holes; without holes unless it says otherwise. */
trait MeasuresHoles
{
    public function holePerimeterMm(): float
    {
        return array_sum(array_map(static fn (Loop $hole): float => $hole->lengthMm(), $this->holes()));
    }

    public function effectiveRadiusMm(): float
    {
        return 2 * $this->areaMm2() / ($this->perimeterMm() + $this->holePerimeterMm());
    }

    public function leastCurvature(): float
    {
        return 0.0;
    }

    public function holes(): array
    {
        return [];
    }
}
