<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** The film that is asked for. */
final readonly class AskedFilm
{
    public function __construct(
        public Containment $containment,
        public Size $size,
        public Coverage $coverage,
        public CoatEdge $edge,
    ) {
    }
}
