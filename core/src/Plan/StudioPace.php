<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** How setting and flow hang on temperature where a label is silent, and how a cup cools. */
final readonly class StudioPace
{
    public function __construct(
        public Sourced $activationKjMol,
        public Sourced $flowActivationKjMol,
        public Sourced $heatLossWM2K,
    ) {
    }
}
