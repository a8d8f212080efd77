<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** How a coat is laid. */
final readonly class Manner
{
    /**
     * @param  list<Part>  $parts  in the order in which they are laid
     * @param  Sourced  $ageMin  of the mix when it is laid, at the reference temperature
     */
    public function __construct(
        public Laying $laying,
        public array $parts,
        public Sourced $ageMin,
        public ?string $dryMedia,
        public OwnCup $cup,
        /** how long a lift waits for the next; null for as soon as it may follow */
        public ?Sourced $liftIntervalH,
    ) {
    }
}
