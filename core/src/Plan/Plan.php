<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Colour\Colourant;
use OpenGlaze\Core\Colour\Recipe;

/** A studio's plan: everything that is needed to compute its coats. */
final readonly class Plan
{
    /**
     * @param  array<string, ResinSheet>  $resins  by id
     * @param  array<string, Piece>  $pieces  by id
     * @param  list<Coat>  $coats  in the order in which they are laid
     * @param  list<Batch>  $batches
     * @param  array<string, VesselSheet>  $vessels  by id
     * @param  array<string, Colourant>  $colourants  by id
     * @param  array<string, Recipe>  $recipes  by id
     */
    public function __construct(
        public Studio $studio,
        public array $resins,
        public array $pieces,
        public array $coats,
        public array $batches = [],
        public array $vessels = [],
        public array $colourants = [],
        public array $recipes = [],
    ) {
    }

    /**
     * What is stirred into the resin of a coat, by the batches that it is poured from; before it is in any, by the
     * recipes that its colours are called by.
     *
     * @return list<Colourant>
     */
    public function colourantsIn(Coat $coat): array
    {
        $doses = array_merge(...array_map(static fn (Batch $batch): array => array_merge(...array_map(static fn (ColourCup $cup): array => $cup->colour->doses, $batch->coloursOf($coat->id))), $this->batches));
        if ($doses === [] && $this->recipes !== []) {
            $doses = array_merge(...array_map(fn (Part $part): array => Recipe::called($part->colour, $this->recipes)->doses ?? [], $coat->manner->parts));
        }
        $found = [];
        foreach ($doses as $dose) {
            $found[$dose->colourant->id] = $dose->colourant;
        }

        return array_values($found);
    }

    /** What a coat's resin is thinned with, by the batches that it is poured from. */
    public function thinnerOf(string $coatId): Thinner
    {
        foreach ($this->batches as $batch) {
            if ($batch->stirredIn->thinnedWith->forbidsFlame() && in_array($coatId, $batch->coatIds, true)) {
                return $batch->stirredIn->thinnedWith;
            }
        }

        return Thinner::None;
    }
}
