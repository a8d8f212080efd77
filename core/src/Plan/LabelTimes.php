<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** How long the mixed resin lasts, at the label's temperature. */
final readonly class LabelTimes
{
    public function __construct(
        /** in the film */
        public Sourced $openMin,
        /** in the cup */
        public ?Sourced $potLifeMin,
        /** of so much */
        public ?Sourced $potLifeMassG,
        /** the stirring */
        public ?Sourced $mixMin,
        /** what the label's times are for */
        public Sourced $referenceC,
    ) {
    }
}
