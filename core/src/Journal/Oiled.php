<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** Effect oil was laid into a wet film. */
final readonly class Oiled implements FilmFact
{
    public function __construct(
        /** null where nobody said */
        public ?OilLaid $how,
        /** where */
        public string $text,
        public Brought $brought,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            OilLaid::tryFrom($facts->text('how') ?? ''),
            $facts->text('text') ?? '',
            Brought::fromFacts($facts),
        );
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            ...$this->how === null ? [] : ['how' => $this->how->value],
            ...$this->text === '' ? [] : ['text' => $this->text],
            ...$this->brought->toFacts(),
        ]);
    }
}
