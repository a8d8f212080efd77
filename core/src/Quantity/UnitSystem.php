<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** The units a person reads and writes in. Nothing is computed differently for it. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Imperial = 'imperial';

    private const IN_FT_PER_MM_M = 0.012;

    private const CM2_PER_IN2 = 6.4516;

    /** What a volume written without a unit is taken to be in. */
    public function volumeUnit(): VolumeUnit
    {
        return $this === self::Metric ? VolumeUnit::Millilitre : VolumeUnit::UsFluidOunce;
    }

    /** Cm² in the unit of small areas: a cm², or a square inch. */
    public function cm2PerArea(): float
    {
        return $this === self::Metric ? 1.0 : self::CM2_PER_IN2;
    }

    /** Ml a cm² in the unit of spread rates: itself, or a fluid ounce a square foot. */
    public function mlPerCm2(): float
    {
        return $this === self::Metric ? 1.0 : VolumeUnit::UsFluidOunce->ml() / (144 * self::CM2_PER_IN2);
    }

    /** What 1 mm a metre is: 1 mm a metre, or so many inches a foot. */
    public function slopePerMmM(): float
    {
        return $this === self::Metric ? 1.0 : self::IN_FT_PER_MM_M;
    }

    /** What a length written without a unit is taken to be in. */
    public function lengthUnit(): LengthUnit
    {
        return $this === self::Metric ? LengthUnit::Millimetre : LengthUnit::Inch;
    }
}
