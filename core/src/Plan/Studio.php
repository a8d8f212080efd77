<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Quantity\Sourced;

/** The room, and the studio's own constants. */
final readonly class Studio
{
    public function __construct(
        public Temperatures $temperatures,
        public Sourced $humidityPct,
        public Sourced $slopeMmPerM,
        public Sourced $marginPct,
        public ?Sourced $surfaceC,
        public Sourced $spreadMin,
        public Sourced $secondTorchMin,
        public Sourced $advancingAngleDeg,
        public Sourced $residueFilmMm,
        public Sourced $activationKjMol,
        public Sourced $flowActivationKjMol,
    ) {
    }
}
