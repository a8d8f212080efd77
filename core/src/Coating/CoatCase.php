<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Film\ChangingFilmClock;
use OpenGlaze\Core\Film\EdgeDrain;
use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Held\HeldFilm;
use OpenGlaze\Core\Plan\Coat;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\Studio;

/** One coat with all that it is computed from. */
final readonly class CoatCase
{
    public Liquid $liquid;

    public FilmClock $clock;

    /** How the film stands at the edge; null unless it is held there. */
    public ?HeldFilm $held;

    public function __construct(
        public Studio $studio,
        public Piece $piece,
        public ResinSheet $resin,
        public Coat $coat,
        public bool $isFirstCoat,
    ) {
        $this->liquid = $resin->liquid();
        $this->held = $this->computeHeld();
        $kinetics = $resin->kinetics($studio);
        $this->clock = $studio->temperatures->isSteady()
            ? new SteadyFilmClock($kinetics, $studio->temperatures->at(0.0), $coat->ageMin->value)
            : new ChangingFilmClock($kinetics, $studio->temperatures, $coat->ageMin->value);
    }

    public function heatTool(): HeatTool
    {
        return HeatTool::forPiece($this->piece->areaCm2(), $this->piece->toleratesHeat, ($this->held->share ?? 0.0) <= HeldFilm::CALM_SHARE);
    }

    /** Resin runs down an edge only where there is one to coat. */
    public function edgeDrain(): ?EdgeDrain
    {
        return ! $this->coat->isHeld() && $this->piece->coatedEdgeMm() > 0 && $this->piece->edgeDepthMm->value > 0
            ? new EdgeDrain($this->liquid, $this->clock, $this->piece->edgeDepthMm->value, $this->coat->edgeFilmMm->value)
            : null;
    }

    private function computeHeld(): ?HeldFilm
    {
        return $this->coat->isHeld() ? HeldFilm::of(
            $this->coat->thicknessMm->value,
            $this->piece->outline->areaMm2(),
            $this->piece->outline->effectiveRadiusMm(),
            $this->liquid->capillaryLengthMm(),
            $this->studio->advancingAngleDeg->value,
            $this->piece->edgeTurn->degrees(),
        ) : null;
    }

    /** Edge to be coated on all pieces together, in metres. */
    public function coatedEdgeM(): float
    {
        return $this->piece->coatedEdgeMm() / 1000 * $this->piece->quantity;
    }
}
