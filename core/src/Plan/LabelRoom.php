<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** The room that the label asks for. */
final readonly class LabelRoom
{
    public function __construct(
        public Sourced $minRoomC,
        public Sourced $maxRoomC,
        public Sourced $maxHumidityPct,
    ) {
    }
}
