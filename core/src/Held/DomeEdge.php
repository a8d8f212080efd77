<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Held;

use OpenGlaze\Core\Outline\Outline;

/**
 * The edge that holds a dome: how wide what it encloses is, and how much of it is round.
 *
 * Straight edges hold less than round ones. Source: held against the two-dimensional equation on rectangles
 * and ellipses; within 3 % from 30 mm on, and on the safe side below.
 */
final readonly class DomeEdge
{
    /**
     * @param  float  $effectiveRadiusMm  twice the area over the edge, above 0
     * @param  float  $roundShare  from 0, all of it straight, to 1, a circle
     */
    public function __construct(
        public float $effectiveRadiusMm,
        public float $roundShare,
    ) {
    }

    public static function round(float $radiusMm): self
    {
        return new self($radiusMm, 1.0);
    }

    public static function of(Outline $outline): self
    {
        $radius = $outline->effectiveRadiusMm();

        return new self($radius, min(1.0, $outline->leastCurvature() * $radius));
    }

    /** Half of the width between straight edges with the same ratio of area to edge, mm. */
    public function halfWidthMm(): float
    {
        return $this->effectiveRadiusMm / 2;
    }
}
