<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;

/** One coat's turn while a batch is poured. */
final readonly class Turn
{
    /** What leaves the cup for it, ml. */
    public float $pouredMl;

    /**
     * @param  int  $count  pieces that are poured
     * @param  float  $eachMl  what leaves the cup for one of them
     */
    public function __construct(
        public CoatResult $coat,
        public int $count,
        public float $eachMl,
        public TurnTimes $times,
    ) {
        $this->pouredMl = $count * $eachMl;
    }
}
