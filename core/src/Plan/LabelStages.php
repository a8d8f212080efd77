<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** From when on the film can be coated, sanded, handled; hours at the label's temperature, null where it does not say. */
final readonly class LabelStages
{
    public function __construct(
        public ?Sourced $recoatFromH,
        public ?Sourced $recoatToH,
        public ?Sourced $sandFromH,
        public ?Sourced $handleH,
        public ?Sourced $fullCureH,
    ) {
    }
}
