<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/**
 * What a cup keeps on its wetted wall and floor.
 *
 * Source: wetted area × the thickness of the clinging film.
 */
final class Residue
{
    /** What an upturned or ordinarily emptied cup keeps, mm. */
    public const FILM_MM = 0.15;

    /** In ml, of a cup that held so many ml. */
    public static function ml(Container $cup, float $heldMl, float $filmMm): float
    {
        return $cup->wettedMm2($heldMl) * $filmMm / 1000;
    }
}
