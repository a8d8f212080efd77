<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** A course of values, with straight lines between. */
final class Course
{
    /**
     * Several courses at once.
     *
     * @param  non-empty-list<float>  $from  rising
     * @param  list<list<float>>  $to  one for each of them, all equally long
     * @return list<float> at its ends the first and the last
     */
    public static function allAt(array $from, array $to, float $at): array
    {
        $last = count($from) - 1;
        for ($high = 1; $high < $last && $from[$high] < $at; $high++) {
            // until it lies between the one before and this one
        }
        if ($last === 0 || $at >= $from[$last]) {
            return $to[$last] ?? [];
        }
        $share = max(0.0, ($at - $from[$high - 1]) / ($from[$high] - $from[$high - 1]));

        return array_map(static fn (float $one, float $other): float => $one + $share * ($other - $one), $to[$high - 1], $to[$high]);
    }

    /**
     * @param  non-empty-list<float>  $from  rising
     * @param  non-empty-list<float>  $to
     * @return float|null null past its end; the first value before its beginning
     */
    public static function at(array $from, array $to, float $at): ?float
    {
        [$low, $high] = [0, count($from) - 1];
        if ($at <= $from[0]) {
            return $to[0];
        }
        if ($at > $from[$high]) {
            return null;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $from[$middle] < $at ? $low = $middle : $high = $middle;
        }

        return $to[$low] + ($to[$high] - $to[$low]) * ($at - $from[$low]) / ($from[$high] - $from[$low]);
    }
}
