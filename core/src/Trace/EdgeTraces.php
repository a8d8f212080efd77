<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Edge\EdgeRun;
use OpenGlaze\Core\Edge\WetEdge;
use OpenGlaze\Core\Edge\Wipes;
use OpenGlaze\Core\Message\Message;

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

        return new Trace('laid_mm', Message::of('traces.laid_on_the_face_title'), 'mm', $run->laidMm, Message::of('traces.the_film_and_what_is_poured_on_top_to_run_off'),
            '(film_ml + runoff_ml'.($volume->displacedMl < 0 ? ' + displaced_ml' : '').') * 10 / covered_cm2 / quantity', [
                TraceInput::computed('film_ml', Message::of('traces.film'), $volume->filmMl, 'ml', 'film'),
                TraceInput::computed('runoff_ml', Message::of('traces.run_off'), $volume->runoffMl, 'ml', 'runoff'),
                ...$volume->displacedMl < 0 ? [TraceInput::computed('displaced_ml', Message::of('traces.displaced'), $volume->displacedMl, 'ml', 'displaced')] : [],
                $this->face->covered(), $this->face->quantity(),
            ]);
    }

    private function keeps(EdgeRun $run): Trace
    {
        return new Trace('keeps_mm', Message::of('traces.the_edge_keeps_a_film_of'), 'mm', $run->keepsMm,
            Message::of('traces.where_the_films_own_weight_and_the_pull_of'),
            '(sqrt(edge_radius_mm ** 2 + 4 * tension / (density * 1000 * gravity) * 1000000) - edge_radius_mm) / 2', [
                TraceInput::sourced('edge_radius_mm', Message::of('traces.radius_of_the_edge'), $this->result->case->piece->edge->radiusMm, 'mm'),
                $this->inputs->tension(), $this->inputs->density(), $this->inputs->gravity(),
            ]);
    }

    private function stays(EdgeRun $run): Trace
    {
        return new Trace('stays_mm', Message::of('traces.stays_on_the_face'), 'mm', $run->staysMm,
            Message::of('traces.what_is_laid_thicker_than_the_edge_keeps_runs'),
            'keeps_mm * thinned(laid_mm / keeps_mm, '.self::TIME.', round_share)', [$this->laidInput($run), ...$this->flowing($run)], $this->inputs->note());
    }

    private function runsOff(EdgeRun $run): Trace
    {
        return new Trace('runs_off_ml', Message::of('traces.runs_over_the_edge_title'), 'ml', $run->runsOffMl, Message::of('traces.what_is_laid_less_what_stays_over_the_covered'),
            '(laid_mm - stays_mm) * covered_cm2 / 10 * quantity', [
                $this->laidInput($run), TraceInput::computed('stays_mm', Message::of('traces.stays'), $run->staysMm, 'mm', 'stays_mm'), $this->face->covered(), $this->face->quantity(),
            ]);
    }

    private function filmLeft(EdgeRun $run, WetEdge $edge): Trace
    {
        $held = 'min(edge_film_mm, 1000 * 2 / 3 * sqrt(edge_depth_mm / 1000 / (density * 1000 * gravity * mobility)))';
        if (! $edge->film->runs()) {
            return new Trace('edge_film_left_mm', Message::of('traces.stays_on_the_edge_title'), 'mm', $run->edgeFilmLeftMm,
                Message::of('traces.what_a_wet_vertical_edge_holds_when_the_film'), $held,
                [$this->edgeFilm(), $this->edgeDepth(), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility()]);
        }

        return new Trace('edge_film_left_mm', Message::of('traces.stays_on_the_edge_title'), 'mm', $run->edgeFilmLeftMm,
            Message::of('traces.what_a_wet_vertical_edge_holds_when_the_film_title'),
            "max($held, min(keeps_mm, edge_film_mm + (laid_mm - stays_mm) * reach_mm / edge_depth_mm, (keeps_mm ** 4 * overflow(laid_mm / keeps_mm, 0.999 * ".self::TIME.', round_share) / reach_mm) ** (1 / 3)))',
            [$this->edgeFilm(), $this->edgeDepth(), $this->laidInput($run), TraceInput::computed('stays_mm', Message::of('traces.stays'), $run->staysMm, 'mm', 'stays_mm'), ...$this->flowing($run)]);
    }

    private function dripped(EdgeRun $run, WetEdge $edge): Trace
    {
        $runsOff = TraceInput::computed('runs_off_ml', Message::of('traces.runs_over_the_edge'), $run->runsOffMl, 'ml', 'runs_off_ml');
        if ($run->edgeFilmLeftMm === null) {
            return new Trace('dripped_ml', Message::of('traces.drips_off_in_all'), 'ml', $run->drippedMl, Message::of('traces.what_runs_over_the_edge'), 'runs_off_ml', [$runsOff]);
        }

        return new Trace('dripped_ml', Message::of('traces.drips_off_in_all'), 'ml', $run->drippedMl,
            Message::of('traces.what_runs_over_the_edge_and_what_was_put_on'),
            'max(0, runs_off_ml + (edge_film_mm - edge_film_left_mm) * edge_depth_mm * coated_edge_m)', [
                $runsOff, $this->edgeFilm(),
                TraceInput::computed('edge_film_left_mm', Message::of('traces.stays_on_the_edge'), $edge->filmLeftMm(), 'mm', 'edge_film_left_mm'),
                $this->edgeDepth(),
                TraceInput::computed('coated_edge_m', Message::of('traces.coated_edge_of_all_pieces'), $this->result->case->coatedEdgeM(), 'm', 'coated_edge_mm'),
            ]);
    }

    /** @return list<Trace> */
    private function wipes(EdgeRun $run, WetEdge $edge): array
    {
        $traces = [new Trace('wipe_1_min', Message::of('traces.first_wipe'), 'min', $run->wipesMin[0],
            Message::of('traces.ten_minutes_after_the_pour_at_the_rooms_pace'),
            $this->inputs->minutesToAge('age_min + 10'),
            [$this->inputs->ageAtPour(), ...array_slice($this->inputs->forAge(), 1)], $this->inputs->note())];
        foreach (array_slice($run->wipesMin, 1) as $index => $min) {
            $figure = 'wipe_'.($index + 2).'_min';
            if ($index === count($run->wipesMin) - 2) {
                $traces[] = new Trace($figure, Message::of('traces.last_wipe'), 'min', $min, Message::of('traces.when_only_0_2_ml_a_metre_is_still_to_drip'), 'drip_to_minutes(left_ml_per_m)',
                    [TraceInput::constant('left_ml_per_m', Message::of('traces.still_to_drip_then'), Wipes::LEFT_AT_LAST_ML_PER_M, 'ml/m')], $this->inputs->note());

                continue;
            }
            $before = $run->wipesMin[$index];
            $traces[] = new Trace($figure, Message::of('traces.wipe', number: $index + 2), 'min', $min,
                Message::of('traces.when_another_millilitre_a_metre_has_gathered'),
                'max(before_min + 10 / rate, drip_to_minutes(before_left_ml_per_m - 1))', [
                    TraceInput::computed('before_min', Message::of('traces.the_wipe_before'), $before, 'min', 'wipe_'.($index + 1).'_min'),
                    $this->inputs->rate(),
                    TraceInput::computed('before_left_ml_per_m', Message::of('traces.still_to_drip_at_that'), $edge->stillToDripMlPerM($edge->clock->mobilityAfter($before)), 'ml/m'),
                ], $this->inputs->note());
        }

        return $traces;
    }

    /** @return list<TraceInput> what the flow over the face hangs on, besides what is laid */
    private function flowing(EdgeRun $run): array
    {
        return [
            TraceInput::computed('keeps_mm', Message::of('traces.the_edge_keeps'), $run->keepsMm, 'mm', 'keeps_mm'),
            TraceInput::computed('reach_mm', Message::of('traces.covered_face_for_each_mm_of_coated_edge'), $this->result->case->drainingFace()->reachMm ?? NAN, 'mm'),
            TraceInput::computed('round_share', Message::of('traces.how_round_its_face_drains'), $this->result->case->drainingFace()->roundShare ?? NAN, ''),
            $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility(),
        ];
    }

    private function laidInput(EdgeRun $run): TraceInput
    {
        return TraceInput::computed('laid_mm', Message::of('traces.laid_on_the_face'), $run->laidMm, 'mm', 'laid_mm');
    }

    private function edgeFilm(): TraceInput
    {
        return TraceInput::sourced('edge_film_mm', Message::of('traces.film_put_on_the_edge'), $this->result->case->coat->asked->edge->filmMm, 'mm');
    }

    private function edgeDepth(): TraceInput
    {
        return TraceInput::sourced('edge_depth_mm', Message::of('traces.edge_depth'), $this->result->case->piece->edge->depthMm, 'mm');
    }
}
