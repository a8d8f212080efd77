<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/**
 * Constants of nature used throughout the core.
 *
 * Source: CODATA 2018 (gas constant), ISO 80000-3 (standard gravity).
 */
final class Physics
{
    /** Standard gravity, m/s². */
    public const GRAVITY_M_S2 = 9.80665;

    /** Molar gas constant, J/(mol K). */
    public const GAS_CONSTANT_J_MOL_K = 8.314462618;

    /** 0 °C in kelvin. */
    public const ZERO_CELSIUS_K = 273.15;

    private function __construct()
    {
    }

    /** Absolute temperature in kelvin of a temperature in °C. */
    public static function kelvin(float $celsius): float
    {
        return $celsius + self::ZERO_CELSIUS_K;
    }
}
