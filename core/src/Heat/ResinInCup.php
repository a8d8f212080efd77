<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Measuring\Container;

/** Mixed resin that stands in its cup or dish, in a room. */
final readonly class ResinInCup
{
    /**
     * @param  float  $volumeMl  above 0
     * @param  float  $startC  at the end of the mixing
     * @param  float  $lossWM2K  of the cup's whole surface
     */
    public function __construct(
        public float $volumeMl,
        public float $densityKgM3,
        public Container $cup,
        public Temperatures $room,
        public float $startC,
        public float $lossWM2K = Heating::CUP_LOSS_W_M2_K,
    ) {
    }

    /** Share of the excess over the room that it loses in a minute, by the heat that it holds. */
    public function cooling(float $capacityJKgK): float
    {
        return $this->lossWM2K * $this->cup->surfaceMm2($this->volumeMl) / ($this->volumeMl * $this->densityKgM3 * $capacityJKgK) * 60;
    }
}
