<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Plan\Piece;
use OpenGlaze\Core\Plan\Plan;

/** Writes results in the names and units of the open result file, ready to be encoded as JSON. */
final class ResultDocument
{
    public const FORMAT = 'open-glaze-result';

    /**
     * @param  list<CoatResult>  $results
     * @return array<string, mixed>
     */
    public static function of(Plan $plan, array $results): array
    {
        return [
            'format' => self::FORMAT,
            'version' => 1,
            'pieces' => array_map(self::piece(...), array_values($plan->pieces)),
            'coats' => array_map(self::coat(...), $results),
            'batches' => [],
        ];
    }

    /** @return array<string, mixed> */
    public static function piece(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'area_cm2' => $piece->areaCm2(),
            'perimeter_mm' => $piece->outline->perimeterMm(),
            'hole_perimeter_mm' => $piece->outline->holePerimeterMm(),
            'coated_edge_mm' => $piece->coatedEdgeMm(),
            'effective_radius_mm' => $piece->outline->effectiveRadiusMm(),
        ];
    }

    /** @return array<string, mixed> */
    public static function coat(CoatResult $result): array
    {
        $volume = $result->volume;
        $film = $result->film;
        $drips = $result->drips;
        $windows = $result->windows;
        $held = $result->case->held;

        return [
            'id' => $result->case->coat->id,
            'piece' => $result->case->piece->id,
            'thickness_mm' => $result->case->coat->thicknessMm->value,
            'volume_ml' => [
                'film' => $volume->filmMl,
                'edges' => $volume->edgesMl,
                'runoff' => $volume->runoffMl,
                'soak' => $volume->soakMl,
                'climb' => 0.0,
                'displaced' => 0.0,
                'residue' => $volume->residueMl,
                'margin' => $volume->marginMl,
                'total' => $volume->totalMl(),
            ],
            'mix' => [
                'a_ml' => $result->mix->aMl,
                'b_ml' => $result->mix->bMl,
                'a_g' => $result->mix->aG,
                'b_g' => $result->mix->bG,
                'total_ml' => $result->mix->totalMl(),
                'total_g' => $result->mix->totalG(),
            ],
            'held' => $held === null ? null : [
                'edge_angle_deg' => $held->edgeAngleDeg,
                'centre_mm' => $held->centreMm,
                'limit_ml' => $held->limitMl,
                'limit_thickness_mm' => $held->limitThicknessMm,
            ],
            'lifts' => [],
            'film' => [
                'rate' => $film->rate,
                'viscosity_pa_s' => $film->viscosityPaS,
                'open_min' => $film->openMin,
                'mobility_m_s_kg' => $film->mobility,
                'levels_up_to_mm' => $film->levelsUpToMm,
                'thinnest_mm' => $film->thinnestMm,
                'settle_min' => $film->settleMin,
                'smallest_bubble_um' => $film->smallestBubbleUm,
                'rise_min' => ['100' => $film->rise100Min, '50' => $film->rise50Min, '30' => $film->rise30Min],
                'drift_mm' => $film->driftMm,
                'level_within_mm_per_m' => $film->levelWithinMmPerM,
            ],
            'torch' => [
                'passes_min' => $film->torch->passesMin,
                'look_min' => $film->torch->lookMin,
                'closes_min' => $film->torch->closesMin,
                'tool' => $film->torch->tool->value,
            ],
            'drips' => $drips === null ? null : [
                'wipes_min' => $drips->wipesMin,
                'last_wipe_min' => $drips->lastWipeMin(),
                'edge_film_left_mm' => $drips->edgeFilmLeftMm,
                'dripped_ml' => $drips->drippedMl,
            ],
            'windows' => [
                'recoat_from_h' => $windows->recoatFromH,
                'recoat_to_h' => $windows->recoatToH,
                'sand_from_h' => $windows->sandFromH,
                'handle_h' => $windows->handleH,
                'full_cure_h' => $windows->fullCureH,
            ],
            'advice' => array_map(static fn (Advice $advice): array => [
                'code' => $advice->code,
                'level' => $advice->level->value,
                'text' => $advice->text,
            ], $result->advice),
        ];
    }
}
