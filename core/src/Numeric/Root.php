<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Numeric;

/**
 * Where a function that falls or rises passes zero between two places.
 *
 * Source: regula falsi with the Illinois correction (Dowell and Jarratt 1971), bisected when it crawls.
 */
final class Root
{
    private const MOST_STEPS = 80;

    /**
     * The same for a function that falls: the low end is sought below the high one, so many steps of 2 at most.
     *
     * @param  callable(float): float  $f  below 0 at the high end
     */
    public static function below(callable $f, float $high, float $tolerance, float $nearEnough = 1e-12): float
    {
        $low = $high - 2;
        for ($i = 0; $i < self::MOST_STEPS && $f($low) < 0; $i++) {
            [$low, $high] = [$low - 2, $low];
        }

        return self::of($f, $low, $high, $tolerance, $nearEnough);
    }

    /**
     * @param  callable(float): float  $f  of opposite signs at both ends
     * @param  float  $tolerance  how near the place is wanted
     * @param  float  $nearEnough  what counts as zero
     */
    public static function of(callable $f, float $low, float $high, float $tolerance, float $nearEnough = 1e-12): float
    {
        return self::between($f, [$low, $f($low)], [$high, $f($high)], $tolerance, $nearEnough);
    }

    /**
     * The same where the values at both ends are known.
     *
     * @param  callable(float): float  $f
     * @param  array{float, float}  $low  place and value
     * @param  array{float, float}  $high  place and value, of the other sign
     */
    public static function between(callable $f, array $low, array $high, float $tolerance, float $nearEnough = 1e-12): float
    {
        [[$low, $atLow], [$high, $atHigh]] = [$low, $high];
        for ($i = 0; $i < self::MOST_STEPS && abs($high - $low) > $tolerance; $i++) {
            $next = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            if (! ($next > min($low, $high) && $next < max($low, $high))) {
                $next = ($low + $high) / 2;
            }
            $atNext = $f($next);
            if (abs($atNext) < $nearEnough) {
                return $next;
            }
            if (($atNext > 0) === ($atHigh > 0)) {
                $atLow /= 2;
            } else {
                [$low, $atLow] = [$high, $atHigh];
            }
            [$high, $atHigh] = [$next, $atNext];
        }

        return $high;
    }
}
