<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;

/** Some or all pieces of one coat, poured from one batch. */
final readonly class Share
{
    /** What leaves the cup for it, ml. A coat in lifts is mixed lift by lift: the first of them. */
    public float $pouredMl;

    /** Laying and spreading it, min. */
    public float $layingMin;

    /** @param  int  $count  pieces, 1 or more */
    public function __construct(public CoatResult $coat, public int $count)
    {
        $volume = $coat->lifts === [] ? $coat->volume : $coat->lifts[0]->volume;
        $this->pouredMl = $volume->poured() * $count / $coat->case->piece->quantity;
        $this->layingMin = Hands::layingMin($coat->case) * $count;
    }
}
