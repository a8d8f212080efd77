<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** Something happened to a film that nobody planned. */
final readonly class Happened implements FilmFact
{
    public function __construct(
        /** null of what this version does not know */
        public ?Mishap $what,
        /** that is missing, where it lacks resin */
        public ?float $ml,
        public Brought $brought,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            Mishap::tryFrom($facts->text('what') ?? ''),
            $facts->number('ml'),
            Brought::fromFacts($facts),
        );
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            ...$this->what === null ? [] : ['what' => $this->what->value],
            ...$this->ml === null ? [] : ['ml' => $this->ml],
            ...$this->brought->toFacts(),
        ]);
    }
}
