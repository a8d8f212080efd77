<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** What its people count in. */
final readonly class StudioCounts
{
    public function __construct(
        public Sourced $dropMl,
        /** of a stick */
        public Sourced $dipMl,
        /** share of a bulk fill that is not solid */
        public Sourced $voidFraction,
    ) {
    }
}
