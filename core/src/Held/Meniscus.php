<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Held;

/**
 * Resin that climbs a wall: the lip that it leaves, and what that takes.
 *
 * Source: the two-dimensional meniscus at a plane wall (Landau and Lifshitz, Fluid Mechanics, § 61).
 */
final class Meniscus
{
    /** How high it climbs, mm: ℓ√(2(1 − sin θ_w)). */
    public static function riseMm(float $capillaryMm, float $wallAngleDeg): float
    {
        return $capillaryMm * sqrt(2 * (1 - sin(deg2rad($wallAngleDeg))));
    }

    /** What that takes, ml per metre of wall: ℓ² cos θ_w. */
    public static function climbMlPerM(float $capillaryMm, float $wallAngleDeg): float
    {
        return $capillaryMm ** 2 * cos(deg2rad($wallAngleDeg));
    }
}
