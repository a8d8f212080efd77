<?php

declare(strict_types=1);

namespace App\Mixing;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Plan\Plan;
use stdClass;

/** Batches of one evening, computed. */
final readonly class Evening
{
    /**
     * @param  stdClass  $document  that they were computed from
     * @param  list<CoatResult>  $coats  those of the batches, and what lies below them
     * @param  list<BatchResult>  $batches
     */
    public function __construct(
        public stdClass $document,
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
