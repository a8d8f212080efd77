<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Held;

/**
 * A film held at the edge of one piece: how it meets it, and what the edge holds at most. Pieces that
 * are not round stand as the round piece with the same ratio of area to edge.
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
        public ?Puddle $puddle,
    ) {
    }

    /**
     * @param  float  $meanMm  mean thickness of the film
     * @param  float  $areaMm2  that it covers
     * @param  float  $radiusMm  effective radius of its outline
     * @param  float  $lipMm  what stands of a lip: flat film up to it, and above it the dome of its own edge
     */
    public static function of(float $meanMm, float $areaMm2, float $radiusMm, float $capillaryMm, float $advancingDeg, float $turnDeg, float $lipMm = 0.0): self
    {
        $mostDeg = self::mostDeg($advancingDeg, $turnDeg);
        $most = Puddle::meetingAt($radiusMm, $mostDeg, $capillaryMm);
        $limit = $most->meanMm();
        $domeMm = $meanMm - $lipMm;
        if ($domeMm <= 0) {
            return new self(0.0, $meanMm, ($lipMm + $limit) * $areaMm2 / 1000, $lipMm + $limit, 0.0, null);
        }
        $puddle = $domeMm > $limit ? null : Puddle::holding($radiusMm, $domeMm, $capillaryMm, $mostDeg, $most);

        return new self(
            $puddle?->angleDeg,
            $puddle === null ? null : $lipMm + $puddle->centreMm,
            ($lipMm + $limit) * $areaMm2 / 1000,
            $lipMm + $limit,
            $domeMm / $limit,
            $puddle,
        );
    }

    /** The angle in degrees at which the edge gives way. */
    public static function mostDeg(float $advancingDeg, float $turnDeg): float
    {
        return min(self::STEEPEST_DEG, $advancingDeg + $turnDeg);
    }
}
