<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** Warm water in which a mixed cup stands for a while, so that it runs. */
final readonly class Bath
{
    /** What a wall in water takes or gives, W/(m² K). */
    public const LOSS_W_M2_K = 150.0;

    /**
     * @param  float  $fromMin  after the end of the mixing, 0 or more
     * @param  float  $toMin  after it
     */
    public function __construct(
        public float $fromMin,
        public float $toMin,
        public float $celsius,
    ) {
    }
}
