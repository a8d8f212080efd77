<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** A mixed resin and how it ages in its room. */
final readonly class Fluid
{
    public function __construct(
        public Kinetics $kinetics,
        public Liquid $liquid,
        public FilmClock $clock,
    ) {
    }
}
