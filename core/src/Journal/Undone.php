<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** An event was taken back. */
final readonly class Undone implements Fact
{
    public function __construct(
        /** the event that does not count any more */
        public string $of,
        /** the press that it follows from */
        public ?string $by = null,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self($facts->text('of') ?? '', $facts->text('by'));
    }

    public function toFacts(): Entry
    {
        return Entry::from(['of' => $this->of, ...$this->by === null ? [] : ['by' => $this->by]]);
    }
}
