<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;

/** An act was skipped. */
final readonly class ActSkipped implements FilmFact
{
    public function __construct(
        /** by its name in the schedule */
        public string $act,
        /** why */
        public string $reason,
        /** the act as it was shown then, where it was not planned */
        public ?Entry $came,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts->text('act') ?? '',
            $facts->text('reason') ?? '',
            $facts->entry('came'),
        );
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            'act' => $this->act,
            'reason' => $this->reason,
            ...$this->came === null ? [] : ['came' => $this->came],
        ]);
    }
}
