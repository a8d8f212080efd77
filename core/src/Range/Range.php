<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Range;

/** Between what eight draws of ten lie, and what that mostly comes from. */
final readonly class Range
{
    /**
     * @param  array<string, float>  $causes  share of the variance, 0 to 1, by the cause's code; the largest first
     */
    public function __construct(
        public float $low,
        public float $high,
        public array $causes,
    ) {
    }
}
