<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;

/** A cup of a batch is begun: what it is to hold, as that was planned and computed then. */
final readonly class MixingBegun implements CupFact
{
    private function __construct(
        private Entry $facts,
        public PlanDocument $plan,
        /** the row of its plan */
        public ?int $planId,
        /** by its name in the plan */
        public string $batch,
        public string $title,
        /** id, cups, hardens_min; empty where it stands in none that is known */
        public Entry $vessel,
    ) {
    }

    public static function fromFacts(Entry $facts): self
    {
        return new self(
            $facts,
            $facts->at('plan', PlanDocument::class),
            $facts->whole('plan_id'),
            $facts->text('batch') ?? '',
            $facts->text('title') ?? '',
            $facts->at('vessel'),
        );
    }

    /** As they were written: plans and answers keep what this version does not know. */
    public function toFacts(): Entry
    {
        return $this->facts;
    }
}
