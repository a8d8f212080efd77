<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** More was poured onto a film that lies. */
final readonly class ToppedUp implements FilmFact
{
    public function __construct(
        /** above 0 */
        public float $ml,
        public Brought $brought,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts->number('ml') ?? 0.0,
            Brought::fromFacts($facts),
        );
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            'ml' => $this->ml,
            ...$this->brought->toFacts(),
        ]);
    }
}
