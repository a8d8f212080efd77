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
     * A wide film's surface from its edge inwards: how far in and how high, mm; the same curve as a
     * meniscus turned over. For a wall the height is that above the film, and falls.
     *
     * @param  float  $angle  at the edge, radians
     * @param  float|null  $heightMm  of the flat middle; null for a film that climbs a wall
     * @return non-empty-list<array{float, float}>
     */
    public static function fromEdge(float $angle, float $capillaryMm, ?float $heightMm): array
    {
        $along = static fn (float $phi): float => $capillaryMm * (log(tan($phi / 4)) + 2 * cos($phi / 2));
        $points = [];
        for ($i = 0; $i <= self::DRAWN; $i++) {
            // closer together where it is flat, since it goes on for long there
            $phi = $angle * (1 - $i / (self::DRAWN + 1)) ** 2;
            $below = 2 * $capillaryMm * sin($phi / 2);
            $points[] = [$along($angle) - $along($phi), $heightMm === null ? $below : $heightMm - $below];
        }

        return $points;
    }

    /**
     * What climbs a wall, from it inwards: how far in and how high above the film, mm.
     *
     * @return non-empty-list<array{float, float}>
     */
    public static function atWall(float $capillaryMm, float $wallAngleDeg): array
    {
        return self::fromEdge(deg2rad(max(0.1, 90 - $wallAngleDeg)), $capillaryMm, null);
    }

    /** What that takes, ml per metre of wall: ℓ² cos θ_w. */
    public static function climbMlPerM(float $capillaryMm, float $wallAngleDeg): float
    {
        return $capillaryMm ** 2 * cos(deg2rad($wallAngleDeg));
    }
}
