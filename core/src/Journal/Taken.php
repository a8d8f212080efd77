<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** So much was taken out of the bottles of a lot. */
final readonly class Taken implements LotFact
{
    public function __construct(
        /** ml, 0 or more */
        public float $aMl,
        public float $bMl,
        /** the event of the mix that took it */
        public string $by,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self($facts->number('a_ml') ?? 0.0, $facts->number('b_ml') ?? 0.0, $facts->text('by') ?? '');
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            ...$this->aMl > 0 ? ['a_ml' => $this->aMl] : [],
            ...$this->bMl > 0 ? ['b_ml' => $this->bMl] : [],
            'by' => $this->by,
        ]);
    }
}
