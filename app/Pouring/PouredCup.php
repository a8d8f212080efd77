<?php

declare(strict_types=1);

namespace App\Pouring;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Journal\CupRecord;
use OpenGlaze\Core\Weighing\Weighing;

/** A mixed cup that is poured out: what was planned of it, and what went into it. */
final readonly class PouredCup
{
    public function __construct(
        public string $id,
        public BatchResult $batch,
        public CupRecord $record,
        public Weighing $weighing,
    ) {
    }
}
