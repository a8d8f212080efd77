<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** The bottles of a lot were opened. */
final readonly class Opened implements LotFact
{
    public function __construct(
        /** year-month-day; null where nobody knows */
        public ?string $on,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self($facts->text('on'));
    }

    public function toFacts(): Entry
    {
        return Entry::from(['on' => $this->on]);
    }
}
