<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * Bubbles that rise by themselves: a radius r has risen through a film h when M = 9h/(2ρg r²).
 *
 * Source: Stokes 1851, a small sphere in a thick liquid.
 */
final readonly class Bubbles
{
    public function __construct(
        private Liquid $liquid,
        private FilmClock $clock,
    ) {
    }

    /** Radius in µm of the smallest bubble that still escapes a film in mm; null where it flows no more. */
    public function smallestThatEscapesUm(float $filmMm): ?float
    {
        return $this->clock->mobilityInTheEnd() <= 0 ? null : 1e6 * sqrt(9 * $filmMm / 1000 / (2 * $this->liquid->weightNM3() * $this->clock->mobilityInTheEnd()));
    }

    /** Minutes until bubbles of a radius in µm have risen through a film in mm; null when they never do. */
    public function riseMin(float $filmMm, float $radiusUm): ?float
    {
        return $this->clock->minutesToMobility(9 * $filmMm / 1000 / (2 * $this->liquid->weightNM3() * ($radiusUm / 1e6) ** 2));
    }
}
