<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

/**
 * What a cup keeps on its wetted wall and floor, in ml.
 *
 * Source: wetted area of a cylinder × the thickness of the clinging film.
 */
final class Residue
{
    /** What an upturned or ordinarily emptied cup keeps, mm. */
    public const FILM_MM = 0.15;

    /** A cup of unknown size is taken to be as deep as it is wide. */
    public static function inUnknownCupMl(float $volumeMl, float $filmMm): float
    {
        $diameterMm = (4000 * max(0.0, $volumeMl) / M_PI) ** (1 / 3);

        return 1.25 * M_PI * $diameterMm ** 2 * $filmMm / 1000;
    }

    /** A cup of known inner diameter (mm, above 0): floor πd²/4 and wall 4V/d. */
    public static function inCupMl(float $volumeMl, float $diameterMm, float $filmMm): float
    {
        return (M_PI * $diameterMm ** 2 / 4 + 4000 * max(0.0, $volumeMl) / $diameterMm) * $filmMm / 1000;
    }
}
