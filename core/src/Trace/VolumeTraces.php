<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use LogicException;
use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Held\Meniscus;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Quantity\Origin;

/** Where the resin goes, part by part. */
final readonly class VolumeTraces
{
    /** The parts that are poured, and their names. */
    private const POURED = ['film', 'edges', 'runoff', 'soak', 'climb', 'displaced'];

    private CoatCase $case;

    private FaceInputs $face;

    private Volume $volume;

    public function __construct(private CoatResult $result)
    {
        $this->case = $result->case;
        $this->face = new FaceInputs($result->case);
        $this->volume = $result->volume;
    }

    /** @return list<Trace> */
    public function all(): array
    {
        return [
            ...$this->coveredTrace(), ...$this->thickness(), $this->film(), $this->edges(), $this->runoff(), $this->soak(), $this->climb(), $this->displaced(),
            $this->residue(), $this->margin(), $this->total(),
        ];
    }

    /**
     * A mean film that was computed from another school.
     *
     * @return list<Trace>
     */
    private function thickness(): array
    {
        $mm = $this->case->thicknessMm;
        $by = $this->case->coat->asked->size->by;
        if ($mm !== null && $by === SizeBy::Stays) {
            return [new Trace('thickness_mm', Message::of('traces.film_title'), 'mm', $mm->value, Message::of('traces.what_is_laid_so_that_as_much_stays_solved'),
                'laid_to_stay(stays_asked_mm) / (1 + runoff_pct / 100)', [
                    TraceInput::sourced('stays_asked_mm', Message::of('traces.is_to_stay'), $this->case->coat->asked->size->value, 'mm'),
                    TraceInput::sourced('runoff_pct', Message::of('traces.run_off'), $this->case->volume->runoffPct, '%'),
                ])];
        }
        if ($mm === null || $this->case->volume->coveredMm2 <= 0 || ! in_array($by, [SizeBy::PerPiece, SizeBy::SpreadRate, SizeBy::RestLeavingMl], true)) {
            return [];
        }

        return [new Trace('thickness_mm', Message::of('traces.mean_film'), 'mm', $mm->value, Message::of('traces.the_film_over_the_face_that_it_covers_for_all'),
            'film_ml * 10 / covered_cm2 / quantity', [$this->part('film'), $this->face->covered(), $this->face->quantity()])];
    }

    private function film(): Trace
    {
        $size = $this->case->coat->asked->size;
        $value = TraceInput::sourced(...match ($size->by) {
            SizeBy::SpreadRate => ['rate_ml_cm2', Message::of('traces.spread_rate'), $size->value, 'ml/cm²'],
            SizeBy::PerPiece => ['each_ml', $size->isMixed() ? Message::of('traces.mixed_each') : Message::of('traces.laid_each'), $size->value, 'ml'],
            SizeBy::RestLeavingMl => ['leaving_ml', Message::of('traces.left_free'), $size->value, 'ml'],
            default => ['thickness_mm', Message::of('traces.film_thickness'), $this->case->thicknessMm ?? $size->value, 'mm'],
        });
        [$words, $each, $inputs] = match (true) {
            $this->case->piece->body?->eachMl() !== null && $size->by === SizeBy::Thickness => [
                Message::of('traces.each_takes_all'), 'counted_ml', [TraceInput::given('counted_ml', Message::of('traces.each_takes'), $this->case->piece->body->eachMl(), 'ml', Origin::Entered)],
            ],
            $size->by === SizeBy::SpreadRate => [Message::of('traces.rate_times_face'), 'rate_ml_cm2 * covered_cm2', [$value, $this->face->covered()]],
            $size->by === SizeBy::PerPiece => [Message::of('traces.each_gets'), 'each_ml', [$value]],
            $size->by === SizeBy::RestLeavingMl => [Message::of('traces.rest_of_mould'), 'holds_ml - taken_ml - leaving_ml', [
                TraceInput::given('holds_ml', Message::of('traces.the_mould_holds'), $this->case->piece->holdsMl() ?? NAN, 'ml', Origin::Measured),
                TraceInput::computed('taken_ml', Message::of('traces.earlier_pours'), $this->case->ground->takenMl, 'ml'),
                $value,
            ]],
            default => $this->byThickness($value),
        };
        if ($size->isMixed()) {
            return $this->trace('film', Message::of('traces.film_title'), $this->volume->filmMl, Message::of('traces.what_is_left_of_the_mixed_amount_after_margin'),
                "($each * quantity / (1 + margin_pct / 100) - residue_ml - edges_ml - soak_ml - climb_ml - displaced_ml) / (1 + runoff_share)",
                [
                    ...$inputs, $this->face->quantity(), $this->marginPct(), $this->residuePart(), ...array_map($this->part(...), ['edges', 'soak', 'climb', 'displaced']),
                    TraceInput::given('runoff_share', Message::of('traces.share_that_runs_off'), $this->case->volume->runoffShare, '', $this->case->volume->runoffPct->origin),
                ]);
        }

        return $this->trace('film', Message::of('traces.film_title'), $this->volume->filmMl, Message::of('traces.for_all_pieces', words: $words), "($each) * quantity", [...$inputs, $this->face->quantity()]);
    }

    /** @return array{Message, string, list<TraceInput>} */
    private function byThickness(TraceInput $thickness): array
    {
        $shrinkage = $this->case->resin->setting->shrinkagePct;
        $texture = $this->case->coat->asked->size->by === SizeBy::Thickness;
        [$words, $expression, $inputs] = [Message::of('traces.face_times_thickness'), 'covered_cm2 * thickness_mm / 10', [$this->face->covered(), $thickness]];
        if ($texture) {
            [$words, $expression] = [Message::of('traces.times_texture', words: $words), $expression.' * texture'];
            $inputs[] = TraceInput::sourced('texture', Message::of('traces.texture_of_the_face_1_is_flat'), $this->case->coat->asked->coverage->texture, '');
        }
        if ($shrinkage->value > 0) {
            [$words, $expression] = [Message::of('traces.with_shrinkage', words: $words), $expression.' / (1 - shrinkage_pct / 100)'];
            $inputs[] = TraceInput::sourced('shrinkage_pct', Message::of('traces.shrinkage'), $shrinkage, '%');
        }

        return [$words, $expression, $inputs];
    }

    private function edges(): Trace
    {
        if (! $this->case->coat->isOpen()) {
            return $this->trace('edges', Message::of('traces.edges'), $this->volume->edgesMl, $this->stopsAtTheEdge(), '0', []);
        }

        return $this->trace('edges', Message::of('traces.edges'), $this->volume->edgesMl,
            Message::of('traces.coated_edge_times_its_depth_times_the_film'),
            'coated_edge_mm * edge_depth_mm * edge_film_mm / 1000 * quantity',
            [
                $this->coatedEdge(),
                TraceInput::sourced('edge_depth_mm', Message::of('traces.edge_depth'), $this->case->piece->edge->depthMm, 'mm'),
                TraceInput::sourced('edge_film_mm', Message::of('traces.film_on_the_edge'), $this->case->coat->asked->edge->filmMm, 'mm'),
                $this->face->quantity(),
            ],
        );
    }

    private function runoff(): Trace
    {
        if (! $this->case->coat->isOpen()) {
            return $this->trace('runoff', Message::of('traces.run_off_title'), $this->volume->runoffMl, $this->stopsAtTheEdge(), '0', []);
        }

        return $this->trace('runoff', Message::of('traces.run_off_title'), $this->volume->runoffMl,
            Message::of('traces.a_share_of_the_film_runs_over_the_edge_and_is'),
            'film_ml * runoff_pct / 100',
            [$this->part('film'), TraceInput::sourced('runoff_pct', Message::of('traces.run_off'), $this->case->volume->runoffPct, '%')],
        );
    }

    private function stopsAtTheEdge(): Message
    {
        return match ($this->case->coat->asked->containment) {
            Containment::Held => Message::of('traces.held_stops'),
            Containment::Dammed => Message::of('traces.dam_keeps'),
            Containment::Placed => Message::of('traces.placed_stays'),
            Containment::Open => throw new LogicException('an open film does not stop'),
        };
    }

    private function soak(): Trace
    {
        $volume = $this->case->volume;
        if ($volume->rawMm2 <= 0 && $volume->rawEdgeMm <= 0) {
            return $this->trace('soak', Message::of('traces.soak'), $this->volume->soakMl, Message::of('traces.a_place_drinks_once_under_its_first_coat_this'), '0', []);
        }
        $raw = TraceInput::computed('raw_cm2', Message::of('traces.of_the_covered_face_still_raw'), $volume->rawMm2 / 100, 'cm²');
        $soak = TraceInput::sourced('soak_ml_m2', Message::of('traces.soak_of', surface: Message::named('surfaces', $this->case->face->surface)), $this->case->face->soakMlPerM2, 'ml/m²');
        if (! $this->case->coat->isOpen()) {
            return $this->trace('soak', Message::of('traces.soak'), $this->volume->soakMl, Message::of('traces.covered_face_that_is_still_raw_times_what_the'),
                'raw_cm2 / 10000 * soak_ml_m2 * quantity', [$raw, $soak, $this->face->quantity()]);
        }

        return $this->trace('soak', Message::of('traces.soak'), $this->volume->soakMl,
            Message::of('traces.covered_face_and_coated_edge_that_are_still'),
            '(raw_cm2 + raw_edge_mm * edge_depth_mm / 100) / 10000 * soak_ml_m2 * quantity',
            [
                $raw,
                TraceInput::computed('raw_edge_mm', Message::of('traces.of_the_coated_edge_still_raw'), $volume->rawEdgeMm, 'mm'),
                TraceInput::sourced('edge_depth_mm', Message::of('traces.edge_depth'), $this->case->piece->edge->depthMm, 'mm'),
                $soak, $this->face->quantity(),
            ],
        );
    }

    private function climb(): Trace
    {
        if (! $this->case->coat->isDammed()) {
            return $this->trace('climb', Message::of('traces.climb'), $this->volume->climbMl, Message::of('traces.there_is_no_wall_to_climb'), '0', []);
        }

        return $this->trace('climb', Message::of('traces.climb'), $this->volume->climbMl,
            Message::of('traces.climb_along', rise: Measure::number(Meniscus::riseMm($this->case->liquid->capillaryLengthMm(), $this->case->studio->wetting->wallAngleDeg->value), 2)),
            'tension / (density * 1000 * gravity) * 1000000 * sin(pi / 2 - wall_angle_deg / 180 * pi) * wall_mm / 1000 * quantity',
            [
                TraceInput::sourced('tension', Message::of('traces.surface_tension'), $this->case->resin->flow->surfaceTensionNM, 'N/m'),
                TraceInput::computed('density', Message::of('traces.density_of_the_mix'), $this->case->liquid->densityKgM3 / 1000, 'g/ml', 'density'),
                (new FilmInputs($this->result))->gravity(),
                TraceInput::sourced('wall_angle_deg', Message::of('traces.contact_angle_at_the_wall'), $this->case->studio->wetting->wallAngleDeg, '°'),
                TraceInput::computed('wall_mm', Message::of('traces.length_of_wall_holes_with_it'), $this->case->face->edgeMm ?? 0.0, 'mm'),
                $this->face->quantity(),
            ]);
    }

    private function displaced(): Trace
    {
        $solid = -$this->volume->displacedMl / $this->case->piece->quantity;
        if ($solid <= 0) {
            return $this->trace('displaced', Message::of('traces.displaced'), $this->volume->displacedMl, Message::of('traces.nothing_is_embedded_in_it'), '0', []);
        }

        return $this->trace('displaced', Message::of('traces.displaced'), $this->volume->displacedMl,
            Message::of('traces.what_is_embedded_takes_the_place_of_resin_as'), '-solid_ml * quantity',
            [TraceInput::computed('solid_ml', Message::of('traces.solids_below_the_surface_of_one_piece'), $solid, 'ml'), $this->face->quantity()]);
    }

    private function residue(): Trace
    {
        $cups = TraceInput::given('cups', Message::of('traces.cups'), $this->case->coat->manner->cup->cups, '', $this->case->coat->manner->cup->cupsFrom);
        $lifts = $this->case->lifts->volumes;
        if ($this->case->coat->manner->cup->residueMlPerCup !== null) {
            return $this->trace('residue', Message::of('traces.cups_title'), $this->volume->residueMl,
                Message::of('traces.what_stays_in_each_cup_times_cups'), count($lifts) > 1 ? 'cups * residue_ml_per_cup * lifts' : 'cups * residue_ml_per_cup',
                [
                    $cups, TraceInput::sourced('residue_ml_per_cup', Message::of('traces.stays_in_each_cup'), $this->case->coat->manner->cup->residueMlPerCup, 'ml'),
                    ...(count($lifts) > 1 ? [TraceInput::computed('lifts', Message::of('traces.lifts'), count($lifts), '')] : []),
                ]);
        }
        $terms = [];
        $inputs = [$cups];
        foreach ($lifts as $index => $lift) {
            $symbol = count($lifts) > 1 ? 'poured_'.($index + 1).'_ml' : 'poured_ml';
            $terms[] = "(4000 * $symbol / cups / pi) ** (2 / 3)";
            $inputs[] = TraceInput::computed($symbol, count($lifts) > 1 ? Message::of('traces.poured_in_lift', number: $index + 1) : Message::of('traces.poured_all'), $lift->poured(), 'ml');
        }
        $inputs[] = TraceInput::sourced('residue_film_mm', Message::of('traces.film_that_clings'), $this->case->studio->hands->residueFilmMm, 'mm');

        return $this->trace('residue', Message::of('traces.cups_title'), $this->volume->residueMl,
            Message::of('traces.wetted_wall_and_floor_times_the_film_that'),
            'cups * 1.25 * pi * ('.implode(' + ', $terms).') * residue_film_mm / 1000', $inputs);
    }

    private function margin(): Trace
    {
        return $this->trace('margin', Message::of('traces.margin_title'), $this->volume->marginMl,
            Message::of('traces.a_share_of_all_the_parts_short_is_worse_than'),
            '('.$this->sumOfPoured().' + residue_ml) * margin_pct / 100',
            [...$this->poured(), $this->residuePart(), $this->marginPct()],
        );
    }

    private function total(): Trace
    {
        return $this->trace('total', Message::of('traces.total_to_mix_title'), $this->volume->totalMl(),
            Message::of('traces.all_the_parts_together'),
            $this->sumOfPoured().' + residue_ml + margin_ml',
            [...$this->poured(), $this->residuePart(), TraceInput::computed('margin_ml', Message::of('traces.margin'), $this->volume->marginMl, 'ml', 'margin')],
        );
    }

    private function sumOfPoured(): string
    {
        return implode(' + ', array_map(static fn (string $part): string => $part.'_ml', self::POURED));
    }

    /** @return list<TraceInput> */
    private function poured(): array
    {
        return array_map($this->part(...), self::POURED);
    }

    /** @param  value-of<self::POURED>  $figure */
    private function part(string $figure): TraceInput
    {
        return TraceInput::computed($figure.'_ml', Message::of('traces.parts.'.$figure), $this->volume->parts()[$figure], 'ml', $figure);
    }

    private function residuePart(): TraceInput
    {
        return TraceInput::computed('residue_ml', Message::of('traces.cups'), $this->volume->residueMl, 'ml', 'residue');
    }

    private function marginPct(): TraceInput
    {
        return TraceInput::sourced('margin_pct', Message::of('traces.margin'), $this->case->studio->hands->marginPct, '%');
    }

    /** @return list<Trace> */
    private function coveredTrace(): array
    {
        if ($this->case->face->areaMm2 === null || $this->face->coversAll()) {
            return [];
        }
        $zone = $this->case->coat->asked->coverage->zone;
        $face = $zone === null
            ? TraceInput::computed('face_cm2', Message::of('traces.area_of_one_piece'), $this->case->face->areaMm2 / 100, 'cm²', 'area_cm2')
            : TraceInput::computed('face_cm2', $zone->sharePct === null ? Message::of('traces.what_the_zones_outline_encloses_of_the_face') : Message::of('traces.the_zones_share_of_the_face'), $this->case->face->areaMm2 / 100, 'cm²');

        return [new Trace('covered_cm2', Message::of('traces.covered_by_this_coat'), 'cm²', $this->case->volume->coveredMm2 / 100, Message::of('traces.the_face_times_coverage'),
            'face_cm2 * coverage_pct / 100', [$face, TraceInput::sourced('coverage_pct', Message::of('traces.coverage'), $this->case->coat->asked->coverage->coveragePct, '%')])];
    }

    private function coatedEdge(): TraceInput
    {
        $isWhole = $this->case->coat->asked->coverage->zone === null && $this->case->piece->outline !== null;

        return TraceInput::computed('coated_edge_mm', Message::of('traces.coated_edge_of_one_piece'), $this->case->face->coatedEdgeMm, 'mm', $isWhole ? 'coated_edge_mm' : null);
    }

    /** @param  list<TraceInput>  $inputs */
    private function trace(string $figure, Message $label, float $ml, Message $words, string $expression, array $inputs): Trace
    {
        return new Trace($figure, $label, 'ml', $ml, $words, $expression, $inputs);
    }
}
