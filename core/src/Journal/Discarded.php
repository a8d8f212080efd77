<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** A cup was thrown away. */
final readonly class Discarded implements CupFact
{
    public function __construct(
        /** it was carried out smoking */
        public bool $isSmoked,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self($facts->text('because') === Mishap::Smoking->value);
    }

    public function toFacts(): Entry
    {
        return Entry::from([...$this->isSmoked ? ['because' => Mishap::Smoking->value] : []]);
    }
}
