<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/**
 * Two parts as they are shown and measured: in whole steps, and in their ratio.
 *
 * A is rounded, B follows what A is shown as; of A and the next ten steps above it the first is taken whose ratio is
 * off by a hundredth or less, else the one that is off least.
 */
final readonly class RoundedParts
{
    /** The screen's own step of grams. */
    public const STEP_G = 0.1;

    private const OFF_SHARE = 0.01;

    private const MOST_MORE_STEPS = 10;

    /** Amounts so near are the same. */
    private const NEAR = 1e-9;

    private function __construct(
        public float $a,
        public float $b,
        /** how far B/A is off what it should be, as a share of it, 0 or more */
        public float $offShare,
        /** how much more there is of both together than was asked for, as a share of it; below 0 for less */
        public float $grownShare,
        /** what B/A should be */
        public float $ratio,
    ) {
    }

    /**
     * @param  float  $a  above 0
     * @param  float  $b  above 0, in the same unit
     * @param  float  $step  in which they are measured, above 0
     */
    public static function of(float $a, float $b, float $step): self
    {
        $ratio = $b / $a;
        $first = max(1.0, round($a / $step));
        $best = null;
        for ($more = 0; $more <= self::MOST_MORE_STEPS; $more++) {
            $steps = $first + $more;
            $other = max(1.0, round($steps * $ratio));
            $here = new self($steps * $step, $other * $step, abs($other / $steps / $ratio - 1), ($steps + $other) * $step / ($a + $b) - 1, $ratio);
            if ($best === null || $here->offShare < $best->offShare - self::NEAR) {
                $best = $here;
            }
            if ($here->offShare <= self::OFF_SHARE + self::NEAR) {
                return $here;
            }
        }

        return $best;
    }

    /** The screen's own step of ml. */
    public static function stepMl(float $smallerMl): float
    {
        return $smallerMl < 50 ? 0.1 : 1.0;
    }

    /** The screen's own step of fl oz. */
    public static function stepFlOz(float $smallerFlOz): float
    {
        return $smallerFlOz < 2 ? 0.01 : 0.05;
    }

    public function total(): float
    {
        return $this->a + $this->b;
    }
}
