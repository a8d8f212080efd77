<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Held;

/**
 * A film held at the edge of one piece: how it meets it, and what the edge holds at most.
 *
 * Source: the edge gives way at the advancing angle plus the turn of the edge (Gibbs' condition).
 */
final readonly class HeldFilm
{
    public const STEEPEST_DEG = 180.0;

    /** Past this share of what the edge holds, moving air pushes the film over it. */
    public const CALM_SHARE = 0.6;

    /** Past this share little is left in hand. */
    public const NEAR_SHARE = 0.8;

    /** @param  float  $share  of what the edge holds above its lip */
    private function __construct(
        public ?float $edgeAngleDeg,
        public ?float $centreMm,
        public float $limitMl,
        public float $limitThicknessMm,
        public float $share,
        public ?Dome $dome,
    ) {
    }

    /**
     * @param  float  $meanMm  mean thickness of the film
     * @param  float  $areaMm2  that it covers
     * @param  float  $lipMm  what stands of a lip: flat film up to it, and above it the dome of its own edge
     */
    public static function of(float $meanMm, float $areaMm2, DomeEdge $edge, float $capillaryMm, float $advancingDeg, float $turnDeg, float $lipMm = 0.0): self
    {
        $mostDeg = self::mostDeg($advancingDeg, $turnDeg);
        $most = Dome::meetingAt($edge, $mostDeg, $capillaryMm);
        $limit = $most->meanMm();
        $domeMm = $meanMm - $lipMm;
        if ($domeMm <= 0) {
            return new self(0.0, $meanMm, ($lipMm + $limit) * $areaMm2 / 1000, $lipMm + $limit, 0.0, null);
        }
        $dome = $domeMm > $limit ? null : Dome::holding($edge, $domeMm, $capillaryMm, $mostDeg, $most);

        return new self(
            $dome?->angleDeg,
            $dome === null ? null : $lipMm + $dome->centreMm,
            ($lipMm + $limit) * $areaMm2 / 1000,
            $lipMm + $limit,
            $domeMm / $limit,
            $dome,
        );
    }

    /** The mean film in mm that the edge holds at most, above its lip. */
    public static function limitMm(DomeEdge $edge, float $capillaryMm, float $advancingDeg, float $turnDeg): float
    {
        return Dome::meetingAt($edge, self::mostDeg($advancingDeg, $turnDeg), $capillaryMm)->meanMm();
    }

    /** The angle in degrees at which the edge gives way. */
    public static function mostDeg(float $advancingDeg, float $turnDeg): float
    {
        return min(self::STEEPEST_DEG, $advancingDeg + $turnDeg);
    }
}
