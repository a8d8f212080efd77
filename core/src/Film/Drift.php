<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * What a bench out of level costs: the film's drift to the low side.
 *
 * Source: lubrication flow on a slope, bounded by the level surface it ends in.
 */
final readonly class Drift
{
    /** End to end difference that a good bench keeps within, mm. */
    public const WANTED_END_TO_END_MM = 0.05;

    public function __construct(
        private Liquid $liquid,
        private FilmClock $clock,
    ) {
    }

    /** Drift in mm for a film (mm) on a slope (mm/m) with a longest side (mm); the film differs by twice that end to end. */
    public function driftMm(float $filmMm, float $slopeMmPerM, float $longestMm): float
    {
        return $slopeMmPerM * $this->driftPerSlopeMm($filmMm, $longestMm);
    }

    /** The slope in mm/m at which the film differs by 0.05 mm end to end; null where it flows no more. */
    public function levelWithinMmPerM(float $filmMm, float $longestMm): ?float
    {
        $drift = $this->driftPerSlopeMm($filmMm, $longestMm);

        return $drift <= 0 ? null : self::WANTED_END_TO_END_MM / 2 / $drift;
    }

    /** Drift in mm per mm/m of slope. */
    private function driftPerSlopeMm(float $filmMm, float $longestMm): float
    {
        $levelAtLast = $longestMm / 1000 / 2;
        $flow = $this->liquid->weightNM3() * ($filmMm / 1000) ** 3 * $this->clock->mobilityInTheEnd() * 2 / (3 * $longestMm / 1000);

        return min($levelAtLast, $flow);
    }
}
