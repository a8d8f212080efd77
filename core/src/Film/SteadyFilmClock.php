<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** The film's clock in a room that keeps its temperature: all closed forms. */
final readonly class SteadyFilmClock implements FilmClock
{
    private float $rate;

    private float $viscosityAtPour;

    /** Growth of the viscosity, per second. */
    private float $growth;

    public function __construct(
        Kinetics $kinetics,
        float $celsius,
        private float $ageAtPourMin,
    ) {
        $this->rate = $kinetics->rate($celsius);
        $this->viscosityAtPour = $kinetics->viscosity($celsius, $ageAtPourMin);
        $this->growth = M_LN10 * $this->rate / ($kinetics->openMin * 60);
    }

    public function rate(): float
    {
        return $this->rate;
    }

    public function ageAtPourMin(): float
    {
        return $this->ageAtPourMin;
    }

    public function viscosityAt(float $min): float
    {
        return $this->viscosityAtPour * exp($this->growth * $min * 60);
    }

    public function minutesToAge(float $ageMin): float
    {
        return max(0.0, ($ageMin - $this->ageAtPourMin) / $this->rate);
    }

    public function minutesToViscosity(float $paS): float
    {
        return max(0.0, log($paS / $this->viscosityAtPour) / $this->growth / 60);
    }

    public function mobilityAfter(float $min): float
    {
        return -expm1(-$this->growth * $min * 60) / ($this->growth * $this->viscosityAtPour);
    }

    public function mobilityInTheEnd(): float
    {
        return 1 / ($this->growth * $this->viscosityAtPour);
    }

    public function minutesToMobility(float $mobility): ?float
    {
        $share = $mobility * $this->growth * $this->viscosityAtPour;

        return $share < 1 ? -log1p(-$share) / $this->growth / 60 : null;
    }
}
