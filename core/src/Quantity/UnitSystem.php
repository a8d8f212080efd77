<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** The units a person reads and writes in. Nothing is computed differently for it. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    /** What a length written without a unit is taken to be in. */
    public function lengthUnit(): LengthUnit
    {
        return $this === self::Metric ? LengthUnit::Millimetre : LengthUnit::Inch;
    }
}
