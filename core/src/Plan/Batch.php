<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** Coats that are mixed together, and how. */
final readonly class Batch
{
    /**
     * @param  non-empty-list<string>  $coatIds  in the order in which they are poured
     * @param  array<string, int>  $counts  how many pieces of a coat are poured from it, where not all
     * @param  Pouring|null  $pouring  null for the usual
     * @param  int  $lift  which lift of its coats that are poured in lifts, from 1
     */
    public function __construct(
        public string $id,
        public array $coatIds,
        public array $counts,
        public MixedIn $in,
        public MeasuredHow $measure = new MeasuredHow,
        public StirredIn $stirredIn = new StirredIn,
        public int $lift = 1,
        public ?Pouring $pouring = null,
    ) {
    }

    /** @return list<ColourCup> that are poured on a coat */
    public function coloursOf(string $coatId): array
    {
        return in_array($coatId, $this->coatIds, true)
            ? array_values(array_filter($this->stirredIn->colours, static fn (ColourCup $cup): bool => $cup->isFor($coatId)))
            : [];
    }
}
