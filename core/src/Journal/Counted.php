<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** What is left in the bottles of a lot was counted, or is not known any more. */
final readonly class Counted implements LotFact
{
    /** @param  array{a?: float|null, b?: float|null}  $ml  by part, 0 or more; null where nobody knows, and nothing of what was not counted */
    public function __construct(public array $ml)
    {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self([
            ...$facts->has('a_ml') ? ['a' => $facts->number('a_ml')] : [],
            ...$facts->has('b_ml') ? ['b' => $facts->number('b_ml')] : [],
        ]);
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            ...array_key_exists('a', $this->ml) ? ['a_ml' => $this->ml['a']] : [],
            ...array_key_exists('b', $this->ml) ? ['b_ml' => $this->ml['b']] : [],
        ]);
    }
}
