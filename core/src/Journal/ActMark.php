<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** What became of one act: done, or skipped with a reason. */
final readonly class ActMark
{
    public function __construct(
        public string $event,
        public int $atMs,
        /** why it was skipped; null when it was done */
        public ?string $skippedBecause,
    ) {
    }

    public function isDone(): bool
    {
        return $this->skippedBecause === null;
    }
}
