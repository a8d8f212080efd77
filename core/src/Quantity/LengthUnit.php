<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** Units that people write lengths in. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Centimetre = 'cm';
    case Metre = 'm';
    case Inch = 'in';
    case Foot = 'ft';

    /** One of this unit in millimetres; exact by definition of the international inch. */
    public function inMm(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Centimetre => 10.0,
            self::Metre => 1000.0,
            self::Inch => 25.4,
            self::Foot => 304.8,
        };
    }
}
