<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Answer;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Batch\Swatch;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Lift;
use OpenGlaze\Core\Colour\Dose;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Plan\Part;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\Plan;

/** Writes results in the names and units of the open result file, ready to be encoded as JSON. */
final class ResultDocument
{
    public const FORMAT = 'open-glaze-result';

    /**
     * @param  list<CoatResult>  $results
     * @param  list<BatchResult>  $batches
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, Speaker $say, array $results, array $batches = []): array
    {
        $ofPiece = [];
        foreach ($results as $result) {
            $ofPiece[$result->case->piece->id][] = $result;
        }

        return [
            'format' => self::FORMAT,
            'version' => 1,
            'pieces' => array_map(
                static fn (Piece $piece): array => [...self::piece($piece), 'stack' => self::stack($piece, $ofPiece[$piece->id] ?? [])],
                array_values($plan->pieces),
            ),
            'coats' => array_map(static fn (CoatResult $result): array => self::coat($result, CoatAdvisor::advise($result), $say), $results),
            'batches' => array_map(static fn (BatchResult $batch): array => self::batch($batch, BatchAdvisor::advise($batch), $say), $batches),
        ];
    }

    /** @return array<string, mixed> */
    public static function piece(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'area_cm2' => $piece->areaCm2(),
            'perimeter_mm' => $piece->outline?->perimeterMm(),
            'hole_perimeter_mm' => $piece->outline?->holePerimeterMm(),
            'coated_edge_mm' => $piece->coatedEdgeMm(),
            'effective_radius_mm' => $piece->outline?->effectiveRadiusMm(),
            'holds_ml' => $piece->holdsMl(),
        ];
    }

    /**
     * The whole stack of coats of one piece: its thickness, and the resin that stays on one.
     *
     * @param  list<CoatResult>  $own  its coats
     * @return array{thickness_mm: float|null, target_thickness_mm: float|null, resin_ml: float, resin_g: float}
     */
    public static function stack(Piece $piece, array $own): array
    {
        $area = $piece->areaMm2();

        return [
            'thickness_mm' => $area === null ? null : array_sum(array_map(static fn (CoatResult $result): float => $result->case->meanOnPieceMm() ?? 0.0, $own)),
            'target_thickness_mm' => $piece->rim->targetThicknessMm?->value,
            'resin_ml' => array_sum(array_map(static fn (CoatResult $result): float => $result->staysMl(), $own)),
            'resin_g' => array_sum(array_map(static fn (CoatResult $result): float => $result->staysMl() * $result->case->liquid->densityKgM3 / 1000, $own)),
        ];
    }

    /**
     * @param  list<Advice>  $advice  on it
     * @return array<string, mixed>
     */
    public static function coat(CoatResult $result, array $advice, Speaker $say): array
    {
        $volume = $result->volume;
        $edge = $result->edge;
        $windows = $result->windows;
        $held = $result->case->held;

        return [
            'id' => $result->case->coat->id,
            'piece' => $result->case->piece->id,
            'thickness_mm' => $result->case->thicknessMm?->value,
            'volume_ml' => [
                ...$volume->parts(),
                'residue' => $volume->residueMl,
                'margin' => $volume->marginMl,
                'total' => $volume->totalMl(),
            ],
            'mix' => self::mix($result->mix),
            'held' => $held === null ? null : [
                'edge_angle_deg' => $held->edgeAngleDeg,
                'centre_mm' => $held->centreMm,
                'limit_ml' => $held->limitMl,
                'limit_thickness_mm' => $held->limitThicknessMm,
                'in_hand_pct' => max(0.0, 100 * (1 - $held->share)),
            ],
            'lip' => $result->case->lipLeftMm() === null ? null : [
                'rise_mm' => $result->case->lipLeftMm(),
                'holds_mm' => $result->case->lipHoldsMm(),
            ],
            'placed' => $result->case->placedMin() === null ? null : [
                'from_min' => $result->case->placedMin()[0],
                'to_min' => $result->case->placedMin()[1],
            ],
            'lifts' => array_map(static fn (Lift $lift): array => [
                'depth_mm' => $lift->depthMm,
                ...self::mix($lift->mix),
                'peak_c' => $lift->peakC,
                'displaced_ml' => $lift->volume->displacedMl,
            ], $result->lifts),
            'layer' => $result->case->ground->layer,
            'parts' => array_map(static fn (Part $part): array => [
                'colour' => $part->colour,
                'share_pct' => $part->sharePct,
                'ml' => $volume->totalMl() * $part->sharePct / 100,
            ], $result->case->coat->manner->parts),
            'film' => self::film($result),
            'torch' => self::torch($result),
            'edge' => $edge === null ? null : [
                'laid_mm' => $edge->laidMm,
                'keeps_mm' => $edge->keepsMm,
                'stays_mm' => $edge->staysMm,
                'runs_off_ml' => $edge->runsOffMl,
            ],
            'drips' => $edge === null ? null : [
                'wipes_min' => $edge->wipesMin,
                'last_wipe_min' => $edge->lastWipeMin(),
                'edge_film_left_mm' => $edge->edgeFilmLeftMm,
                'dripped_ml' => $edge->drippedMl,
            ],
            'windows' => [
                'recoat_from_h' => $windows->recoatFromH,
                'recoat_to_h' => $windows->recoatToH,
                'sand_from_h' => $windows->sandFromH,
                'handle_h' => $windows->handleH,
                'full_cure_h' => $windows->fullCureH,
            ],
            'advice' => self::advice($advice, $say),
        ];
    }

    /** @return array<string, mixed> how the film behaves in this room */
    private static function film(CoatResult $result): array
    {
        $film = $result->film;

        return [
            'rate' => $film->flowing->rate,
            'viscosity_pa_s' => $film->flowing->viscosityPaS,
            'open_min' => $film->flowing->openMin,
            'gels_min' => $film->flowing->gelsMin,
            'mobility_m_s_kg' => $film->flowing->mobility,
            'levels_up_to_mm' => $film->level->upToMm,
            'thinnest_mm' => $film->level->thinnestMm,
            'settle_min' => $film->level->settleMin,
            'smallest_bubble_um' => $film->rising->smallestUm,
            'rise_min' => ['100' => $film->rising->rise100Min, '50' => $film->rising->rise50Min, '30' => $film->rising->rise30Min],
            'drift_mm' => $film->level->driftMm,
            'end_to_end_mm' => $film->level->driftMm === null ? null : 2 * $film->level->driftMm,
            'level_within_mm_per_m' => $film->level->withinMmPerM,
            'peak_c' => $result->case->heat->peakC(),
            'runs_away' => ($result->case->heat->peakC() ?? 0.0) > Heating::RUNAWAY_C,
            'must_level' => $result->case->coat->mustLevel(),
            'stays_on_relief_mm' => $result->case->staysOnReliefMm(),
        ];
    }

    /** @return array<string, mixed> which heat, and when */
    private static function torch(CoatResult $result): array
    {
        $film = $result->film;

        return [
            'passes_min' => $film->torch->passesMin,
            'look_min' => $film->torch->lookMin,
            'looks_min' => $film->torch->looksMin,
            'closes_min' => $film->torch->closesMin,
            'tool' => $film->torch->tool->value,
            'vapours_until_h' => $result->vapoursUntilH(),
        ];
    }

    /**
     * @param  list<Advice>  $advice  on it
     * @return array<string, mixed>
     */
    public static function batch(BatchResult $result, array $advice, Speaker $say): array
    {
        return [
            'id' => $result->batch->id,
            ...self::mix($result->mixed->portions, $result->batch->measure->by?->isByVolume() === false ? $result->batch->measure->step?->value : null),
            'residue_ml' => $result->mixed->residueMl,
            'margin_ml' => $result->mixed->marginMl,
            'heat_kj_kg' => $result->standing->heatKjKg,
            'pot_life_min' => $result->standing->potLifeMin,
            'pouring' => $result->timing->pouring->value,
            'emptied_min' => $result->standing->emptiedMin,
            'emptied_c' => $result->standing->emptiedC(),
            'emptied_age_min' => $result->standing->emptiedAgeMin,
            'peak_c' => $result->standing->run?->peakC,
            'peak_min' => $result->standing->run?->peakMin,
            'ratio_error_pct' => ['worst' => $result->mixed->ratioError?->worstPct, 'likely' => $result->mixed->ratioError?->likelyPct],
            'turns' => array_map(static fn (Turn $turn): array => [
                'coat' => $turn->coat->case->coat->id,
                'count' => $turn->count,
                'each_ml' => $turn->eachMl,
                'from_min' => $turn->times->fromMin,
                'poured_min' => $turn->times->pouredMin,
                'spread_min' => $turn->times->spreadMin,
                'age_min' => $turn->times->ageMin,
                'spread_age_min' => $turn->times->spreadAgeMin,
            ], $result->turns),
            'colours' => array_map(static fn (ColourShare $share): array => self::colour($share, $say), $result->coloured->shares),
            'clear_ml' => $result->clearMl(),
            'swatches' => array_map(static fn (Swatch $swatch): array => [
                'colour' => self::named($swatch->share, $say),
                'coat' => $swatch->coat->case->coat->id,
                'ground' => $swatch->ground->colour(),
                'seen' => $swatch->seen->colour(),
            ], $result->coloured->swatches),
            'advice' => self::advice($advice, $say),
        ];
    }

    /** @return array<string, mixed> */
    private static function colour(ColourShare $share, Speaker $say): array
    {
        return [
            'name' => self::named($share, $say),
            'recipe' => $share->cup->colour->recipeId,
            'resin_ml' => $share->resinMl,
            'residue_ml' => $share->residueMl,
            'small_cups' => $share->cup->smallCups,
            'small_cup_ml' => $share->smallCupMl,
            'reserve_ml' => $share->reserveMl,
            'colourant_pct' => $share->colourantPct(),
            'watery_pct' => $share->wateryPct(),
            'filler_pct' => $share->fillerPct(),
            'stir_again' => $share->isStirredAgain(),
            'oil' => $share->hasOil(),
            'doses' => array_map(static fn (Dose $dose): array => [
                'colourant' => $dose->colourant->id,
                'name' => $dose->colourant->name,
                'amount' => $dose->amount,
                'unit' => $dose->unit->value,
                'ml' => $dose->ml(),
                'g' => $dose->grams(),
            ], $share->doses),
        ];
    }

    /** @return array<string, mixed> */
    private static function mix(Portions $mix, ?float $resolutionG = null): array
    {
        return [
            'a_ml' => $mix->aMl,
            'b_ml' => $mix->bMl,
            'a_g' => $mix->aG,
            'b_g' => $mix->bG,
            'total_ml' => $mix->totalMl(),
            'total_g' => $mix->totalG(),
            'shown' => ShownMix::of($mix, $resolutionG),
        ];
    }

    /**
     * @param  list<Advice>  $advice
     * @return list<array{code: string, level: string, text: string}>
     */
    private static function advice(array $advice, Speaker $say): array
    {
        return array_map(static fn (Advice $one): array => ['code' => $one->code, 'level' => $one->level->value, 'text' => $say->say($one->said)], $advice);
    }

    private static function named(ColourShare $share, Speaker $say): string
    {
        return is_string($share->cup->name) ? $share->cup->name : $say->say($share->cup->name);
    }
}
