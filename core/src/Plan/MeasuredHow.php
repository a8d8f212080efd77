<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Quantity\Sourced;

/** How both parts of a batch are measured. */
final readonly class MeasuredHow
{
    /**
     * @param  Sourced|null  $step  graduation in ml or resolution in g
     * @param  float|null  $fillMl  that the small cup takes up to its line, where it is measured by equal fills
     */
    public function __construct(
        public ?MeasuredBy $by = null,
        public ?Sourced $step = null,
        public ?float $fillMl = null,
    ) {
    }
}
