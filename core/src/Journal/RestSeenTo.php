<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** What was left in a cup was seen to. */
final readonly class RestSeenTo implements CupFact
{
    public function __construct(
        public ?RestOfMix $how,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(RestOfMix::tryFrom($facts->text('how') ?? ''));
    }

    public function toFacts(): Entry
    {
        return Entry::from([...$this->how === null ? [] : ['how' => $this->how->value]]);
    }
}
