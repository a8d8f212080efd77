<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** The stirring has ended: from here on the mix ages. */
final readonly class StirringEnded implements CupFact
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
