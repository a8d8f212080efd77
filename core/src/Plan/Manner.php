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
        /** in how many lifts it is poured; null for as few as may be */
        public ?int $lifts = null,
    ) {
    }

    /** Whether some of it is laid in a way that makes its effect while it is poured. */
    public function isMadeInThePour(): bool
    {
        foreach ([$this->laying, ...array_map(fn (Part $part): Laying => $part->laying ?? $this->laying, $this->parts)] as $laying) {
            if ($laying->isMadeInThePour()) {
                return true;
            }
        }

        return false;
    }
}
