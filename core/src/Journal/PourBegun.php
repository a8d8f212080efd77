<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\KeptCoat;
use OpenGlaze\Core\Document\PlanDocument;

/** A pour has begun: its plan, and what was computed of it then. */
final readonly class PourBegun implements FilmFact
{
    private function __construct(
        private Entry $facts,
        /** with its room; its last coat is the one that is poured */
        public PlanDocument $plan,
        public KeptCoat $result,
        public ?int $pieceId,
        public ?int $coatId,
        /** that it is poured from, by its UUID; null for one of its own */
        public ?string $cup,
        public string $title,
        /** which of the pours of a deep coat, from 1 */
        public ?int $lift,
        /** pieces, where not all of its plan */
        public ?int $count,
        /** why it was begun in spite of a stop */
        public ?string $reason,
        /** of the batch that it is poured from: a_ml, b_ml, a_g, b_g, total_ml */
        public ?Entry $share,
        /** when its stirring ended, ms since 1970; null where that is when it was pressed */
        public ?int $startedMs,
        /** as far as its cup tells */
        public TookSaid $took,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts,
            $facts->at('plan', PlanDocument::class),
            $facts->at('result', KeptCoat::class),
            $facts->whole('piece_id'),
            $facts->whole('coat_id'),
            $facts->text('cup'),
            $facts->text('title') ?? '',
            $facts->whole('lift'),
            $facts->whole('count'),
            $facts->text('reason'),
            $facts->entry('share'),
            $facts->whole('started_ms'),
            TookSaid::fromFacts($facts),
        );
    }

    /** As they were written: plans and answers keep what this version does not know. */
    public function toFacts(): Entry
    {
        return $this->facts;
    }
}
