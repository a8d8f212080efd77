<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** The units a person reads and writes in. Nothing is computed differently for it. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    private const CM2_PER_IN2 = 6.4516;

    /** What a volume written without a unit is taken to be in. */
    public function volumeUnit(): VolumeUnit
    {
        return $this === self::Metric ? VolumeUnit::Millilitre : VolumeUnit::UsFluidOunce;
    }

    /** Cm² in the area that spread rates are told for: a cm², or a square inch. */
    public function cm2PerArea(): float
    {
        return $this === self::Metric ? 1.0 : self::CM2_PER_IN2;
    }

    /** What a length written without a unit is taken to be in. */
    public function lengthUnit(): LengthUnit
    {
        return $this === self::Metric ? LengthUnit::Millimetre : LengthUnit::Inch;
    }
}
