<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Mix\Portions;

/** One pour of a deep coat. */
final readonly class Lift
{
    public function __construct(
        public float $depthMm,
        public Volume $volume,
        public Portions $mix,
        public ?float $peakC,
    ) {
    }
}
