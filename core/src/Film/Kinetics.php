<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

use OpenGlaze\Core\Quantity\Physics;

/**
 * How fast one resin sets and how thick it is, by temperature and age.
 *
 * Source: Arrhenius rate law; viscosity after Roller, Polym. Eng. Sci. 15 (1975) 406, with the
 * open time defined as the age at which the film is ten times as thick as fresh.
 */
final readonly class Kinetics
{
    /** Ages end at so many open times, and flow with them: older is the same. */
    private const STIFF_OPEN_TIMES = 4.0;

    private const GEL_OPEN_TIMES = 2.0;

    /** The rate's two constants: it is exp(fresh − swift / T), T in kelvin. */
    private float $swift;

    private float $fresh;

    public function __construct(
        public float $openMin,
        public float $referenceC,
        public float $viscosityPaS,
        public float $viscosityAtC,
        public float $activationKjMol,
        public float $flowActivationKjMol,
    ) {
        $this->swift = $activationKjMol * 1000 / Physics::GAS_CONSTANT_J_MOL_K;
        $this->fresh = $this->swift / Physics::kelvin($referenceC);
    }

    /** Reaction rate relative to the reference temperature; 1 there. */
    public function rate(float $celsius): float
    {
        return exp($this->fresh - $this->swift / Physics::kelvin($celsius));
    }

    /**
     * The rate's two constants: it is exp(second − first / T), T in kelvin.
     *
     * @return array{float, float}
     */
    public function arrhenius(): array
    {
        return [$this->swift, $this->fresh];
    }

    /** Viscosity in Pa·s at so many °C and an age in minutes at the reference temperature. */
    public function viscosity(float $celsius, float $ageMin): float
    {
        return $this->viscosityPaS
            * exp($this->flowActivationKjMol * 1000 / Physics::GAS_CONSTANT_J_MOL_K
                * (1 / Physics::kelvin($celsius) - 1 / Physics::kelvin($this->viscosityAtC)))
            * 10 ** (min($ageMin, $this->stiffAgeMin()) / $this->openMin);
    }

    /** The age in minutes at the reference temperature past which it cannot be poured. */
    public function gelAgeMin(): float
    {
        return self::GEL_OPEN_TIMES * $this->openMin;
    }

    /** The age in minutes at the reference temperature at which flow ends. */
    public function stiffAgeMin(): float
    {
        return self::STIFF_OPEN_TIMES * $this->openMin;
    }
}
