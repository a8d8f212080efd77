<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Edge\EdgeRun;
use OpenGlaze\Core\Edge\WetEdge;
use OpenGlaze\Core\Edge\Wipes;

/** What the edge keeps, what stays on the face, what runs over and drips off, and when to wipe. */
final readonly class EdgeTraces
{
    /** The law's own time, as an expression. */
    private const TIME = 'density * 1000 * gravity * (keeps_mm / 1000) ** 3 * mobility / (3 * (reach_mm / 1000) ** 2)';

    private FilmInputs $inputs;

    private FaceInputs $face;

    public function __construct(private CoatResult $result)
    {
        $this->inputs = new FilmInputs($result);
        $this->face = new FaceInputs($result->case);
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $run = $this->result->edge;
        $edge = $this->result->case->wetEdge();

        return $run === null || $edge === null ? [] : [
            $this->laid($run), $this->keeps($run), $this->stays($run), $this->runsOff($run),
            ...$run->edgeFilmLeftMm === null ? [] : [$this->filmLeft($run, $edge)],
            $this->dripped($run, $edge),
            ...$this->wipes($run, $edge),
        ];
    }

    private function laid(EdgeRun $run): Trace
    {
        $volume = $this->result->volume;

        return new Trace('laid_mm', 'Laid on the face', 'mm', $run->laidMm, 'the film, and what is poured on top to run off, over the face that it covers',
            '(film_ml + runoff_ml) * 10 / covered_cm2 / quantity', [
                TraceInput::computed('film_ml', 'film', $volume->filmMl, 'ml', 'film'),
                TraceInput::computed('runoff_ml', 'run-off', $volume->runoffMl, 'ml', 'runoff'),
                $this->face->covered(), $this->face->quantity(),
            ]);
    }

    private function keeps(EdgeRun $run): Trace
    {
        return new Trace('keeps_mm', 'The edge keeps a film of', 'mm', $run->keepsMm,
            'where the film\'s own weight and the pull of the corner balance: the rounder the edge, the less it keeps',
            '(sqrt(edge_radius_mm ** 2 + 4 * tension / (density * 1000 * gravity) * 1000000) - edge_radius_mm) / 2', [
                TraceInput::sourced('edge_radius_mm', 'radius of the edge', $this->result->case->piece->edgeRadiusMm, 'mm'),
                $this->inputs->tension(), $this->inputs->density(), $this->inputs->gravity(),
            ]);
    }

    private function stays(EdgeRun $run): Trace
    {
        return new Trace('stays_mm', 'Stays on the face', 'mm', $run->staysMm,
            'what is laid thicker than the edge keeps runs over until it gels: the flow over the whole face, solved',
            'keeps_mm * thinned(laid_mm / keeps_mm, '.self::TIME.')', [$this->laidInput($run), ...$this->flowing($run)], $this->inputs->note());
    }

    private function runsOff(EdgeRun $run): Trace
    {
        return new Trace('runs_off_ml', 'Runs over the edge', 'ml', $run->runsOffMl, 'what is laid less what stays, over the covered face of all pieces',
            '(laid_mm - stays_mm) * covered_cm2 / 10 * quantity', [
                $this->laidInput($run), TraceInput::computed('stays_mm', 'stays', $run->staysMm, 'mm', 'stays_mm'), $this->face->covered(), $this->face->quantity(),
            ]);
    }

    private function filmLeft(EdgeRun $run, WetEdge $edge): Trace
    {
        $held = 'min(edge_film_mm, 1000 * 2 / 3 * sqrt(edge_depth_mm / 1000 / (density * 1000 * gravity * mobility)))';
        if (! $edge->face->runs()) {
            return new Trace('edge_film_left_mm', 'Stays on the edge', 'mm', $run->edgeFilmLeftMm,
                'what a wet vertical edge holds when the film has stopped flowing, after Jeffreys', $held,
                [$this->edgeFilm(), $this->edgeDepth(), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility()]);
        }

        return new Trace('edge_film_left_mm', 'Stays on the edge', 'mm', $run->edgeFilmLeftMm,
            'what a wet vertical edge holds when the film has stopped flowing, after Jeffreys; or, where the face still feeds it, what carries that down',
            "max($held, min(keeps_mm, edge_film_mm + (laid_mm - stays_mm) * reach_mm / edge_depth_mm, (keeps_mm ** 4 * overflow(laid_mm / keeps_mm, 0.999 * ".self::TIME.') / reach_mm) ** (1 / 3)))',
            [$this->edgeFilm(), $this->edgeDepth(), $this->laidInput($run), TraceInput::computed('stays_mm', 'stays', $run->staysMm, 'mm', 'stays_mm'), ...$this->flowing($run)]);
    }

    private function dripped(EdgeRun $run, WetEdge $edge): Trace
    {
        $runsOff = TraceInput::computed('runs_off_ml', 'runs over the edge', $run->runsOffMl, 'ml', 'runs_off_ml');
        if ($run->edgeFilmLeftMm === null) {
            return new Trace('dripped_ml', 'Drips off in all', 'ml', $run->drippedMl, 'what runs over the edge', 'runs_off_ml', [$runsOff]);
        }

        return new Trace('dripped_ml', 'Drips off in all', 'ml', $run->drippedMl,
            'what runs over the edge, and what was put on it less what stays there, over the coated edge of all pieces',
            'runs_off_ml + max(0, edge_film_mm - edge_film_left_mm) * edge_depth_mm * coated_edge_m', [
                $runsOff, $this->edgeFilm(),
                TraceInput::computed('edge_film_left_mm', 'stays on the edge', $edge->filmLeftMm(), 'mm', 'edge_film_left_mm'),
                $this->edgeDepth(),
                TraceInput::computed('coated_edge_m', 'coated edge of all pieces', $this->result->case->coatedEdgeM(), 'm', 'coated_edge_mm'),
            ]);
    }

    /** @return list<Trace> */
    private function wipes(EdgeRun $run, WetEdge $edge): array
    {
        $traces = [new Trace('wipe_1_min', 'First wipe', 'min', $run->wipesMin[0],
            'ten minutes after the pour, at the room\'s pace',
            $this->inputs->minutesToAge('age_min + 10'),
            [$this->inputs->ageAtPour(), ...array_slice($this->inputs->forAge(), 1)], $this->inputs->note())];
        foreach (array_slice($run->wipesMin, 1) as $index => $min) {
            $figure = 'wipe_'.($index + 2).'_min';
            if ($index === count($run->wipesMin) - 2) {
                $traces[] = new Trace($figure, 'Last wipe', 'min', $min, 'when only 0.2 ml a metre is still to drip', 'drip_to_minutes(left_ml_per_m)',
                    [TraceInput::constant('left_ml_per_m', 'still to drip then', Wipes::LEFT_AT_LAST_ML_PER_M, 'ml/m')], $this->inputs->note());

                continue;
            }
            $before = $run->wipesMin[$index];
            $traces[] = new Trace($figure, 'Wipe '.($index + 2), 'min', $min,
                'when another millilitre a metre has gathered, and not sooner than ten minutes, at the room\'s pace, after the last',
                'max(before_min + 10 / rate, drip_to_minutes(before_left_ml_per_m - 1))', [
                    TraceInput::computed('before_min', 'the wipe before', $before, 'min', 'wipe_'.($index + 1).'_min'),
                    $this->inputs->rate(),
                    TraceInput::computed('before_left_ml_per_m', 'still to drip at that', $edge->stillToDripMlPerM($edge->clock->mobilityAfter($before)), 'ml/m'),
                ], $this->inputs->note());
        }

        return $traces;
    }

    /** @return list<TraceInput> what the flow over the face hangs on, besides what is laid */
    private function flowing(EdgeRun $run): array
    {
        return [
            TraceInput::computed('keeps_mm', 'the edge keeps', $run->keepsMm, 'mm', 'keeps_mm'),
            TraceInput::computed('reach_mm', 'covered face for each mm of coated edge', $this->result->case->reachMm() ?? NAN, 'mm'),
            $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility(),
        ];
    }

    private function laidInput(EdgeRun $run): TraceInput
    {
        return TraceInput::computed('laid_mm', 'laid on the face', $run->laidMm, 'mm', 'laid_mm');
    }

    private function edgeFilm(): TraceInput
    {
        return TraceInput::sourced('edge_film_mm', 'film put on the edge', $this->result->case->coat->edgeFilmMm, 'mm');
    }

    private function edgeDepth(): TraceInput
    {
        return TraceInput::sourced('edge_depth_mm', 'edge depth', $this->result->case->piece->edgeDepthMm, 'mm');
    }
}
