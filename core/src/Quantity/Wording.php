<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/** Puts quantities into sentences in a person's units. */
final readonly class Wording
{
    private const M2_PER_FT2 = 0.09290304;

    public function __construct(private UnitSystem $units = UnitSystem::Metric)
    {
    }

    /** A film thickness or a small height, given in mm. */
    public function thickness(float $mm): string
    {
        return $this->units === UnitSystem::Metric
            ? self::number($mm, 2).' mm'
            : self::number($mm / 25.4, 3).' in';
    }

    /** A length of a piece or a ripple, given in mm. */
    public function length(float $mm): string
    {
        if ($this->units === UnitSystem::Imperial) {
            return self::number($mm / 25.4, 2).' in';
        }

        return self::number($mm, $mm < 10 ? 1 : 0).' mm';
    }

    /** An amount of liquid, given in ml. */
    public function volume(float $ml): string
    {
        $floz = $ml / VolumeUnit::UsFluidOunce->ml();

        return $this->units === UnitSystem::Metric
            ? self::number($ml, $ml < 50 ? 1 : 0).' ml'
            : self::number($floz, $floz < 10 ? 2 : 1).' fl oz';
    }

    public function temperature(float $celsius): string
    {
        return $this->units === UnitSystem::Metric
            ? self::number($celsius, 1).' °C'
            : self::number($celsius * 1.8 + 32, 0).' °F';
    }

    /** A difference of temperatures, given in °C. */
    public function temperatureDifference(float $celsius): string
    {
        return $this->units === UnitSystem::Metric
            ? self::number($celsius, 1).' °C'
            : self::number($celsius * 1.8, 0).' °F';
    }

    /** A slope, given in mm per metre. */
    public function slope(float $mmPerM): string
    {
        return $this->units === UnitSystem::Metric
            ? self::number($mmPerM, 2).' mm in a metre'
            : self::number($mmPerM * $this->units->slopePerMmM(), 3).' in in a foot';
    }

    public function minutes(float $min): string
    {
        return self::number($min, 0).' min';
    }

    public function percent(float $percent): string
    {
        return self::number($percent, 0).' %';
    }

    /** Soak, given in ml/m². */
    public function soak(float $mlPerM2): string
    {
        return $this->units === UnitSystem::Metric
            ? self::number($mlPerM2, 0).' ml/m²'
            : self::number($mlPerM2 * self::M2_PER_FT2 / VolumeUnit::UsFluidOunce->ml(), 2).' fl oz a square foot';
    }

    /** A number with at most so many decimals, without trailing zeros. */
    public static function number(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
