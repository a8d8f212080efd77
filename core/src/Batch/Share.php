<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;

/** Some or all pieces of one coat, poured from one batch. */
final readonly class Share
{
    /** What leaves the cup for one piece, ml. A coat in lifts is mixed lift by lift. */
    public float $eachMl;

    /** What leaves the cup for it, ml. */
    public float $pouredMl;

    /** Pouring one piece, min. */
    public float $pourEachMin;

    /** Spreading one, min. */
    public float $spreadEachMin;

    /** Whether what it is laid for is made in the pour, so that each is finished before the next. */
    public bool $isMadeInThePour;

    private bool $keepsItsShape;

    private float $filmMm;

    /** @var list<string> the colours that it is laid in */
    public array $colours;

    /**
     * Thin films first, for they have the least time to level; what is to keep its shape last, for it wants to be thick.
     *
     * @param  non-empty-list<self>  $shares
     * @return non-empty-list<self>
     */
    public static function inPourOrder(array $shares): array
    {
        usort($shares, static fn (self $a, self $b): int => [$a->keepsItsShape, $a->filmMm] <=> [$b->keepsItsShape, $b->filmMm]);

        return $shares;
    }

    /** Pouring and spreading all of it, min. */
    public function layingMin(): float
    {
        return $this->count * ($this->pourEachMin + $this->spreadEachMin);
    }

    /**
     * @param  int  $count  pieces, 1 or more
     * @param  int  $lift  which of its lifts, from 1, where it has some
     */
    public function __construct(public CoatResult $coat, public int $count, public int $lift = 1)
    {
        $volume = $coat->lifts === [] ? $coat->volume : ($coat->lifts[$lift - 1] ?? $coat->lifts[0])->volume;
        $this->eachMl = $volume->poured() / $coat->case->piece->quantity;
        $this->pouredMl = $this->eachMl * $count;
        $this->pourEachMin = Hands::pourMin($this->eachMl);
        $this->spreadEachMin = max(0.0, Hands::layingMin($coat->case) - $this->pourEachMin);
        $this->isMadeInThePour = $coat->case->coat->manner->isMadeInThePour();
        $this->keepsItsShape = $coat->case->coat->keepsItsShape();
        $this->filmMm = $coat->case->filmMm() ?? INF;
        $this->colours = Colouring::coloursOf($coat);
    }
}
