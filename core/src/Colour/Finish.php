<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** How a colourant meets the light; the values are those of the plan file. */
enum Finish: string
{
    case Opaque = 'opaque';
    case Translucent = 'translucent';
    case Metallic = 'metallic';

    /** How much it scatters in a film, per mm and for each per cent of it: what hides the ground. An estimate. */
    public function scatteringPerMm(): float
    {
        return match ($this) {
            self::Opaque => 3.0,
            self::Metallic => 1.2,
            self::Translucent => 0.02,
        };
    }
}
