<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;

/** The cups of a coat that is mixed alone. */
final readonly class OwnCup
{
    public function __construct(
        public int $cups,
        public Origin $cupsFrom,
        public ?Sourced $residueMlPerCup,
    ) {
    }
}
