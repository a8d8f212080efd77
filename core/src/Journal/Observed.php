<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** Something was seen of a film. */
final readonly class Observed implements FilmFact
{
    public function __construct(
        /** by its code; empty where it was only written */
        public string $what,
        public string $text,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts->text('what') ?? '',
            $facts->text('text') ?? '',
        );
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            'what' => $this->what,
            'text' => $this->text,
        ]);
    }
}
