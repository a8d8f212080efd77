<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** The film that an edge keeps. */
final class EdgeLimit
{
    /**
     * h* = (√(r² + 4ℓ²) − r)/2, mm: there the film's weight and the pull of the corner balance, ρg·h = γ/(r + h).
     *
     * @param  float  $radiusMm  of the edge, 0 or more
     * @param  float  $capillaryMm  the liquid's capillary length, above 0
     */
    public static function mm(float $radiusMm, float $capillaryMm): float
    {
        // the same as above, without a difference of nearly equal numbers
        return 2 * $capillaryMm ** 2 / (sqrt($radiusMm ** 2 + 4 * $capillaryMm ** 2) + $radiusMm);
    }

    /**
     * The radius whose edge keeps a film, mm; 0 where even a sharp edge keeps less.
     *
     * @param  float  $filmMm  above 0
     */
    public static function radiusMm(float $filmMm, float $capillaryMm): float
    {
        return max(0.0, $capillaryMm ** 2 / $filmMm - $filmMm);
    }
}
