<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/**
 * How far the ratio of two measured parts can be off, in per cent of the ratio.
 *
 * Source: readings rounded to the nearest mark, an even error of width d with σ = d/√12; the likely error
 * is two standard deviations of the quotient (95 %).
 */
final readonly class RatioError
{
    /** How finely a pen line is drawn and met, mm of height. */
    public const PEN_LINE_MM = 1.0;

    private function __construct(
        /** null when the second part is not larger than its own error: it cannot be measured so */
        public ?float $worstPct,
        public ?float $likelyPct,
        /** how much larger a batch must be, as a factor above which the second part can be measured at all */
        public float $measurableFrom,
        public float $first,
        public float $second,
        /** how far the first reading can be off, half a step */
        public float $firstOff,
        /** how far the second part can be off: half a step, or two of them where it is a difference */
        public float $secondOff,
        /** standard deviations of both, in the unit that is measured */
        public float $firstSpread,
        public float $secondSpread,
        /** what the second over the first should be */
        public float $ratio,
    ) {
    }

    /**
     * @param  float  $first  planned amount of the part that is poured first, above 0, in the unit that is measured
     * @param  float  $second  planned amount of the other
     * @param  float  $step  graduation or resolution, above 0, in the same unit
     * @param  float|null  $secondStep  where it differs at the second reading, as between two pen lines
     * @param  float|null  $ratio  what the second over the first should be, where their rounding is part of the error
     */
    public static function of(float $first, float $second, float $step, MeasuredBy $by, ?float $secondStep = null, ?float $ratio = null): self
    {
        $firstOff = $step / 2;
        $other = ($secondStep ?? $step) / 2;
        $secondOff = $by->isByDifference() ? $firstOff + $other : $other;
        $firstSpread = self::spread($firstOff);

        return self::by($first, $second, $firstOff, $secondOff, $firstSpread, $by->isByDifference() ? hypot($firstSpread, self::spread($other)) : self::spread($other), $ratio);
    }

    /**
     * Of equal fills of one small cup: each is off by itself, so that the worst grows with their number and the
     * likely with its root. How large the cup is does not matter, nor what clings to it.
     *
     * @param  float  $fill  up to its line, above 0
     * @param  float  $step  how finely the line is met, above 0, in the same unit
     * @param  int  $firstFills  1 or more
     * @param  int  $secondFills  1 or more
     */
    public static function ofFills(float $fill, float $step, int $firstFills, int $secondFills): self
    {
        $off = $step / 2;

        return self::by($fill * $firstFills, $fill * $secondFills, $off * $firstFills, $off * $secondFills, self::spread($off) * sqrt($firstFills), self::spread($off) * sqrt($secondFills));
    }

    private static function spread(float $halfStep): float
    {
        return $halfStep / sqrt(3);
    }

    /**
     * Of what is shown: their rounding is part of the error.
     *
     * @param  float  $step  graduation or resolution, above 0, in the same unit
     */
    public static function ofRounded(RoundedParts $parts, float $step, MeasuredBy $by, bool $aFirst = true): self
    {
        return $aFirst ? self::of($parts->a, $parts->b, $step, $by, null, $parts->ratio) : self::of($parts->b, $parts->a, $step, $by, null, 1 / $parts->ratio);
    }

    private static function by(float $first, float $second, float $firstOff, float $secondOff, float $firstSpread, float $secondSpread, ?float $ratio = null): self
    {
        $ratio ??= $second / $first;
        $measurableFrom = $secondOff / $second;
        $measurable = $measurableFrom < 1;

        return new self(
            $measurable ? 100 * (max(($first + $firstOff) / ($second - $secondOff) * $ratio, $first > $firstOff ? ($second + $secondOff) / ($first - $firstOff) / $ratio : 0.0) - 1) : null,
            $measurable ? 200 * hypot($firstSpread / $first, $secondSpread / $second) + 100 * abs($second / $first / $ratio - 1) : null,
            $measurableFrom,
            $first,
            $second,
            $firstOff,
            $secondOff,
            $firstSpread,
            $secondSpread,
            $ratio,
        );
    }

    /** How much larger a batch must be for the likely error to stay within a tolerance in per cent, as a factor; 1 when it does. */
    public function factorWithin(float $tolerancePct): float
    {
        return $this->likelyPct === null ? INF : max(1.0, $this->likelyPct / $tolerancePct);
    }
}
