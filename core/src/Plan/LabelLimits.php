<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** What the label allows. */
final readonly class LabelLimits
{
    public function __construct(
        public ?Sourced $maxPourMm,
        public ?Sourced $minBatchMl,
        public Sourced $ratioTolerancePct,
        public Sourced $colourantLimitPct,
        public Sourced $wateryLimitPct,
        public ?Sourced $fillerLimitPct,
    ) {
    }
}
