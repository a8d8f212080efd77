<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** So much was poured of a body that holds nobody knows how much. */
final readonly class Staged implements FilmFact
{
    public function __construct(
        /** above 0 */
        public float $ml,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self($facts->number('ml') ?? 0.0);
    }

    public function toFacts(): Entry
    {
        return Entry::from(['ml' => $this->ml]);
    }
}
