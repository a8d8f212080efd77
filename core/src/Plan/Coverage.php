<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** What of the face a coat covers, and what lies in its film. */
final readonly class Coverage
{
    /**
     * @param  list<Inclusion>  $inclusions
     */
    public function __construct(
        public Sourced $texture,
        public Sourced $coveragePct,
        public ?Zone $zone,
        public Sourced $displacedMl,
        public array $inclusions,
    ) {
    }
}
