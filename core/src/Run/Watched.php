<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

/** One time that hands are at a film, min after its pour. */
final readonly class Watched
{
    /**
     * @param  string  $act  its name
     * @param  Gloves  $hands  what they are like after it
     * @param  float  $beginMin  when it is begun, as far as is known
     * @param  float  $endMin  when it is done with
     */
    public function __construct(
        public string $act,
        public Gloves $hands,
        public float $beginMin,
        public float $endMin,
    ) {
    }
}
