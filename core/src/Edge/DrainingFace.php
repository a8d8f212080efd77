<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

use OpenGlaze\Core\Film\Liquid;

/**
 * A face that drains over its coated edge: what film that edge keeps, how far the face feeds it, how round it is.
 *
 * Source: between a straight face and a circle of the same reach; held against the full equation in plan on
 * rectangles of 1:1 to 4:1, within 2 %.
 */
final readonly class DrainingFace
{
    /**
     * @param  float  $keepsMm  the film that the edge keeps, above 0
     * @param  float  $reachMm  covered area ÷ coated edge, above 0
     * @param  float  $roundShare  from 0, a straight face or one whose edge is coated in part, to 1, a round or a square one
     */
    public function __construct(
        public float $keepsMm,
        public float $reachMm,
        public float $roundShare,
    ) {
    }

    /** w = min(1, 16·area ÷ edge²). @param  float  $edgeMm  outer edge, all of it coated, above 0 */
    public static function roundShare(float $areaMm2, float $edgeMm): float
    {
        return min(1.0, 16 * $areaMm2 / $edgeMm ** 2);
    }

    /** Mobility (m·s/kg) of one unit of the law's own time, 3b² ÷ (ρg·h*³). */
    public function mobilityPerTime(Liquid $liquid): float
    {
        return 3 * ($this->reachMm / 1000) ** 2 / ($liquid->weightNM3() * ($this->keepsMm / 1000) ** 3);
    }

    /** From the edge to the middle, mm: as far as it feeds where it is straight, twice that where it is round. */
    public function halfWidthMm(): float
    {
        return $this->reachMm * (1 + $this->roundShare);
    }
}
