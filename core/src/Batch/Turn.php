<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;

/** One coat's turn while a batch is poured, in min after the end of the mixing. */
final readonly class Turn
{
    /** @param  int  $count  pieces that are poured */
    public function __construct(
        public CoatResult $coat,
        public int $count,
        public float $fromMin,
        public float $toMin,
        /** what leaves the cup for it, ml */
        public float $pouredMl,
        /** age of the mix when its last piece is spread, in min at the reference temperature; null when it cannot be told */
        public ?float $ageMin,
    ) {
    }
}
