<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** Age (min at the reference temperature) and mobility (m·s/kg) of a film so many minutes after its pour. */
final readonly class FilmState
{
    public function __construct(
        public float $min,
        public float $ageMin,
        public float $mobility,
        /** °C of the room then */
        public float $celsius,
        /** how fast it sets at that */
        public float $rate,
    ) {
    }
}
