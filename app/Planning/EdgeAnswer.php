<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Edge\FilmFrame;
use OpenGlaze\Core\Edge\FilmStrip;
use OpenGlaze\Core\Keeping\WayKind;
use OpenGlaze\Core\Keeping\WayToKeep;
use OpenGlaze\Core\Plan\PieceEdge;

/** How a film that is flooded over an edge looks over time: what the section draws. */
final class EdgeAnswer
{
    /** @return array<string, mixed>|null null where it is not flooded over an edge */
    public static function of(CoatResult $result): ?array
    {
        $edge = $result->case->wetEdge();
        if ($edge === null || $result->edge === null) {
            return null;
        }
        $strip = FilmStrip::of($edge, $result->film->flowing->gelsMin);

        return [
            'radius_mm' => $result->case->piece->edge->radiusMm->value,
            'most_radius_mm' => PieceEdge::MOST_RADIUS_MM,
            'reach_mm' => $edge->film->face->reachMm,
            'coated_m' => $result->case->coatedEdgeM(),
            'asked_mm' => $result->case->askedMm(),
            'most_stays_mm' => $result->case->laidToStay()?->mostMm(),
            'thin_within_mm' => $strip->thinWithinMm,
            'gels_min' => $result->film->flowing->gelsMin,
            'wipes_min' => $result->edge->wipesMin,
            // what still drips after the first wipe, where it is the only one
            'one_wipe_ml_per_m' => $edge->stillToDripMlPerM($edge->clock->mobilityAfter($result->edge->wipesMin[0])),
            'from_edge_mm' => array_map(static fn (float $mm): float => round($mm, 2), $strip->fromEdgeMm),
            'frames' => array_map(static fn (FilmFrame $frame): array => [
                'min' => $frame->min,
                'mean_mm' => round($frame->meanMm, 4),
                'edge_film_mm' => round($frame->edgeFilmMm, 4),
                'left_ml_per_m' => round($frame->leftMlPerM, 3),
                'profile_mm' => array_map(static fn (float $mm): float => round($mm, 3), $frame->profileMm),
            ], $strip->frames),
        ];
    }

    /**
     * @param  list<array{WayToKeep, int|null}>  $ways  with the row of another resin
     * @return list<array<string, mixed>> what each way takes and leaves, and the change that takes it
     */
    public static function ways(array $ways): array
    {
        return array_map(static function (array $one) use ($ways): array {
            [$way, $resinId] = $one;
            $first = $way->coats[0];

            return [
                'kind' => $way->kind->value,
                'value' => $way->value,
                'resin' => $way->resin,
                'coats' => count($way->coats),
                'film_mm' => $first->case->thicknessMm?->value,
                'mixed_ml' => $way->mixedMl(),
                'floor_ml' => $way->onTheFloorMl(),
                'stays_mm' => $way->staysMm(),
                'middle_mm' => $way->middleMm(),
                'edge_mm' => $way->atEdgeMm(),
                'wipes' => $way->wipes(),
                'next_from_h' => count($way->coats) > 1 ? $first->windows->recoatFromH : null,
                'next_to_h' => count($way->coats) > 1 ? $first->windows->recoatToH : null,
                'thicker' => $first->film->flowing->viscosityPaS / $ways[0][0]->coats[0]->film->flowing->viscosityPaS,
                'change' => self::change($way, $resinId),
            ];
        }, $ways);
    }

    /** @return array<string, mixed>|null what is sent to take it; null for as it is */
    private static function change(WayToKeep $way, ?int $resinId): ?array
    {
        return match ($way->kind) {
            WayKind::AsAsked => null,
            WayKind::Coats => ['split' => count($way->coats)],
            WayKind::Held => ['coat' => ['containment' => 'held', 'size_by' => ['thickness_mm' => $way->value]]],
            WayKind::Older => ['coat' => ['age_min' => $way->value]],
            WayKind::More => ['coat' => ['runoff_pct' => $way->value]],
            WayKind::Sharper => ['piece' => ['edge_radius_mm' => $way->value]],
            WayKind::Resin => ['resin_id' => $resinId],
        };
    }
}
