<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

/** When the pieces of one coat are poured and spread, min after the end of the mixing, and how old the mix is then. */
final readonly class TurnTimes
{
    /**
     * @param  float  $fromMin  its first pour begins
     * @param  float  $pouredMin  the last of them is poured
     * @param  float  $spreadMin  the last of them is spread
     * @param  float  $ageMin  when the last of them is poured, min at the reference temperature
     * @param  float  $spreadAgeMin  when it is spread: from its pour on it ages as a film in the room
     */
    public function __construct(
        public float $fromMin,
        public float $pouredMin,
        public float $spreadMin,
        public float $ageMin,
        public float $spreadAgeMin,
    ) {
    }
}
