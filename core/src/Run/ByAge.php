<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Film\FilmClock;

/**
 * When something comes by a film's clock as the room made it, where it was planned by another: so long after it happened
 * as the film takes to age by as much; what ends with the film ends at the same age.
 *
 * Source: "n min/a" is the time in which the age grows by n.
 */
final readonly class ByAge
{
    public function __construct(
        private FilmClock $planned,
        private FilmClock $is,
    ) {
    }

    /**
     * @param  float  $sinceMin  when it happened, min after the pour, by both
     * @param  float  $dueMin  as it was planned
     */
    public function dueMin(float $sinceMin, float $dueMin): float
    {
        return max($sinceMin, $this->is->minutesToAge($this->is->ageAt($sinceMin) + $this->planned->ageAt($dueMin) - $this->planned->ageAt($sinceMin)));
    }

    public function untilMin(float $untilMin): float
    {
        return $this->is->minutesToAge($this->planned->ageAt($untilMin));
    }
}
