<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** How it sets, and what heat that makes. */
final readonly class ResinSetting
{
    public function __construct(
        /** null for the studio's */
        public ?Sourced $activationKjMol,
        public ?Sourced $heatKjKg,
        public Sourced $heatCapacityJKgK,
        public Sourced $shrinkagePct,
        /** of heat, W/(m K) */
        public Sourced $conductivityWMK,
        /** of its layers, kJ/kg; null for what follows from its label */
        public ?Sourced $layerHeatKjKg,
    ) {
    }
}
