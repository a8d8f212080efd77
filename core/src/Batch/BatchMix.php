<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Measuring\RatioError;
use OpenGlaze\Core\Mix\Portions;

/** How much of a batch is mixed, and how well it can be measured. */
final readonly class BatchMix
{
    /**
     * @param  float  $residueMl  what stays in its cups
     * @param  float  $marginMl  for safety
     */
    public function __construct(
        public float $residueMl,
        public float $marginMl,
        public Portions $portions,
        public ?RatioError $ratioError,
    ) {
    }
}
