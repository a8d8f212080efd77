<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Heat\Bath;
use OpenGlaze\Core\Measuring\Container;
use OpenGlaze\Core\Quantity\Sourced;

/** Where a batch is mixed and stands: in how many of what, how warm it goes in, and how long. */
final readonly class MixedIn
{
    /**
     * @param  Container  $cup  each of them
     * @param  string|null  $vesselId  where it is one of the plan's vessels
     * @param  Sourced|null  $emptiedMin  after the mixing; null for as long as the hands need
     * @param  Bath|null  $bath  that the mixed cup stands in for a while
     */
    public function __construct(
        public int $cups,
        public Container $cup,
        public ?string $vesselId = null,
        public ?Sourced $residueMlPerCup = null,
        public ?Sourced $mixedAtC = null,
        public ?Sourced $emptiedMin = null,
        public ?Bath $bath = null,
    ) {
    }
}
