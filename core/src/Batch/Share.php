<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;

/** Some or all pieces of one coat, poured from one batch. */
final readonly class Share
{
    /** What leaves the cup for it, ml. A coat in lifts is mixed lift by lift. */
    public float $pouredMl;

    /** Laying and spreading it, min. */
    public float $layingMin;

    /** @var list<string> the colours that it is laid in */
    public array $colours;

    /**
     * How long it takes to colour and lay some of them out of one cup, min.
     *
     * @param  list<self>  $shares
     */
    public static function minutes(array $shares): float
    {
        $colours = array_unique(array_merge([], ...array_map(static fn (self $share): array => $share->colours, $shares)));

        return Hands::colouringMin(count($colours)) + array_sum(array_map(static fn (self $share): float => $share->layingMin, $shares));
    }

    /**
     * @param  int  $count  pieces, 1 or more
     * @param  int  $lift  which of its lifts, from 1, where it has some
     */
    public function __construct(public CoatResult $coat, public int $count, public int $lift = 1)
    {
        $volume = $coat->lifts === [] ? $coat->volume : ($coat->lifts[$lift - 1] ?? $coat->lifts[0])->volume;
        $this->pouredMl = $volume->poured() * $count / $coat->case->piece->quantity;
        $this->layingMin = Hands::layingMin($coat->case) * $count;
        $this->colours = Colouring::coloursOf($coat);
    }
}
