<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\ResinSheet;

/** What is in one batch, how it is measured, and how it fares in its cup. */
final readonly class BatchResult
{
    /** @param  non-empty-list<Turn>  $turns  in the order in which they are poured */
    public function __construct(
        public Batch $batch,
        public ResinSheet $resin,
        public BatchMix $mixed,
        public array $turns,
        public InTheCup $standing,
        public Timing $timing,
        public ColouredBatch $coloured,
    ) {
    }

    /** How much mixed resin stays clear, ml. */
    public function clearMl(): float
    {
        return max(0.0, $this->mixed->portions->totalMl() - array_sum(array_map(static fn (ColourShare $share): float => $share->resinMl, $this->coloured->shares)));
    }

    /** Splitting off and stirring its colours, min. */
    public function colouringMin(): float
    {
        return $this->turns[0]->times->fromMin;
    }

    /** Until the last of it is spread, min after the mixing. */
    public function laidMin(): float
    {
        return max($this->standing->emptiedMin, ...array_map(static fn (Turn $turn): float => $turn->times->spreadMin, $this->turns));
    }
}
