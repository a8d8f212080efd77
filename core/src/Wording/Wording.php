<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Wording;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\MeasureKind;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Quantity\VolumeUnit;

/** Puts quantities into a person's units. */
final readonly class Wording
{
    private const M2_PER_FT2 = 0.09290304;

    private const MM_PER_IN = 25.4;

    public function __construct(private Catalogue $catalogue, private UnitSystem $units)
    {
    }

    public function say(Measure $measure): string
    {
        if ($measure->kind === MeasureKind::Count) {
            return number_format($measure->value, 0, '.', $this->catalogue->line('quantities.thousands'));
        }
        [$unit, $value, $decimals] = $this->units === UnitSystem::Metric ? self::metric($measure) : $this->imperial($measure);
        $number = self::number($value, $measure->decimals ?? $decimals);

        return $unit === '' ? $number : strtr($this->catalogue->line('quantities.'.$unit), [':n' => $number]);
    }

    /** A number with at most so many decimals, without trailing zeros. */
    private static function number(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** @return array{string, float, int} unit, value, decimals */
    private static function metric(Measure $measure): array
    {
        $value = $measure->value;

        return match ($measure->kind) {
            MeasureKind::Thickness => ['mm', $value, 2],
            MeasureKind::Length => ['mm', $value, $value < 10 ? 1 : 0],
            MeasureKind::Volume => ['ml', $value, $value < 50 ? 1 : 0],
            MeasureKind::Temperature, MeasureKind::TemperatureDifference => ['celsius', $value, 1],
            MeasureKind::Slope => ['mm_per_m', $value, 2],
            MeasureKind::Minutes => ['min', $value, 0],
            MeasureKind::Hours => ['h', $value, 1],
            MeasureKind::Percent => ['percent', $value, 0],
            MeasureKind::Soak => ['ml_per_m2', $value, 0],
            MeasureKind::Count, MeasureKind::Number => ['', $value, 0],
        };
    }

    /** @return array{string, float, int} unit, value, decimals */
    private function imperial(Measure $measure): array
    {
        $value = $measure->value;
        $floz = $value / VolumeUnit::UsFluidOunce->ml();

        return match ($measure->kind) {
            MeasureKind::Thickness => ['in', $value / self::MM_PER_IN, 3],
            MeasureKind::Length => ['in', $value / self::MM_PER_IN, 2],
            MeasureKind::Volume => ['floz', $floz, $floz < 10 ? 2 : 1],
            MeasureKind::Temperature => ['fahrenheit', $value * 1.8 + 32, 0],
            MeasureKind::TemperatureDifference => ['fahrenheit', $value * 1.8, 0],
            MeasureKind::Slope => ['in_per_ft', $value * $this->units->slopePerMmM(), 3],
            MeasureKind::Soak => ['floz_per_ft2', $floz * self::M2_PER_FT2, 2],
            default => self::metric($measure),
        };
    }
}
