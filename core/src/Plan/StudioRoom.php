<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Quantity\Sourced;

/** The room that is poured in, and how level its bench is. */
final readonly class StudioRoom
{
    public function __construct(
        public Temperatures $temperatures,
        public Sourced $humidityPct,
        /** of the piece, where it was measured */
        public ?Sourced $surfaceC,
        /** of the bench */
        public Sourced $slopeMmPerM,
    ) {
    }
}
