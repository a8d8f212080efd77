<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Heat\HeatRun;
use OpenGlaze\Core\Measuring\RatioError;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\ResinSheet;

/** What is in one batch, how it is measured, and how it fares in its cup. */
final readonly class BatchResult
{
    /**
     * @param  non-empty-list<Turn>  $turns  in the order in which they are poured
     * @param  HeatRun|null  $run  how it warms itself while it stands; null when its label does not tell
     * @param  float|null  $potLifeMin  until its age reaches the open time
     * @param  float  $emptiedMin  after the end of the mixing
     * @param  list<ColourShare>  $colours  in the order to colour in
     * @param  list<Swatch>  $swatches  of each colour on each coat that it is poured on
     * @param  list<Advice>  $advice
     */
    public function __construct(
        public Batch $batch,
        public ResinSheet $resin,
        public float $residueMl,
        public float $marginMl,
        public Portions $mix,
        public array $turns,
        public ?HeatRun $run,
        public ?float $heatKjKg,
        public ?float $potLifeMin,
        public float $emptiedMin,
        public ?RatioError $ratioError,
        public array $colours = [],
        public array $swatches = [],
        public array $advice = [],
    ) {
    }

    public function emptiedC(): ?float
    {
        return $this->run?->celsiusAt($this->emptiedMin);
    }

    /** Age when it is emptied, in min at the reference temperature. */
    public function emptiedAgeMin(): ?float
    {
        return $this->run?->ageAt($this->emptiedMin);
    }

    /** How much mixed resin stays clear, ml. */
    public function clearMl(): float
    {
        return max(0.0, $this->mix->totalMl() - array_sum(array_map(static fn (ColourShare $share): float => $share->resinMl, $this->colours)));
    }

    /** Splitting off and stirring its colours, min. */
    public function colouringMin(): float
    {
        return $this->turns[0]->fromMin;
    }

    /** @param  list<Advice>  $advice */
    public function withAdvice(array $advice): self
    {
        return new self($this->batch, $this->resin, $this->residueMl, $this->marginMl, $this->mix, $this->turns, $this->run, $this->heatKjKg, $this->potLifeMin, $this->emptiedMin, $this->ratioError, $this->colours, $this->swatches, $advice);
    }
}
