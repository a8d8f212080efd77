<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** One film as it lies there. */
final readonly class FilmCase
{
    /**
     * @param  float|null  $filmMm  null where the depth is not known
     * @param  float|null  $longestMm  side of its face
     * @param  float  $markMm  how wide the marks are that it is to level
     * @param  float|null  $openMin  until its open time is over, where its own heat ends it sooner than the room alone
     */
    public function __construct(
        public ?float $filmMm,
        public ?float $longestMm,
        public float $markMm,
        public float $slopeMmPerM,
        public float $advancingAngleDeg,
        public Fluid $fluid,
        private ?float $openMin = null,
    ) {
    }

    /** Minutes until its open time is over. */
    public function openMin(): float
    {
        return $this->openMin ?? $this->fluid->clock->minutesToAge($this->fluid->kinetics->openMin);
    }
}
