<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Mix\CatalystTable;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Quantity\Sourced;

/** What is mixed: two parts by a ratio, or resin and catalyst by a table. */
final readonly class ResinParts
{
    public function __construct(
        public ?Mixture $ratioMixture,
        public ?CatalystTable $catalyst,
        public Sourced $densityAGMl,
        public ?Sourced $densityBGMl,
        /** goes into the cup first */
        public PartName $firstPart,
    ) {
    }
}
