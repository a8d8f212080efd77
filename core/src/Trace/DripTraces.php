<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\DripPlan;

/** What the edge keeps, what drips off, and when to wipe. */
final readonly class DripTraces
{
    private FilmInputs $inputs;

    public function __construct(private CoatResult $result)
    {
        $this->inputs = new FilmInputs($result);
    }

    /** @return list<Trace> */
    public function all(): array
    {
        $drips = $this->result->drips;

        return $drips === null ? [] : [$this->filmLeft($drips), $this->dripped($drips), ...$this->wipes($drips)];
    }

    private function filmLeft(DripPlan $drips): Trace
    {
        return new Trace('edge_film_left_mm', 'The edge keeps', 'mm', $drips->edgeFilmLeftMm,
            'what a wet vertical edge holds when the film has stopped flowing, after Jeffreys',
            'min(edge_film_mm, 1000 * 2 / 3 * sqrt(edge_depth_mm / 1000 / (density * 1000 * gravity * mobility)))',
            [$this->edgeFilm(), $this->edgeDepth(), $this->inputs->density(), $this->inputs->gravity(), $this->inputs->mobility()]);
    }

    private function dripped(DripPlan $drips): Trace
    {
        return new Trace('dripped_ml', 'Drips off in all', 'ml', $drips->drippedMl,
            'what was put on the edge less what it keeps, over the coated edge of all pieces',
            '(edge_film_mm - edge_film_left_mm) * edge_depth_mm * coated_edge_m',
            [
                $this->edgeFilm(), $this->filmLeftInput($drips), $this->edgeDepth(),
                TraceInput::computed('coated_edge_m', 'coated edge of all pieces', $this->result->case->coatedEdgeM(), 'm', 'coated_edge_mm'),
            ]);
    }

    /** @return list<Trace> */
    private function wipes(DripPlan $drips): array
    {
        $drain = $this->result->case->edgeDrain();
        if ($drain === null) {
            return [];
        }
        $traces = [new Trace('wipe_1_min', 'First wipe', 'min', $drips->wipesMin[0],
            'ten minutes after the pour, at the room\'s pace',
            $this->inputs->minutesToAge('age_min + 10'),
            [$this->inputs->ageAtPour(), ...array_slice($this->inputs->forAge(), 1)], $this->inputs->note())];
        $film = '(edge_film_left_mm + left_ml_per_m / edge_depth_mm)';
        foreach (array_slice($drips->wipesMin, 1) as $index => $min) {
            $isLast = $index === count($drips->wipesMin) - 2;
            $traces[] = new Trace('wipe_'.($index + 2).'_min', $isLast ? 'Last wipe' : 'Wipe '.($index + 2), 'min', $min,
                $isLast ? 'when only 0.2 ml a metre is still to drip' : 'when another 0.4 ml a metre has gathered',
                $this->inputs->minutesToMobility("edge_depth_mm / 1000 / (density * 1000 * gravity * (1.5 * $film / 1000) ** 2)"),
                [
                    TraceInput::computed('left_ml_per_m', 'still to drip then', $isLast ? DripPlan::LEFT_AT_LAST_ML_PER_M : $drain->stillToDripMlPerM($min), 'ml/m'),
                    $this->filmLeftInput($drips), $this->edgeDepth(), $this->inputs->density(), $this->inputs->gravity(), ...$this->inputs->forMobility(),
                ], $this->inputs->note());
        }

        return $traces;
    }

    private function edgeFilm(): TraceInput
    {
        return TraceInput::sourced('edge_film_mm', 'film put on the edge', $this->result->case->coat->edgeFilmMm, 'mm');
    }

    private function edgeDepth(): TraceInput
    {
        return TraceInput::sourced('edge_depth_mm', 'edge depth', $this->result->case->piece->edgeDepthMm, 'mm');
    }

    private function filmLeftInput(DripPlan $drips): TraceInput
    {
        return TraceInput::computed('edge_film_left_mm', 'the edge keeps', $drips->edgeFilmLeftMm, 'mm', 'edge_film_left_mm');
    }
}
