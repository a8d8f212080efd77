<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Heat\HeatRun;

/** How a batch fares while it stands. */
final readonly class InTheCup
{
    /**
     * @param  HeatRun|null  $run  how it warms itself; null when its label does not tell
     * @param  float|null  $potLifeMin  until its age reaches the open time; as its label prints it where no heat is known
     * @param  float  $emptiedMin  after the end of the mixing
     * @param  float  $emptiedAgeMin  how old it is then, min at the reference temperature
     */
    public function __construct(
        public ?HeatRun $run,
        public ?float $heatKjKg,
        public ?float $potLifeMin,
        public float $emptiedMin,
        public float $emptiedAgeMin,
    ) {
    }

    public function emptiedC(): ?float
    {
        return $this->run?->celsiusAt($this->emptiedMin);
    }
}
