<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Quantity\Sourced;

/** Coats that are mixed together, and how. */
final readonly class Batch
{
    /**
     * @param  non-empty-list<string>  $coatIds  in the order in which they are poured
     * @param  array<string, int>  $counts  how many pieces of a coat are poured from it, where not all
     * @param  Vessel|null  $vessel  that it stands in; null when nothing is known of it
     * @param  float|null  $cupDiameterMm  where only that is known
     * @param  Sourced|null  $emptiedMin  after the mixing; null for as long as the hands need
     * @param  Sourced|null  $step  graduation in ml or resolution in g
     */
    public function __construct(
        public string $id,
        public array $coatIds,
        public array $counts,
        public int $cups,
        public ?Vessel $vessel,
        public ?float $cupDiameterMm,
        public ?Sourced $residueMlPerCup,
        public ?Sourced $mixedAtC,
        public ?Sourced $emptiedMin,
        public ?MeasuredBy $measuredBy,
        public ?Sourced $step,
    ) {
    }
}
