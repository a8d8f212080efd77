<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Edge\FilmFrame;
use OpenGlaze\Core\Edge\FilmStrip;

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
        $strip = FilmStrip::of($edge, $result->film->gelsMin);

        return [
            'radius_mm' => $result->case->piece->edgeRadiusMm->value,
            'reach_mm' => $edge->face->reachMm,
            'coated_m' => $result->case->coatedEdgeM(),
            'asked_mm' => $result->edge->laidMm / (1 + $result->case->volume->runoffShare),
            'thin_within_mm' => $strip->thinWithinMm,
            'gels_min' => $result->film->gelsMin,
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
}
