<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Quantity\Sourced;

/** The room, and the studio's own constants. */
final readonly class Studio
{
    /** Share of a bulk fill that is not solid, where nothing else is said. */
    public const VOID_FRACTION = 0.40;

    public function __construct(
        public Temperatures $temperatures,
        public Sourced $humidityPct,
        public Sourced $slopeMmPerM,
        public Sourced $marginPct,
        public ?Sourced $surfaceC,
        public Sourced $spreadMin,
        public Sourced $secondTorchMin,
        public Sourced $advancingAngleDeg,
        public Sourced $wallAngleDeg,
        public Sourced $voidFraction,
        public Sourced $heatLossWM2K,
        public Sourced $residueFilmMm,
        public Sourced $activationKjMol,
        public Sourced $flowActivationKjMol,
        public Sourced $dropMl,
        public Sourced $dipMl,
        /** how its people measure the two parts, until a batch says otherwise; null while nobody said */
        public ?MeasuredBy $measuredBy = null,
    ) {
    }
}
