<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** A course of values, with straight lines between. */
final class Course
{
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
