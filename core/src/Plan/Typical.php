<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/**
 * What resins of a family usually are, until the label says. A depth is only to judge by: no pour is planned by it.
 *
 * Source: typical values of each family.
 */
final readonly class Typical
{
    /** A resin's own density lies within this share of the typical one (95 %), its viscosity within that. */
    public const DENSITY_SPREAD = 0.03;

    public const VISCOSITY_SPREAD = 0.3;

    public const VISCOSITY_AT_C = 25.0;

    public const REFERENCE_C = 23.0;

    private function __construct(
        public float $densityAGMl,
        public float $densityBGMl,
        public float $viscosityPaS,
        /** the deepest layer that is poured of it */
        public float $deepestMm,
    ) {
    }

    /** Null for polyester: its label has to say. */
    public static function of(ResinFamily $family): ?self
    {
        return match ($family) {
            ResinFamily::Coating => new self(1.13, 1.00, 1.0, 6.0),
            ResinFamily::Casting => new self(1.10, 0.97, 0.35, 25.0),
            ResinFamily::Fast => new self(1.13, 1.00, 0.9, 3.0),
            ResinFamily::Dome => new self(1.12, 1.02, 1.5, 6.0),
            ResinFamily::Polyester => null,
        };
    }
}
