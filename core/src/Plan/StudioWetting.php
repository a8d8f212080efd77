<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** How resin wets. */
final readonly class StudioWetting
{
    public function __construct(
        /** at which it moves on */
        public Sourced $advancingAngleDeg,
        /** at which it stands at a wall */
        public Sourced $wallAngleDeg,
    ) {
    }
}
