<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Run\Gloves;

/** What is done over the pieces with one pair of hands, one after the other. */
final readonly class Round
{
    /** @param  non-empty-list<LaidAct>  $acts  in the order of the hands */
    public function __construct(
        public Gloves $gloves,
        /** whether the sticky pair comes off before it, or a fresh hand gets sticky */
        public bool $changes,
        public array $acts,
    ) {
    }
}
