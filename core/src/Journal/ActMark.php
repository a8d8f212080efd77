<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Film\HeatTool;

/** What became of one act: done, or skipped with a reason. */
final readonly class ActMark
{
    public function __construct(
        public string $event,
        public int $atMs,
        /** why it was skipped; null when it was done */
        public ?string $skippedBecause,
        /** what it was done with, where that is not what was planned */
        public ?HeatTool $tool = null,
        /** the act as it was shown then, where it was not planned */
        public ?Entry $came = null,
    ) {
    }

    public function isDone(): bool
    {
        return $this->skippedBecause === null;
    }
}
