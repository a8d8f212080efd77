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
    public function __construct(
        public float $openMin,
        public float $referenceC,
        public float $viscosityPaS,
        public float $viscosityAtC,
        public float $activationKjMol,
        public float $flowActivationKjMol,
    ) {
    }

    /** Reaction rate relative to the reference temperature; 1 there. */
    public function rate(float $celsius): float
    {
        return exp($this->activationKjMol * 1000 / Physics::GAS_CONSTANT_J_MOL_K
            * (1 / Physics::kelvin($this->referenceC) - 1 / Physics::kelvin($celsius)));
    }

    /** Viscosity in Pa·s at so many °C and an age in minutes at the reference temperature. */
    public function viscosity(float $celsius, float $ageMin): float
    {
        return $this->viscosityPaS
            * exp($this->flowActivationKjMol * 1000 / Physics::GAS_CONSTANT_J_MOL_K
                * (1 / Physics::kelvin($celsius) - 1 / Physics::kelvin($this->viscosityAtC)))
            * 10 ** ($ageMin / $this->openMin);
    }
}
