<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Quantity\Origin;

/** Where the resin goes, part by part. */
final readonly class VolumeTraces
{
    public function __construct(private CoatResult $result)
    {
    }

    /** @return list<Trace> */
    public function all(): array
    {
        return [$this->film(), $this->edges(), $this->runoff(), $this->soak(), $this->residue(), $this->margin(), $this->total()];
    }

    private function film(): Trace
    {
        $coat = $this->result->case->coat;

        return $this->trace('film', 'Film', $this->result->volume->filmMl,
            'area × coverage × thickness × texture, for all pieces',
            'area_cm2 * coverage_pct / 100 * thickness_mm / 10 * texture * quantity',
            [
                $this->area(),
                TraceInput::sourced('coverage_pct', 'coverage', $coat->coveragePct, '%'),
                TraceInput::sourced('thickness_mm', 'film thickness', $coat->thicknessMm, 'mm'),
                TraceInput::sourced('texture', 'texture of the face (1 is flat)', $coat->texture, ''),
                $this->quantity(),
            ],
        );
    }

    private function edges(): Trace
    {
        if ($this->result->case->coat->isHeld()) {
            return $this->trace('edges', 'Edges', $this->result->volume->edgesMl, 'a held film stops at the edge', '0', []);
        }

        return $this->trace('edges', 'Edges', $this->result->volume->edgesMl,
            'coated edge × its depth × the film that it takes, for all pieces',
            'coated_edge_mm * edge_depth_mm * edge_film_mm / 1000 * quantity',
            [
                $this->coatedEdge(),
                TraceInput::sourced('edge_depth_mm', 'edge depth', $this->result->case->piece->edgeDepthMm, 'mm'),
                TraceInput::sourced('edge_film_mm', 'film on the edge', $this->result->case->coat->edgeFilmMm, 'mm'),
                $this->quantity(),
            ],
        );
    }

    private function runoff(): Trace
    {
        if ($this->result->case->coat->isHeld()) {
            return $this->trace('runoff', 'Run-off', $this->result->volume->runoffMl, 'a held film runs nowhere', '0', []);
        }

        return $this->trace('runoff', 'Run-off', $this->result->volume->runoffMl,
            'a share of the film runs over the edge and is lost',
            'film_ml * runoff_pct / 100',
            [
                TraceInput::computed('film_ml', 'film', $this->result->volume->filmMl, 'ml', 'film'),
                TraceInput::sourced('runoff_pct', 'run-off', $this->result->case->coat->runoffPct, '%'),
            ],
        );
    }

    private function soak(): Trace
    {
        $case = $this->result->case;
        if (! $case->isFirstCoat) {
            return $this->trace('soak', 'Soak', $this->result->volume->soakMl, 'only the first coat soaks in; this one lies on a film', '0', []);
        }

        return $this->trace('soak', 'Soak', $this->result->volume->soakMl,
            'covered face and coated edge × what the surface drinks, for all pieces',
            '(area_cm2 * coverage_pct / 100 + coated_edge_mm * edge_depth_mm / 100) / 10000 * soak_ml_m2 * quantity',
            [
                $this->area(),
                TraceInput::sourced('coverage_pct', 'coverage', $case->coat->coveragePct, '%'),
                $case->coat->isHeld() ? TraceInput::constant('coated_edge_mm', 'coated edge, for a held film wets none', 0, 'mm') : $this->coatedEdge(),
                TraceInput::sourced('edge_depth_mm', 'edge depth', $case->piece->edgeDepthMm, 'mm'),
                TraceInput::sourced('soak_ml_m2', 'soak of '.$case->piece->surface->words(), $case->piece->soakMlPerM2, 'ml/m²'),
                $this->quantity(),
            ],
        );
    }

    private function residue(): Trace
    {
        $case = $this->result->case;
        $cups = TraceInput::given('cups', 'cups', $case->coat->cups, '', Origin::Entered);
        if ($case->coat->residueMlPerCup !== null) {
            return $this->trace('residue', 'Cups', $this->result->volume->residueMl,
                'what stays in each cup × cups', 'cups * residue_ml_per_cup',
                [$cups, TraceInput::sourced('residue_ml_per_cup', 'stays in each cup', $case->coat->residueMlPerCup, 'ml')],
            );
        }

        return $this->trace('residue', 'Cups', $this->result->volume->residueMl,
            'wetted wall and floor × the film that clings, in cups taken to be as deep as they are wide',
            'cups * 1.25 * pi * (4000 * poured_ml / cups / pi) ** (2 / 3) * residue_film_mm / 1000',
            [
                $cups,
                TraceInput::computed('poured_ml', 'film, edges, run-off and soak', $this->result->volume->poured(), 'ml'),
                TraceInput::sourced('residue_film_mm', 'film that clings', $case->studio->residueFilmMm, 'mm'),
            ],
        );
    }

    private function margin(): Trace
    {
        return $this->trace('margin', 'Margin', $this->result->volume->marginMl,
            'a share of all the parts: short is worse than over',
            '(film_ml + edges_ml + runoff_ml + soak_ml + residue_ml) * margin_pct / 100',
            [...$this->parts(), TraceInput::sourced('margin_pct', 'margin', $this->result->case->studio->marginPct, '%')],
        );
    }

    private function total(): Trace
    {
        return $this->trace('total', 'Total to mix', $this->result->volume->totalMl(),
            'all the parts together',
            'film_ml + edges_ml + runoff_ml + soak_ml + residue_ml + margin_ml',
            [...$this->parts(), TraceInput::computed('margin_ml', 'margin', $this->result->volume->marginMl, 'ml', 'margin')],
        );
    }

    /** @return list<TraceInput> */
    private function parts(): array
    {
        $volume = $this->result->volume;

        return [
            TraceInput::computed('film_ml', 'film', $volume->filmMl, 'ml', 'film'),
            TraceInput::computed('edges_ml', 'edges', $volume->edgesMl, 'ml', 'edges'),
            TraceInput::computed('runoff_ml', 'run-off', $volume->runoffMl, 'ml', 'runoff'),
            TraceInput::computed('soak_ml', 'soak', $volume->soakMl, 'ml', 'soak'),
            TraceInput::computed('residue_ml', 'cups', $volume->residueMl, 'ml', 'residue'),
        ];
    }

    private function area(): TraceInput
    {
        return TraceInput::computed('area_cm2', 'area of one piece', $this->result->case->piece->areaCm2(), 'cm²', 'area_cm2');
    }

    private function coatedEdge(): TraceInput
    {
        return TraceInput::computed('coated_edge_mm', 'coated edge of one piece', $this->result->case->piece->coatedEdgeMm(), 'mm', 'coated_edge_mm');
    }

    private function quantity(): TraceInput
    {
        return TraceInput::given('quantity', 'pieces', $this->result->case->piece->quantity, '', Origin::Entered);
    }

    /** @param  list<TraceInput>  $inputs */
    private function trace(string $figure, string $label, float $ml, string $words, string $expression, array $inputs): Trace
    {
        return new Trace($figure, $label, 'ml', $ml, $words, $expression, $inputs);
    }
}
