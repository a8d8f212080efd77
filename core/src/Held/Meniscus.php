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
    /** Points of a drawn curve. */
    private const DRAWN = 24;

    /** How high it climbs, mm: ℓ√(2(1 − sin θ_w)). */
    public static function riseMm(float $capillaryMm, float $wallAngleDeg): float
    {
        return $capillaryMm * sqrt(2 * (1 - sin(deg2rad($wallAngleDeg))));
    }

    /**
     * Where the surface of a wide film, or of one that climbs a wall, slopes so, measured along the level, mm:
     * differences of it are distances.
     *
     * @param  float  $slope  above 0, radians
     */
    public static function acrossMm(float $slope, float $capillaryMm): float
    {
        return $capillaryMm * (log(tan($slope / 4)) + 2 * cos($slope / 2));
    }

    /**
     * What climbs a wall, from it inwards: how far in and how high above the film, mm.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function atWall(float $capillaryMm, float $wallAngleDeg): array
    {
        $steepest = deg2rad(max(0.1, 90 - $wallAngleDeg));
        $points = [];
        for ($i = 0; $i <= self::DRAWN; $i++) {
            // closer together where it is flat, since it goes on for long there
            $slope = $steepest * (1 - $i / (self::DRAWN + 1)) ** 2;
            $points[] = [self::acrossMm($steepest, $capillaryMm) - self::acrossMm($slope, $capillaryMm), 2 * $capillaryMm * sin($slope / 2)];
        }

        return $points;
    }

    /** What that takes, ml per metre of wall: ℓ² cos θ_w. */
    public static function climbMlPerM(float $capillaryMm, float $wallAngleDeg): float
    {
        return $capillaryMm ** 2 * cos(deg2rad($wallAngleDeg));
    }
}
