<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** One of the checks of an evening was ticked. */
final readonly class Checked implements EveningFact
{
    public function __construct(
        /** by its name */
        public string $check,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self($facts->text('check') ?? '');
    }

    public function toFacts(): Entry
    {
        return Entry::from(['check' => $this->check]);
    }
}
