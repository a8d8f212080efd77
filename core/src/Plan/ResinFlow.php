<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** How the mixed resin flows. */
final readonly class ResinFlow
{
    public function __construct(
        public Sourced $viscosityPaS,
        public Sourced $viscosityAtC,
        public Sourced $surfaceTensionNM,
        /** null for the studio's */
        public ?Sourced $flowActivationKjMol,
    ) {
    }
}
