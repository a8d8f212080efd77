<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * What a bench out of level costs: the film gathers at the low side until it has set.
 *
 * Ends that keep the film differ by s·L·[1 − (8/π²)·Σ e^(−n²π²D)/n² over odd n], D = ρg·h³·M∞/(3L²).
 *
 * Source: lubrication flow on a slope between two ends that nothing leaves, as a series of cosines.
 */
final readonly class Drift
{
    /** A film whose ends differ by more of it shows. */
    public const SHOWS_SHARE = 0.2;

    /** What a level bench keeps within, of the film. */
    public const WANTED_SHARE = 0.1;

    /** Before this the ends know nothing of each other, and the series is 4·√(D/π). */
    private const EARLY = 0.01;

    /** From then on the terms that follow are less than 1e-12. */
    private const LAST_TERM = 17;

    public function __construct(
        private Liquid $liquid,
        private FilmClock $clock,
    ) {
    }

    /** Half of what the ends differ by, mm, for a film (mm) on a slope (mm/m) with a longest side (mm). */
    public function driftMm(float $filmMm, float $slopeMmPerM, float $longestMm): float
    {
        return $slopeMmPerM * $this->endsPerSlopeMm($filmMm, $longestMm) / 2;
    }

    /** The slope in mm/m at which the ends differ by a tenth of the film; null where it flows no more. */
    public function levelWithinMmPerM(float $filmMm, float $longestMm): ?float
    {
        $ends = $this->endsPerSlopeMm($filmMm, $longestMm);

        return $ends <= 0 ? null : self::WANTED_SHARE * $filmMm / $ends;
    }

    /**
     * How much of the slope the ends differ by at last, from 0 to 1.
     *
     * @param  float  $flow  D = ρg·h³·M∞/(3L²), 0 or more
     */
    public static function gatheredShare(float $flow): float
    {
        if ($flow < self::EARLY) {
            return 4 * sqrt($flow / M_PI);
        }
        $left = 0.0;
        for ($n = 1; $n <= self::LAST_TERM; $n += 2) {
            $left += exp(-($n * M_PI) ** 2 * $flow) / $n ** 2;
        }

        return 1 - 8 / M_PI ** 2 * $left;
    }

    /** What the ends differ by in mm for each mm/m of slope: at most all of the slope. */
    private function endsPerSlopeMm(float $filmMm, float $longestMm): float
    {
        $longest = $longestMm / 1000;

        return $longest * self::gatheredShare($this->liquid->weightNM3() * ($filmMm / 1000) ** 3 * $this->clock->mobilityInTheEnd() / (3 * $longest ** 2));
    }
}
