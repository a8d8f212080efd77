<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/**
 * What brings two poured parts back to their ratio: nothing can be taken out of a cup, so the other part follows.
 *
 * All amounts in the unit that is measured, ml or g.
 */
final readonly class Mending
{
    private function __construct(
        /** still to be poured of A, 0 or more */
        public float $addA,
        public float $addB,
        /** what the whole comes to, as a share of what was planned */
        public float $grown,
    ) {
    }

    /**
     * @param  float  $plannedA  above 0
     * @param  float  $plannedB  above 0
     * @param  float  $a  poured so far, 0 or more
     * @param  float  $b  poured so far, 0 or more
     * @param  float  $least  what is to be mixed at least, as a share of what was planned
     */
    public static function of(float $plannedA, float $plannedB, float $a, float $b, float $least = 1.0): self
    {
        $grown = max($least, $a / $plannedA, $b / $plannedB);

        return new self(max(0.0, $grown * $plannedA - $a), max(0.0, $grown * $plannedB - $b), $grown);
    }

    /** How far the ratio of A to B is off as it stands, in per cent; null while a part is missing. */
    public static function offPct(float $plannedA, float $plannedB, float $a, float $b): ?float
    {
        return $a > 0 && $b > 0 ? 100 * ($a / $b * $plannedB / $plannedA - 1) : null;
    }
}
