<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Stock;

use DateTimeImmutable;

/** Bottles of one resin that came together: when they were opened, how long they are good, what is left. */
final readonly class Lot
{
    /**
     * @param  float|null  $leftAMl  null where nobody wrote it down
     */
    public function __construct(
        public string $name,
        public ?DateTimeImmutable $openedOn = null,
        public ?DateTimeImmutable $bestBefore = null,
        public ?float $leftAMl = null,
        public ?float $leftBMl = null,
    ) {
    }

    /** Whether one of its parts is known to be used up. */
    public function isEmpty(): bool
    {
        return $this->leftAMl === 0.0 || $this->leftBMl === 0.0;
    }

    public function isPast(DateTimeImmutable $today): bool
    {
        return $this->bestBefore !== null && $this->bestBefore->format('Y-m-d') < $today->format('Y-m-d');
    }
}
