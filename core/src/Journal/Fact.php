<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/**
 * What an event says, as its kind has it.
 *
 * @phpstan-sealed CupFact|FilmFact|LotFact|EveningFact|Undone
 */
interface Fact
{
    /** Reads rows of every version. */
    public static function fromFacts(Entry $facts): self;

    public function toFacts(): Entry;
}
