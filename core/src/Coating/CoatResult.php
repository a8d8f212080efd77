<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Cure\PhaseLine;
use OpenGlaze\Core\Cure\PhaseSpan;
use OpenGlaze\Core\Cure\Windows;
use OpenGlaze\Core\Film\DripPlan;
use OpenGlaze\Core\Film\FilmBehaviour;
use OpenGlaze\Core\Mix\Portions;

/** Everything that is computed for one coat. */
final readonly class CoatResult
{
    /** @param  list<Advice>  $advice */
    public function __construct(
        public CoatCase $case,
        public Volume $volume,
        public Portions $mix,
        public FilmBehaviour $film,
        public ?DripPlan $drips,
        public Windows $windows,
        public array $advice = [],
    ) {
    }

    /** @param  list<Advice>  $advice */
    public function withAdvice(array $advice): self
    {
        return new self($this->case, $this->volume, $this->mix, $this->film, $this->drips, $this->windows, $advice);
    }

    /** @return non-empty-list<PhaseSpan> */
    public function phases(): array
    {
        return PhaseLine::of($this->film->openMin, $this->windows);
    }
}
