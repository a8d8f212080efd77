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
    ) {
    }
}
