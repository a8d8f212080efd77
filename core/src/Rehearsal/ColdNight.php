<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

/** A room whose heater went out: how warm it still is. */
final class ColdNight
{
    private const COLDER_K = 6.0;

    /** In which it has cooled by two thirds of that. */
    private const COOLS_IN_MIN = 25.0;

    /** @param  float  $min  since it went out, 0 or more */
    public static function celsius(float $roomC, float $min): float
    {
        return $roomC - self::COLDER_K * (1 - exp(-$min / self::COOLS_IN_MIN));
    }
}
