<?php

declare(strict_types=1);

namespace App\Mixing;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Plan\Plan;

/** Batches of one evening, computed. */
final readonly class Evening
{
    /**
     * @param  PlanDocument  $document  that they were computed from
     * @param  list<CoatResult>  $coats  those of the batches, and what lies below them
     * @param  list<BatchResult>  $batches
     */
    public function __construct(
        public PlanDocument $document,
        public Plan $plan,
        public array $coats,
        public array $batches,
    ) {
    }

    public function batch(string $id): ?BatchResult
    {
        foreach ($this->batches as $batch) {
            if ($batch->batch->id === $id) {
                return $batch;
            }
        }

        return null;
    }
}
