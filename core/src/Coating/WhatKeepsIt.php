<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Edge\WetEdge;
use OpenGlaze\Core\Film\ChangingFilmClock;
use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Numeric\Root;

/** What would keep an open film on its face that runs over its edge. */
final readonly class WhatKeepsIt
{
    /** What counts as kept, of what is asked. */
    public const KEPT_SHARE = 0.9;

    /** As many coats as anybody lays of one film. */
    public const MOST_COATS = 20;

    /** So much more may be laid than is asked to keep it. */
    private const MOST_MORE = 1.5;

    /** In a room of more temperatures than these, an age is worked out as if it kept the first. */
    private const MOST_TEMPERATURES = 500;

    private function __construct(
        private CoatCase $case,
        private WetEdge $edge,
        /** the film that is asked for, mm */
        public float $askedMm,
    ) {
    }

    /** null where nothing runs over an edge. */
    public static function of(CoatCase $case): ?self
    {
        $edge = $case->wetEdge();

        $asked = $case->askedMm();

        return $edge === null || $asked === null || ! $edge->film->runs() ? null : new self($case, $edge, $asked);
    }

    /** Whether nine tenths of what is asked stay. */
    public function isKept(): bool
    {
        return $this->edge->staysMm() >= self::KEPT_SHARE * $this->askedMm * (1 - 1e-9);
    }

    /** The fewest equal coats of which nothing runs; null where nobody would lay so many. */
    public function coats(): ?int
    {
        $count = (int) ceil($this->askedMm * (1 + $this->case->volume->runoffShare) / $this->edge->film->face->keepsMm - 1e-9);

        return $count > self::MOST_COATS ? null : $count;
    }

    /** What the edge holds where nothing is flooded over it, mm; null where it holds less than is asked. */
    public function heldMm(): ?float
    {
        $holds = $this->case->edgeHoldsMm();

        return $holds === null || $holds < $this->askedMm ? null : $holds;
    }

    /** How old it must be laid, minutes at the reference temperature, so that nine tenths stay; null where it would be past its open time. */
    public function leastAgeMin(): ?float
    {
        $open = $this->case->resin->times->openMin->value;
        $from = $this->case->clock->ageAtPourMin();
        $short = fn (float $age): float => $this->edge->film->meanMm($this->clockFrom($age)->mobilityInTheEnd()) - self::KEPT_SHARE * $this->askedMm;
        if ($from >= $open || $short($open) < 0) {
            return null;
        }

        return $short($from) >= 0 ? $from : Root::of($short, $from, $open, 1e-3, 1e-5);
    }

    /** How much to lay, with what runs off, so that all that is asked stays, mm; null where that is more than half as much again. */
    public function layMm(): ?float
    {
        $laid = $this->case->laidToStay()?->laidMm($this->askedMm);

        return $laid === null || $laid > self::MOST_MORE * $this->askedMm ? null : $laid;
    }

    /** The same as per cent of the film to be poured on top of it; null where that is more than half of it. */
    public function runoffPct(): ?float
    {
        $laid = $this->layMm();

        return $laid === null ? null : ceil(1000 * ($laid / $this->askedMm - 1)) / 10;
    }

    private function clockFrom(float $ageMin): FilmClock
    {
        $kinetics = $this->case->resin->kinetics($this->case->studio);
        $room = $this->case->studio->room->temperatures;

        return $room->isSteady() || count($room->bends()) > self::MOST_TEMPERATURES
            ? new SteadyFilmClock($kinetics, $room->at(0.0), $ageMin)
            : new ChangingFilmClock($kinetics, $room, $ageMin);
    }
}
