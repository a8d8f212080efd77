<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Cure\PhaseLine;
use OpenGlaze\Core\Cure\PhaseSpan;
use OpenGlaze\Core\Cure\Windows;
use OpenGlaze\Core\Edge\EdgeRun;
use OpenGlaze\Core\Film\FilmBehaviour;
use OpenGlaze\Core\Mix\Portions;

/** Everything that is computed for one coat. */
final readonly class CoatResult
{
    /** Of a film that nobody knows of when it is tack-free, h. */
    private const TACK_FREE_BY_H = 24.0;

    /** @param  list<Lift>  $lifts  the pours of a deep coat; empty unless it is dammed by total depth */
    public function __construct(
        public CoatCase $case,
        public Volume $volume,
        public Portions $mix,
        public array $lifts,
        public FilmBehaviour $film,
        public ?EdgeRun $edge,
        public Windows $windows,
    ) {
    }

    /** What stays on one piece for good, ml: film, edges' film and what climbed, less what inclusions take. */
    public function staysMl(): float
    {
        $volume = $this->volume;
        // of what is poured to run off some may stay, and more than that may run
        $edges = $this->edge === null ? 0.0 : $volume->edgesMl + $volume->runoffMl - $this->edge->drippedMl;

        return ($volume->filmMl + $edges + $volume->climbMl + $volume->displacedMl) / $this->case->piece->quantity;
    }

    /** Until when its vapours may burn, h after the pour: until it is tack-free; null where none do. */
    public function vapoursUntilH(): ?float
    {
        return AllowedHeat::over($this->case)->vapoursBurn() ? $this->windows->recoatFromH ?? self::TACK_FREE_BY_H : null;
    }

    /** @return non-empty-list<PhaseSpan> */
    public function phases(): array
    {
        return PhaseLine::of($this->film->flowing->openMin, $this->windows);
    }
}
