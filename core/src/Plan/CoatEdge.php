<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** What a coat does at its edges: how much stays on them, how much runs off, what holds it there. */
final readonly class CoatEdge
{
    public function __construct(
        public Sourced $filmMm,
        public Sourced $runoffPct,
        public ?Dam $dam,
        public bool $taped,
    ) {
    }
}
