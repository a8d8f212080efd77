<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Coating\CoatResult;

/**
 * Resin that stands deeper in one place than the film was to be: how much to take off, or how long to tilt it until that has run on.
 *
 * Source: a film h on a slope s carries ρ·g·s·h³/(3η) across each metre of its width (lubrication theory).
 */
final readonly class Pooling
{
    /** A slope that one still holds with one hand, mm in a metre. */
    public const TILT_MM_PER_M = 20.0;

    /** Longer nobody holds it. */
    private const LONGEST_MIN = 10.0;

    private function __construct(
        public float $takeOffMl,
        /** null where it takes too long, or would run over the edge first */
        public ?float $tiltMin,
    ) {
    }

    /**
     * @param  float  $depthMm  how deep it stands in the pool, above 0
     * @param  float  $share  of the face that the pool takes, above 0 to 1
     * @param  float  $atMin  min after the pour
     * @return self|null null where it is no pool, or there is no face
     */
    public static function of(CoatResult $result, float $depthMm, float $share, float $atMin): ?self
    {
        $case = $result->case;
        $asked = $case->askedMm() ?? $case->filmMm();
        $areaMm2 = $case->volume->coveredMm2;
        if ($asked === null || $areaMm2 <= 0 || $depthMm <= $asked) {
            return null;
        }
        $ml = ($depthMm - $asked) * $areaMm2 * $share / 1000;
        // m³/s across the width of a pool as long as it is wide
        $flux = $case->liquid->weightNM3() * self::TILT_MM_PER_M / 1000 * ($depthMm / 1000) ** 3 / (3 * $case->clock->viscosityAt($atMin)) * sqrt($areaMm2 * $share) / 1000;
        $min = $flux <= 0 ? INF : $ml * 1e-6 / $flux / 60;

        return new self($ml, $min > self::LONGEST_MIN || $atMin >= $result->film->flowing->openMin ? null : $min);
    }
}
