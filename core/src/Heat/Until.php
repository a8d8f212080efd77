<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** How far a body of resin is followed: until it has an age, for some minutes, past its peak; no further once too hot. */
final readonly class Until
{
    /**
     * @param  float  $ageMin  at the reference temperature
     * @param  float|null  $slowsFromAgeMin  past this age, once it cools, no later step warms it again: its peak is over; null when that is not waited for
     * @param  float  $min  at least so long
     * @param  float  $celsius  no further once it is hotter
     */
    public function __construct(
        public float $ageMin,
        public ?float $slowsFromAgeMin = null,
        public float $min = 0.0,
        public float $celsius = INF,
    ) {
    }
}
