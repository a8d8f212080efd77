<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** What a coat lies on, and how that is made ready. */
final readonly class Ground
{
    /**
     * @param  Sourced  $markMm  how wide the marks are that it is to level
     * @param  list<Step>  $steps  what was ticked, skipped or added by the person
     */
    public function __construct(
        public Sourced $markMm,
        public ?Sourced $reliefMm,
        public OverHard $overHard,
        public bool $afterOil,
        public bool $turnFirst,
        public array $steps,
    ) {
    }
}
