<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

use OpenGlaze\Core\Quantity\Sourced;

/** How much of a colourant is one of what it is counted in, ml. */
final readonly class DoseSizes
{
    /**
     * @param  float|null  $scoopMl  true volume of one scoop of its own
     */
    public function __construct(
        public Sourced $dropMl,
        public Sourced $dipMl,
        public ?float $scoopMl,
    ) {
    }
}
