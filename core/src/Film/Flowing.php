<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** How long a film flows. Times in minutes from the pour. */
final readonly class Flowing
{
    /**
     * @param  float  $gelsMin  until it cannot be poured any more; 0 when it cannot already
     * @param  float  $flowsUntilMin  until it does not flow at all, and a drip is hard
     */
    public function __construct(
        public float $rate,
        public float $viscosityPaS,
        public float $openMin,
        public float $gelsMin,
        public float $flowsUntilMin,
        public float $mobility,
    ) {
    }

    public static function of(Fluid $fluid, float $openMin): self
    {
        $clock = $fluid->clock;

        return new self(
            $clock->rate(),
            $clock->viscosityAt(0.0),
            $openMin,
            $clock->minutesToAge($fluid->kinetics->gelAgeMin()),
            $clock->minutesToAge($fluid->kinetics->stiffAgeMin()),
            $clock->mobilityInTheEnd(),
        );
    }
}
