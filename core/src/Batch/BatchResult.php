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

    /** @param  list<Advice>  $advice */
    public function withAdvice(array $advice): self
    {
        return new self($this->batch, $this->resin, $this->residueMl, $this->marginMl, $this->mix, $this->turns, $this->run, $this->heatKjKg, $this->potLifeMin, $this->emptiedMin, $this->ratioError, $advice);
    }
}
