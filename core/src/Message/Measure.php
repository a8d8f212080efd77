<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Message;

/** A quantity in a sentence: how much of what, to be put into a person's units when it is said. */
final readonly class Measure
{
    private function __construct(
        public MeasureKind $kind,
        public float $value,
        /** at most so many; null: as many as its kind has */
        public ?int $decimals = null,
    ) {
    }

    /** A film or a small height. */
    public static function thickness(float $mm): self
    {
        return new self(MeasureKind::Thickness, $mm);
    }

    /** Of a piece or a ripple. */
    public static function length(float $mm): self
    {
        return new self(MeasureKind::Length, $mm);
    }

    public static function volume(float $ml): self
    {
        return new self(MeasureKind::Volume, $ml);
    }

    public static function temperature(float $celsius): self
    {
        return new self(MeasureKind::Temperature, $celsius);
    }

    public static function temperatureDifference(float $kelvin): self
    {
        return new self(MeasureKind::TemperatureDifference, $kelvin);
    }

    public static function slope(float $mmPerM): self
    {
        return new self(MeasureKind::Slope, $mmPerM);
    }

    public static function minutes(float $min): self
    {
        return new self(MeasureKind::Minutes, $min);
    }

    public static function hours(float $hours): self
    {
        return new self(MeasureKind::Hours, $hours);
    }

    public static function percent(float $percent, int $decimals = 0): self
    {
        return new self(MeasureKind::Percent, $percent, $decimals);
    }

    /** With one decimal below ten. */
    public static function smallPercent(float $percent): self
    {
        return self::percent($percent, $percent < 10 ? 1 : 0);
    }

    public static function soak(float $mlPerM2): self
    {
        return new self(MeasureKind::Soak, $mlPerM2);
    }

    /** How many: whole, its thousands set apart. */
    public static function count(float $number): self
    {
        return new self(MeasureKind::Count, $number);
    }

    /** A bare one: its unit, if it has any, is always the same and stands in the sentence. */
    public static function number(float $value, int $decimals = 0): self
    {
        return new self(MeasureKind::Number, $value, $decimals);
    }
}
