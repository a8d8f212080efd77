<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** A film is off the bench. */
final readonly class TakenOff implements FilmFact
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
