<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** One step of the weighing came to so much. */
final readonly class Weighed implements CupFact
{
    public function __construct(
        /** of the weighing: a, b, more_a_1, or a colour */
        public string $step,
        /** 0 or more */
        public float $grams,
        /** null in rows that are older than the question */
        public ?ReadBy $by,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts->text('step') ?? '',
            $facts->number('grams') ?? 0.0,
            ReadBy::tryFrom($facts->text('by') ?? ''),
        );
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            'step' => $this->step,
            'grams' => $this->grams,
            ...$this->by === null ? [] : ['by' => $this->by->value],
        ]);
    }
}
