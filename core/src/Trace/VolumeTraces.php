<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Trace;

use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Held\Meniscus;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Containment;
use OpenGlaze\Core\Plan\SizeBy;
use OpenGlaze\Core\Quantity\Origin;

/** Where the resin goes, part by part. */
final readonly class VolumeTraces
{
    /** The parts that are poured, and their names. */
    private const POURED = ['film' => 'film', 'edges' => 'edges', 'runoff' => 'run-off', 'soak' => 'soak', 'climb' => 'climb', 'displaced' => 'displaced'];

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
        $by = $this->case->coat->size->by;
        if ($mm !== null && $by === SizeBy::Stays) {
            return [new Trace('thickness_mm', 'Film', 'mm', $mm->value, 'what is laid so that as much stays, solved, less what is poured to run off',
                'laid_to_stay(stays_asked_mm) / (1 + runoff_pct / 100)', [
                    TraceInput::sourced('stays_asked_mm', 'is to stay', $this->case->coat->size->value, 'mm'),
                    TraceInput::sourced('runoff_pct', 'run-off', $this->case->volume->runoffPct, '%'),
                ])];
        }
        if ($mm === null || $this->case->volume->coveredMm2 <= 0 || ! in_array($by, [SizeBy::PerPiece, SizeBy::SpreadRate, SizeBy::RestLeavingMl], true)) {
            return [];
        }

        return [new Trace('thickness_mm', 'Mean film', 'mm', $mm->value, 'the film over the face that it covers, for all pieces',
            'film_ml * 10 / covered_cm2 / quantity', [$this->part('film'), $this->face->covered(), $this->face->quantity()])];
    }

    private function film(): Trace
    {
        $size = $this->case->coat->size;
        $value = TraceInput::sourced(...match ($size->by) {
            SizeBy::SpreadRate => ['rate_ml_cm2', 'spread rate', $size->value, 'ml/cm²'],
            SizeBy::PerPiece => ['each_ml', $size->isMixed() ? 'mixed for each piece' : 'laid on each piece', $size->value, 'ml'],
            SizeBy::RestLeavingMl => ['leaving_ml', 'left free for later', $size->value, 'ml'],
            default => ['thickness_mm', 'film thickness', $this->case->thicknessMm ?? $size->value, 'mm'],
        });
        [$words, $each, $inputs] = match (true) {
            $this->case->piece->body?->eachMl() !== null && $size->by === SizeBy::Thickness => [
                'what each takes, for all pieces', 'counted_ml', [TraceInput::given('counted_ml', 'each takes', $this->case->piece->body->eachMl(), 'ml', Origin::Entered)],
            ],
            $size->by === SizeBy::SpreadRate => ['spread rate × the face that is covered', 'rate_ml_cm2 * covered_cm2', [$value, $this->face->covered()]],
            $size->by === SizeBy::PerPiece => ['what each piece gets', 'each_ml', [$value]],
            $size->by === SizeBy::RestLeavingMl => ['what the mould holds, less earlier pours and what is left free', 'holds_ml - taken_ml - leaving_ml', [
                TraceInput::given('holds_ml', 'the mould holds', $this->case->piece->holdsMl() ?? NAN, 'ml', Origin::Measured),
                TraceInput::computed('taken_ml', 'earlier pours', $this->case->ground->takenMl, 'ml'),
                $value,
            ]],
            default => $this->byThickness($value),
        };
        if ($size->isMixed()) {
            return $this->trace('film', 'Film', $this->volume->filmMl, 'what is left of the mixed amount after margin, cups, edges, soak, wall and run-off',
                "($each * quantity / (1 + margin_pct / 100) - residue_ml - edges_ml - soak_ml - climb_ml - displaced_ml) / (1 + runoff_share)",
                [
                    ...$inputs, $this->face->quantity(), $this->marginPct(), $this->residuePart(), ...array_map($this->part(...), ['edges', 'soak', 'climb', 'displaced']),
                    TraceInput::given('runoff_share', 'share that runs off', $this->case->volume->runoffShare, '', $this->case->volume->runoffPct->origin),
                ]);
        }

        return $this->trace('film', 'Film', $this->volume->filmMl, $words.', for all pieces', "($each) * quantity", [...$inputs, $this->face->quantity()]);
    }

    /** @return array{string, string, list<TraceInput>} */
    private function byThickness(TraceInput $thickness): array
    {
        $shrinkage = $this->case->resin->shrinkagePct;
        $texture = $this->case->coat->size->by === SizeBy::Thickness;
        [$words, $expression, $inputs] = ['covered face × thickness', 'covered_cm2 * thickness_mm / 10', [$this->face->covered(), $thickness]];
        if ($texture) {
            [$words, $expression] = [$words.' × texture', $expression.' * texture'];
            $inputs[] = TraceInput::sourced('texture', 'texture of the face (1 is flat)', $this->case->coat->texture, '');
        }
        if ($shrinkage->value > 0) {
            [$words, $expression] = [$words.', with what it will shrink', $expression.' / (1 - shrinkage_pct / 100)'];
            $inputs[] = TraceInput::sourced('shrinkage_pct', 'shrinkage', $shrinkage, '%');
        }

        return [$words, $expression, $inputs];
    }

    private function edges(): Trace
    {
        if (! $this->case->coat->isOpen()) {
            return $this->trace('edges', 'Edges', $this->volume->edgesMl, $this->stopsAtTheEdge(), '0', []);
        }

        return $this->trace('edges', 'Edges', $this->volume->edgesMl,
            'coated edge × its depth × the film that it takes, for all pieces',
            'coated_edge_mm * edge_depth_mm * edge_film_mm / 1000 * quantity',
            [
                $this->coatedEdge(),
                TraceInput::sourced('edge_depth_mm', 'edge depth', $this->case->piece->edgeDepthMm, 'mm'),
                TraceInput::sourced('edge_film_mm', 'film on the edge', $this->case->coat->edgeFilmMm, 'mm'),
                $this->face->quantity(),
            ],
        );
    }

    private function runoff(): Trace
    {
        if (! $this->case->coat->isOpen()) {
            return $this->trace('runoff', 'Run-off', $this->volume->runoffMl, $this->stopsAtTheEdge(), '0', []);
        }

        return $this->trace('runoff', 'Run-off', $this->volume->runoffMl,
            'a share of the film runs over the edge and is lost',
            'film_ml * runoff_pct / 100',
            [$this->part('film'), TraceInput::sourced('runoff_pct', 'run-off', $this->case->volume->runoffPct, '%')],
        );
    }

    private function stopsAtTheEdge(): string
    {
        return match ($this->case->coat->containment) {
            Containment::Held => 'a held film stops at the edge',
            Containment::Dammed => 'a dam keeps it on the face',
            Containment::Placed => 'what is placed thick stays where it is',
            Containment::Open => '',
        };
    }

    private function soak(): Trace
    {
        $volume = $this->case->volume;
        if ($volume->rawMm2 <= 0 && $volume->rawEdgeMm <= 0) {
            return $this->trace('soak', 'Soak', $this->volume->soakMl, 'a place drinks once, under its first coat; this one lies on a film', '0', []);
        }
        $raw = TraceInput::computed('raw_cm2', 'of the covered face, still raw', $volume->rawMm2 / 100, 'cm²');
        $soak = TraceInput::sourced('soak_ml_m2', Message::of('traces.soak_of', surface: Message::named('surfaces', $this->case->face->surface)), $this->case->face->soakMlPerM2, 'ml/m²');
        if (! $this->case->coat->isOpen()) {
            return $this->trace('soak', 'Soak', $this->volume->soakMl, 'covered face that is still raw × what the surface drinks, for all pieces',
                'raw_cm2 / 10000 * soak_ml_m2 * quantity', [$raw, $soak, $this->face->quantity()]);
        }

        return $this->trace('soak', 'Soak', $this->volume->soakMl,
            'covered face and coated edge that are still raw × what the surface drinks, for all pieces',
            '(raw_cm2 + raw_edge_mm * edge_depth_mm / 100) / 10000 * soak_ml_m2 * quantity',
            [
                $raw,
                TraceInput::computed('raw_edge_mm', 'of the coated edge, still raw', $volume->rawEdgeMm, 'mm'),
                TraceInput::sourced('edge_depth_mm', 'edge depth', $this->case->piece->edgeDepthMm, 'mm'),
                $soak, $this->face->quantity(),
            ],
        );
    }

    private function climb(): Trace
    {
        if (! $this->case->coat->isDammed()) {
            return $this->trace('climb', 'Climb', $this->volume->climbMl, 'there is no wall to climb', '0', []);
        }

        return $this->trace('climb', 'Climb', $this->volume->climbMl,
            'what climbs the wall × its length, once for all pieces; it stands '.round(Meniscus::riseMm($this->case->liquid->capillaryLengthMm(), $this->case->studio->wallAngleDeg->value), 2).' mm high there',
            'tension / (density * 1000 * gravity) * 1000000 * sin(pi / 2 - wall_angle_deg / 180 * pi) * wall_mm / 1000 * quantity',
            [
                TraceInput::sourced('tension', 'surface tension', $this->case->resin->surfaceTensionNM, 'N/m'),
                TraceInput::computed('density', 'density of the mix', $this->case->liquid->densityKgM3 / 1000, 'g/ml', 'density'),
                (new FilmInputs($this->result))->gravity(),
                TraceInput::sourced('wall_angle_deg', 'contact angle at the wall', $this->case->studio->wallAngleDeg, '°'),
                TraceInput::computed('wall_mm', 'length of wall, holes with it', $this->case->face->edgeMm ?? 0.0, 'mm'),
                $this->face->quantity(),
            ]);
    }

    private function displaced(): Trace
    {
        $solid = -$this->volume->displacedMl / $this->case->piece->quantity;
        if ($solid <= 0) {
            return $this->trace('displaced', 'Displaced', $this->volume->displacedMl, 'nothing is embedded in it', '0', []);
        }

        return $this->trace('displaced', 'Displaced', $this->volume->displacedMl,
            'what is embedded takes the place of resin, as far as it lies below the surface', '-solid_ml * quantity',
            [TraceInput::computed('solid_ml', 'solids below the surface of one piece', $solid, 'ml'), $this->face->quantity()]);
    }

    private function residue(): Trace
    {
        $cups = TraceInput::given('cups', 'cups', $this->case->coat->cups, '', $this->case->coat->cupsFrom);
        $lifts = $this->case->lifts->volumes;
        if ($this->case->coat->residueMlPerCup !== null) {
            return $this->trace('residue', 'Cups', $this->volume->residueMl,
                'what stays in each cup × cups', count($lifts) > 1 ? 'cups * residue_ml_per_cup * lifts' : 'cups * residue_ml_per_cup',
                [
                    $cups, TraceInput::sourced('residue_ml_per_cup', 'stays in each cup', $this->case->coat->residueMlPerCup, 'ml'),
                    ...(count($lifts) > 1 ? [TraceInput::computed('lifts', 'lifts', count($lifts), '')] : []),
                ]);
        }
        $terms = [];
        $inputs = [$cups];
        foreach ($lifts as $index => $lift) {
            $symbol = count($lifts) > 1 ? 'poured_'.($index + 1).'_ml' : 'poured_ml';
            $terms[] = "(4000 * $symbol / cups / pi) ** (2 / 3)";
            $inputs[] = TraceInput::computed($symbol, count($lifts) > 1 ? 'poured in lift '.($index + 1) : 'poured: all but cups and margin', $lift->poured(), 'ml');
        }
        $inputs[] = TraceInput::sourced('residue_film_mm', 'film that clings', $this->case->studio->residueFilmMm, 'mm');

        return $this->trace('residue', 'Cups', $this->volume->residueMl,
            'wetted wall and floor × the film that clings, in cups taken to be as deep as they are wide',
            'cups * 1.25 * pi * ('.implode(' + ', $terms).') * residue_film_mm / 1000', $inputs);
    }

    private function margin(): Trace
    {
        return $this->trace('margin', 'Margin', $this->volume->marginMl,
            'a share of all the parts: short is worse than over',
            '('.$this->sumOfPoured().' + residue_ml) * margin_pct / 100',
            [...$this->poured(), $this->residuePart(), $this->marginPct()],
        );
    }

    private function total(): Trace
    {
        return $this->trace('total', 'Total to mix', $this->volume->totalMl(),
            'all the parts together',
            $this->sumOfPoured().' + residue_ml + margin_ml',
            [...$this->poured(), $this->residuePart(), TraceInput::computed('margin_ml', 'margin', $this->volume->marginMl, 'ml', 'margin')],
        );
    }

    private function sumOfPoured(): string
    {
        return implode(' + ', array_map(static fn (string $part): string => $part.'_ml', array_keys(self::POURED)));
    }

    /** @return list<TraceInput> */
    private function poured(): array
    {
        return array_map($this->part(...), array_keys(self::POURED));
    }

    /** @param  key-of<self::POURED>  $figure */
    private function part(string $figure): TraceInput
    {
        return TraceInput::computed($figure.'_ml', self::POURED[$figure], $this->volume->parts()[$figure], 'ml', $figure);
    }

    private function residuePart(): TraceInput
    {
        return TraceInput::computed('residue_ml', 'cups', $this->volume->residueMl, 'ml', 'residue');
    }

    private function marginPct(): TraceInput
    {
        return TraceInput::sourced('margin_pct', 'margin', $this->case->studio->marginPct, '%');
    }

    /** @return list<Trace> */
    private function coveredTrace(): array
    {
        if ($this->case->face->areaMm2 === null || $this->face->coversAll()) {
            return [];
        }
        $zone = $this->case->coat->zone;
        $face = $zone === null
            ? TraceInput::computed('face_cm2', 'area of one piece', $this->case->face->areaMm2 / 100, 'cm²', 'area_cm2')
            : TraceInput::computed('face_cm2', $zone->sharePct === null ? 'what the zone\'s outline encloses of the face' : 'the zone\'s share of the face', $this->case->face->areaMm2 / 100, 'cm²');

        return [new Trace('covered_cm2', 'Covered by this coat', 'cm²', $this->case->volume->coveredMm2 / 100, 'the face × coverage',
            'face_cm2 * coverage_pct / 100', [$face, TraceInput::sourced('coverage_pct', 'coverage', $this->case->coat->coveragePct, '%')])];
    }

    private function coatedEdge(): TraceInput
    {
        $isWhole = $this->case->coat->zone === null && $this->case->piece->outline !== null;

        return TraceInput::computed('coated_edge_mm', 'coated edge of one piece', $this->case->face->coatedEdgeMm, 'mm', $isWhole ? 'coated_edge_mm' : null);
    }

    /** @param  list<TraceInput>  $inputs */
    private function trace(string $figure, string $label, float $ml, string $words, string $expression, array $inputs): Trace
    {
        return new Trace($figure, $label, 'ml', $ml, $words, $expression, $inputs);
    }
}
