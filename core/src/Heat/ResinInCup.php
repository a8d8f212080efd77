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
     * @param  Bath|null  $bath  that it stands in for a while
     */
    public function __construct(
        public float $volumeMl,
        public float $densityKgM3,
        public Container $cup,
        public Temperatures $room,
        public float $startC,
        public float $lossWM2K = Heating::CUP_LOSS_W_M2_K,
        public ?Bath $bath = null,
    ) {
    }

    /**
     * What it loses heat to, one after the other.
     *
     * @return non-empty-list<CoolingPhase>
     */
    public function phases(float $capacityJKgK): array
    {
        $all = $this->cup->surfaceMm2($this->volumeMl);
        $capacity = $this->volumeMl * $this->densityKgM3 * $capacityJKgK / 60;
        $last = new CoolingPhase(INF, $this->lossWM2K * $all / $capacity, $this->room);
        if ($this->bath === null) {
            return [$last];
        }
        $wetted = $this->cup->wettedMm2($this->volumeMl);
        [$air, $water] = [$this->lossWM2K * ($all - $wetted), Bath::LOSS_W_M2_K * $wetted];

        return [
            new CoolingPhase($this->bath->fromMin, $last->cooling, $this->room),
            new CoolingPhase($this->bath->toMin, ($air + $water) / $capacity, $this->room->mixedWith($this->bath->celsius, $water / ($air + $water))),
            $last,
        ];
    }
}
