<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Heat\HeatRun;

/** How a batch fares while it stands. */
final readonly class InTheCup
{
    /**
     * @param  HeatRun|null  $run  how it warms itself; null when its label does not tell
     * @param  float|null  $potLifeMin  until its age reaches the open time
     * @param  float  $emptiedMin  after the end of the mixing
     */
    public function __construct(
        public ?HeatRun $run,
        public ?float $heatKjKg,
        public ?float $potLifeMin,
        public float $emptiedMin,
    ) {
    }

    public function emptiedC(): ?float
    {
        return $this->run?->celsiusAt($this->emptiedMin);
    }

    /** Age when it is emptied, in min at the reference temperature. */
    public function emptiedAgeMin(): ?float
    {
        return $this->run?->ageAt($this->emptiedMin);
    }
}
