<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** One even layer of what a film lies on. */
final readonly class Slab
{
    public function __construct(
        public float $depthM,
        /** W/(m K) */
        public float $conductivity,
        /** J/(m³ K) */
        public float $heatCapacity,
    ) {
    }
}
