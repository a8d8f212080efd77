<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\WhatKeepsIt;
use OpenGlaze\Core\Plan\Laying;
use OpenGlaze\Core\Quantity\Wording;

/** What runs over the edge of an open film, and where nothing can. */
final class EdgeRule implements Rule
{
    /** So small a share of the film is not worth a word. */
    private const HARDLY = 0.002;

    public function judge(CoatResult $result, Wording $say): array
    {
        return [...self::keeps($result, $say), ...self::runsOff($result, $say), ...self::uncoated($result, $say)];
    }

    /** @return list<Advice> */
    private static function keeps(CoatResult $result, Wording $say): array
    {
        $edge = $result->edge;
        $keeping = WhatKeepsIt::of($result->case);
        if ($edge === null || $keeping === null || $keeping->isKept()) {
            return [];
        }
        $coats = $keeping->coats();
        $or = [];
        if ($keeping->heldMm() !== null) {
            $or[] = 'hold it at the edge, which holds '.$say->thickness(floor($keeping->heldMm() * 100) / 100);
        }
        $age = $keeping->leastAgeMin();
        if ($age !== null) {
            $or[] = sprintf('lay it %s old, and %s stay', $say->minutes(ceil($age)), $say->thickness(WhatKeepsIt::KEPT_SHARE * $keeping->askedMm));
        }
        $runoff = $keeping->runoffPct();
        if ($runoff !== null) {
            $or[] = sprintf('pour %s on top of it, and %s stay', $say->percent($runoff), $say->thickness($keeping->askedMm));
        }

        return [Advice::caution('edge_keeps_less', Topic::Thickness, sprintf(
            '%s, only %s stay, for the edge keeps %s.%s',
            $coats === null ? 'Dam it: flooded over its edge' : sprintf('Lay it in %d coats of %s, and nothing runs: of one', $coats, $say->thickness($keeping->askedMm / $coats)),
            $say->thickness($edge->staysMm),
            $say->thickness($edge->keepsMm),
            $or === [] ? '' : ' Or '.implode('; or ', $or).'.',
        ), ...$coats === null ? [] : [Remedy::coats($coats)], ...$runoff === null ? [] : [Remedy::runoff($runoff)])];
    }

    /** @return list<Advice> */
    private static function runsOff(CoatResult $result, Wording $say): array
    {
        $edge = $result->edge;
        $poured = $result->volume->runoffMl;

        // what is poured to run off is told in tenths of a per cent
        if ($edge === null || $edge->runsOffMl <= $poured + self::HARDLY * $result->volume->filmMl) {
            return [];
        }
        $runoff = WhatKeepsIt::of($result->case)?->runoffPct();

        return [Advice::note('runs_off_more', Topic::Thickness, sprintf(
            'Catch it: %s run over the edge, and %s were poured for that. The rest comes out of the film.',
            $say->volume($edge->runsOffMl),
            $poured > 0 ? $say->volume($poured) : 'none',
        ), ...$runoff === null ? [] : [Remedy::runoff($runoff)])];
    }

    /** @return list<Advice> */
    private static function uncoated(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        $holds = $case->uncoatedEdgeHoldsMm();
        $film = $case->thicknessMm?->value;
        if ($holds === null || $film === null || $case->coat->laying === Laying::Brush) {
            return [];
        }
        if ($film > $holds) {
            $most = floor($holds * 100) / 100;

            return [Advice::stop('dome_over_limit', Topic::Thickness, sprintf(
                'Lay at most %s: the edge that is not coated holds no more, and the rest runs over it.',
                $say->thickness($most),
            ), ...($most > 0 ? [Remedy::film($most)] : []))];
        }

        return [Advice::note('held_at_uncoated_edge', Topic::Thickness, $case->face->coatedEdgeMm > 0
            ? 'Where its edge is not coated the film stops at it, and is held there.'
            : 'No edge of this piece is coated: the film stops at it, and is held there.')];
    }
}
