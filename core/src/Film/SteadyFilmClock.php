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

    /** Until flow ends, minutes. */
    private float $flowsMin;

    public function __construct(Kinetics $kinetics, float $celsius, private float $ageAtPourMin)
    {
        $this->rate = $kinetics->rate($celsius);
        $this->viscosityAtPour = $kinetics->viscosity($celsius, $ageAtPourMin);
        $this->growth = M_LN10 * $this->rate / ($kinetics->openMin * 60);
        $this->flowsMin = max(0.0, $kinetics->stiffAgeMin() - $ageAtPourMin) / $this->rate;
    }

    public function rate(): float
    {
        return $this->rate;
    }

    public function ageAtPourMin(): float
    {
        return $this->ageAtPourMin;
    }

    public function ageAt(float $min): float
    {
        return $this->ageAtPourMin + $this->rate * $min;
    }

    public function viscosityAt(float $min): float
    {
        return $this->viscosityAtPour * exp($this->growth * min($min, $this->flowsMin) * 60);
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
        return -expm1(-$this->growth * min($min, $this->flowsMin) * 60) / ($this->growth * $this->viscosityAtPour);
    }

    public function mobilityInTheEnd(): float
    {
        return $this->mobilityAfter($this->flowsMin);
    }

    public function minutesToMobility(float $mobility): ?float
    {
        return $mobility > $this->mobilityInTheEnd() ? null : min($this->flowsMin, -log1p(-$mobility * $this->growth * $this->viscosityAtPour) / $this->growth / 60);
    }
}
