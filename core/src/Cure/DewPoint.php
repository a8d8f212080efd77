<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Cure;

/**
 * The temperature at which the room's air begins to wet a surface.
 *
 * Source: Magnus formula with the constants of Alduchov and Eskridge, J. Appl. Meteor. 35 (1996) 601.
 */
final class DewPoint
{
    public const B = 17.625;

    public const C = 243.04;

    /** Closer than this to the dew point, in °C, the surface is too near it. */
    public const NEAR_C = 3.0;

    /** Dew point in °C of air at a temperature in °C and a relative humidity in per cent (above 0 to 100). */
    public static function celsius(float $airC, float $humidityPct): float
    {
        $g = log($humidityPct / 100) + self::B * $airC / (self::C + $airC);

        return self::C * $g / (self::B - $g);
    }
}
