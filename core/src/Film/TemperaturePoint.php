<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** The room's temperature at one time, hours from a coat's time 0. */
final readonly class TemperaturePoint
{
    public function __construct(
        public float $atH,
        public float $celsius,
    ) {
    }
}
