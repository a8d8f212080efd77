<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** Both parts are in, and are being stirred. */
final readonly class StirringBegun implements CupFact
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
