<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

/** The normal distribution turned round. */
final class Normal
{
    /**
     * How many standard deviations from the middle a share of all lies below; seven figures.
     *
     * @param  float  $share  above 0, below 1
     *
     * Source: Wichura, algorithm AS 241 (PPND7), Applied Statistics 37, 1988.
     */
    public static function quantile(float $share): float
    {
        $q = $share - 0.5;
        if (abs($q) <= 0.425) {
            $r = 0.180625 - $q * $q;

            return $q * (((59.109374720 * $r + 159.29113202) * $r + 50.434271938) * $r + 3.3871327179)
                / (((67.187563600 * $r + 78.757757664) * $r + 17.895169469) * $r + 1);
        }
        $r = sqrt(-log($q < 0 ? $share : 1 - $share));
        if ($r <= 5) {
            $r -= 1.6;
            $far = (((0.17023821103 * $r + 1.3067284816) * $r + 2.7568153900) * $r + 1.4234372777)
                / ((0.12021132975 * $r + 0.73700164250) * $r + 1);
        } else {
            $r -= 5;
            $far = (((0.017337203997 * $r + 0.42868294337) * $r + 3.0812263860) * $r + 6.6579051150)
                / ((0.012258202635 * $r + 0.24197894225) * $r + 1);
        }

        return $q < 0 ? -$far : $far;
    }
}
