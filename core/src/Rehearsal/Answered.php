<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

/** An accident as it came, min after the rehearsal began, and whether it was answered. */
final readonly class Answered
{
    /**
     * @param  float  $untilMin  how long there was time to answer it
     * @param  float|null  $answeredMin  null where it never was
     * @param  float  $ml  that it cost whoever did not answer it
     * @param  string  $thing  the film or the cup that it met; empty where it met the room
     */
    public function __construct(
        public Accident $accident,
        public float $atMin,
        public float $untilMin,
        public ?float $answeredMin,
        public string $thing = '',
        public float $ml = 0.0,
    ) {
    }

    /** Nobody answered it while there was time; what could still be answered when it ended is not lost. */
    public function isLost(float $endMin): bool
    {
        return $this->answeredMin === null ? $this->untilMin < $endMin : $this->answeredMin > $this->untilMin;
    }

    /** The same by somebody who knew of it. */
    public function atOnce(): self
    {
        return new self($this->accident, $this->atMin, $this->untilMin, $this->atMin, $this->thing, $this->ml);
    }
}
