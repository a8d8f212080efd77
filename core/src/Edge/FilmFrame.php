<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

/** An open film at one moment. */
final readonly class FilmFrame
{
    /** @param  list<float>  $profileMm  from the edge to the middle of the face */
    public function __construct(
        /** after the pour; null for as it sets */
        public ?float $min,
        /** on the face */
        public float $meanMm,
        /** on the edge itself */
        public float $edgeFilmMm,
        public float $leftMlPerM,
        public array $profileMm,
    ) {
    }
}
