<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

use OpenGlaze\Core\Quantity\Sourced;

/** How much of a colourant is one of what it is counted in, ml. */
final readonly class DoseSizes
{
    /** As many are weighed at once to know one. */
    private const WEIGHED = 20;

    private const DIGITS = 3;

    /** @param  float|null  $scoopMl  true volume of one scoop of its own */
    public function __construct(
        public Sourced $dropMl,
        public Sourced $dipMl,
        public ?float $scoopMl,
    ) {
    }

    /**
     * How much one drop or dip is, twenty of which were weighed, ml to three digits.
     *
     * @param  float  $twentyG  above 0
     * @param  float  $densityGMl  of what is counted, above 0
     */
    public static function oneMl(float $twentyG, float $densityGMl): float
    {
        $ml = $twentyG / self::WEIGHED / $densityGMl;

        return round($ml, self::DIGITS - 1 - (int) floor(log10($ml)));
    }
}
