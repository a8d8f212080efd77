<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

use OpenGlaze\Core\Mix\Portions;

/** How often one small cup is filled to its line for each part: only for ratios in small whole numbers. */
final readonly class EqualFills
{
    /** What a small cup usually takes up to its line, ml. */
    public const USUAL_ML = 50.0;

    /** How finely a line drawn on it is met, ml: 1 mm of a cup 50 mm wide. */
    public const USUAL_STEP_ML = 2.0;

    /** Fills of one part after which nobody counts them safely any more, of the smallest ratio. */
    private const MOST_IN_RATIO = 10;

    /** How near a ratio is to whole numbers to count as them. */
    private const NEAR = 1e-3;

    private function __construct(
        public int $a,
        public int $b,
        /** each, ml */
        public float $ml,
    ) {
    }

    /**
     * @param  float  $cupMl  that the small cup takes at most, above 0
     * @return self|null null where the ratio is none of whole numbers up to ten
     */
    public static function of(Portions $mix, float $cupMl): ?self
    {
        $ratio = $mix->aMl / $mix->bMl;
        for ($b = 1; $b <= self::MOST_IN_RATIO; $b++) {
            $a = (int) round($ratio * $b);
            if ($a >= 1 && $a <= self::MOST_IN_RATIO && abs($ratio * $b / $a - 1) < self::NEAR) {
                $times = max(1, (int) ceil($mix->aMl / $a / $cupMl - self::NEAR));

                return new self($a * $times, $b * $times, $mix->totalMl() / ($a + $b) / $times);
            }
        }

        return null;
    }

    /**
     * @param  float  $graduationMl  how finely its line is met, above 0
     * @param  bool  $aFirst  whether part A is poured first
     */
    public function error(float $graduationMl, bool $aFirst): RatioError
    {
        return RatioError::ofFills($this->ml, $graduationMl, $aFirst ? $this->a : $this->b, $aFirst ? $this->b : $this->a);
    }
}
