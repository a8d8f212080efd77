<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

use OpenGlaze\Core\Quantity\Physics;

/** The mixed resin as a liquid: density in kg/m³, surface tension in N/m, both above 0. */
final readonly class Liquid
{
    public function __construct(
        public float $densityKgM3,
        public float $surfaceTensionNM,
    ) {
    }

    /** ρg, the weight of a cubic metre in N/m³. */
    public function weightNM3(): float
    {
        return $this->densityKgM3 * Physics::GRAVITY_M_S2;
    }

    /** Capillary length √(γ/(ρg)) in mm. */
    public function capillaryLengthMm(): float
    {
        return 1000 * sqrt($this->surfaceTensionNM / $this->weightNM3());
    }

    /**
     * Film in mm under which a dry spot is not closed over: 2ℓ·sin(θ_a/2).
     *
     * Source: height of a large puddle at its advancing angle (de Gennes, Brochard-Wyart, Quéré 2004).
     */
    public function wettingHeightMm(float $advancingAngleDeg): float
    {
        return 2 * $this->capillaryLengthMm() * sin(deg2rad($advancingAngleDeg) / 2);
    }
}
