<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Plan\Studio;

/** The room as it is computed with, entered or assumed. */
final class RoomInForce
{
    /** @return array{temperature_c: float, humidity_pct: float, slope_mm_per_m: float, margin_pct: float, spread_min: float, second_torch_min: float} */
    public static function of(Studio $studio): array
    {
        return [
            'temperature_c' => $studio->room->temperatures->at(0.0),
            'humidity_pct' => $studio->room->humidityPct->value,
            'slope_mm_per_m' => $studio->room->slopeMmPerM->value,
            'margin_pct' => $studio->hands->marginPct->value,
            'spread_min' => $studio->hands->spreadMin->value,
            'second_torch_min' => $studio->hands->secondTorchMin->value,
        ];
    }
}
