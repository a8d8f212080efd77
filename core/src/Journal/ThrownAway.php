<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** The bottles of a lot were thrown away. */
final readonly class ThrownAway implements LotFact
{
    public static function fromFacts(Entry $facts): self
    {
        return new self;
    }

    public function toFacts(): Entry
    {
        return Entry::of();
    }
}
