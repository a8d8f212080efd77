<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\HeatRun;
use OpenGlaze\Core\Heat\ResinInCup;

/** Mixed resin that stands in something in a room: how it warms, ages and thickens. */
final readonly class Standing
{
    /** What a plot of it shows at most. */
    private const POINTS = 72;

    /** Thickness up to which it is told; past that it is a lump, Pa·s. */
    private const THICKEST_PA_S = 1000.0;

    private function __construct(
        public Curing $curing,
        public HeatRun $run,
        /** until its age reaches the open time, min; null when it was not followed so far */
        public ?float $potLifeMin,
        /** until it is at 60 °C, min; null when it never is */
        public ?float $hotMin,
    ) {
    }

    /** Followed past the open time, past a time in minutes that is asked for, and past its peak. */
    public static function of(Curing $curing, ResinInCup $resin, float $untilMin): self
    {
        $run = Heating::inCup($curing, $resin, $untilMin);

        return new self($curing, $run, $run->minutesToAge($curing->kinetics->openMin), $run->minutesToC(Heating::HOT_C));
    }

    /** Viscosity after so many minutes, Pa·s; null past what was followed. */
    public function viscosityAt(float $min): ?float
    {
        $celsius = $this->run->celsiusAt($min);
        $age = $this->run->ageAt($min);

        return $celsius === null || $age === null ? null : $this->curing->kinetics->viscosity($celsius, $age);
    }

    /** Minutes until it is so thick, Pa·s; null when it was not followed so far. It may get thinner first. */
    public function minutesToViscosity(float $paS): ?float
    {
        foreach ($this->run->mins as $i => $min) {
            if ($this->curing->kinetics->viscosity($this->run->celsius[$i], $this->run->ages[$i]) >= $paS) {
                if ($i === 0) {
                    return 0.0;
                }
                // the thickness grows evenly on its logarithm between two steps
                $before = log($this->curing->kinetics->viscosity($this->run->celsius[$i - 1], $this->run->ages[$i - 1]));
                $after = log($this->curing->kinetics->viscosity($this->run->celsius[$i], $this->run->ages[$i]));

                return $this->run->mins[$i - 1] + ($min - $this->run->mins[$i - 1]) * (log($paS) - $before) / ($after - $before);
            }
        }

        return null;
    }

    /**
     * Temperature and thickness over time, evenly spaced. What has gelled is as thick as is drawn, however hot.
     *
     * @param  float  $untilMin  above 0
     * @return list<array{float, float, float}> min, °C, Pa·s
     */
    public function plot(float $untilMin): array
    {
        $points = [];
        for ($at = 0; $at <= self::POINTS; $at++) {
            $min = $untilMin * $at / self::POINTS;
            $celsius = $this->run->celsiusAt($min);
            $viscosity = $this->viscosityAt($min);
            if ($celsius === null || $viscosity === null) {
                break;
            }
            $gelled = $this->run->ageAt($min) >= $this->curing->kinetics->gelAgeMin();
            $points[] = [$min, $celsius, $gelled ? self::THICKEST_PA_S : min(self::THICKEST_PA_S, $viscosity)];
        }

        return $points;
    }
}
