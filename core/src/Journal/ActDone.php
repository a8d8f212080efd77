<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Film\HeatTool;

/** An act was done. */
final readonly class ActDone implements FilmFact
{
    public function __construct(
        /** by its name in the schedule */
        public string $act,
        /** where that is not what was planned */
        public ?HeatTool $tool,
        /** the act as it was shown then, where it was not planned */
        public ?Entry $came,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts->text('act') ?? '',
            HeatTool::tryFrom($facts->text('tool') ?? ''),
            $facts->entry('came'),
        );
    }

    public function toFacts(): Entry
    {
        return Entry::from([
            'act' => $this->act,
            ...$this->tool === null ? [] : ['tool' => $this->tool->value],
            ...$this->came === null ? [] : ['came' => $this->came],
        ]);
    }
}
