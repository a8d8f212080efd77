<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Measuring\Container;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Quantity\Sourced;

/** Coats that are mixed together, and how. */
final readonly class Batch
{
    /**
     * @param  non-empty-list<string>  $coatIds  in the order in which they are poured
     * @param  array<string, int>  $counts  how many pieces of a coat are poured from it, where not all
     * @param  Container  $cup  that it is mixed and stands in
     * @param  Sourced|null  $emptiedMin  after the mixing; null for as long as the hands need
     * @param  Sourced|null  $step  graduation in ml or resolution in g
     * @param  list<ColourCup>  $colours  that it is split into; what they leave stays clear
     * @param  string|null  $vesselId  of its cup, where that is one of the plan's vessels
     * @param  float|null  $fillMl  that the small cup takes up to its line, where it is measured by equal fills
     * @param  int  $lift  which lift of its coats that are poured in lifts, from 1
     */
    public function __construct(
        public string $id,
        public array $coatIds,
        public array $counts,
        public int $cups,
        public Container $cup,
        public ?Sourced $residueMlPerCup = null,
        public ?Sourced $mixedAtC = null,
        public ?Sourced $emptiedMin = null,
        public ?MeasuredBy $measuredBy = null,
        public ?Sourced $step = null,
        public array $colours = [],
        public ?string $vesselId = null,
        public int $lift = 1,
        public Thinner $thinnedWith = Thinner::None,
        public ?float $fillMl = null,
    ) {
    }

    /** @return list<ColourCup> that are poured on a coat */
    public function coloursOf(string $coatId): array
    {
        return in_array($coatId, $this->coatIds, true)
            ? array_values(array_filter($this->colours, static fn (ColourCup $cup): bool => $cup->isFor($coatId)))
            : [];
    }
}
