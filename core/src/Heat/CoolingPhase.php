<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Film\Temperatures;

/** A time in which resin in its cup loses heat to the same surroundings. */
final readonly class CoolingPhase
{
    /**
     * @param  float  $untilMin  after the end of the mixing
     * @param  float  $cooling  share of the excess over what surrounds it that is lost in a minute
     */
    public function __construct(
        public float $untilMin,
        public float $cooling,
        public Temperatures $around,
    ) {
    }
}
