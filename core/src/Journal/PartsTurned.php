<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Plan\PartName;

/** The other part went in first. */
final readonly class PartsTurned implements CupFact
{
    public function __construct(
        /** that went in first */
        public ?PartName $first,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(PartName::tryFrom($facts->text('first') ?? ''));
    }

    public function toFacts(): Entry
    {
        return Entry::from([...$this->first === null ? [] : ['first' => $this->first->value]]);
    }
}
