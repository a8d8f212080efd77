<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\WhatKeepsIt;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Laying;

/** What runs over the edge of an open film, and where nothing can. */
final class EdgeRule implements CoatRule
{
    /** So small a share of the film is not worth a word. */
    private const HARDLY = 0.002;

    public function judge(CoatResult $result): array
    {
        return [...self::keeps($result), ...self::runsOff($result), ...self::uncoated($result)];
    }

    /** @return list<Advice> */
    private static function keeps(CoatResult $result): array
    {
        $edge = $result->edge;
        $keeping = WhatKeepsIt::of($result->case);
        if ($edge === null || $keeping === null || $keeping->isKept()) {
            return [];
        }
        $coats = $keeping->coats();
        $or = [];
        if ($keeping->heldMm() !== null) {
            $or[] = Message::of('advice.edge_keeps_less.or_held', holds: Measure::thickness(floor($keeping->heldMm() * 100) / 100));
        }
        $age = $keeping->leastAgeMin();
        if ($age !== null) {
            $or[] = Message::of('advice.edge_keeps_less.or_older', age: Measure::minutes(ceil($age)), stays: Measure::thickness(WhatKeepsIt::KEPT_SHARE * $keeping->askedMm));
        }
        $runoff = $keeping->runoffPct();
        if ($runoff !== null) {
            $or[] = Message::of('advice.edge_keeps_less.or_more', runoff: Measure::percent($runoff), stays: Measure::thickness($keeping->askedMm));
        }

        return [Advice::caution(Topic::Thickness, Message::of(
            $coats === null ? 'advice.edge_keeps_less.dam' : 'advice.edge_keeps_less.coats',
            coats: $coats,
            each: $coats === null ? null : Measure::thickness($keeping->askedMm / $coats),
            stays: Measure::thickness($edge->staysMm),
            keeps: Measure::thickness($edge->keepsMm),
            or: $or === [] ? null : Message::of('advice.edge_keeps_less.or', ways: Listed::or($or)),
        ), ...$coats === null ? [] : [Remedy::coats($coats)], ...$runoff === null ? [] : [Remedy::runoff($runoff)])];
    }

    /** @return list<Advice> */
    private static function runsOff(CoatResult $result): array
    {
        $edge = $result->edge;
        $poured = $result->volume->runoffMl;

        // what is poured to run off is told in tenths of a per cent
        if ($edge === null || $edge->runsOffMl <= $poured + self::HARDLY * $result->volume->filmMl) {
            return [];
        }
        $runoff = WhatKeepsIt::of($result->case)?->runoffPct();

        return [Advice::note(Topic::Thickness, Message::of(
            $poured > 0 ? 'advice.runs_off_more.than_poured' : 'advice.runs_off_more.none_poured',
            runsOff: Measure::volume($edge->runsOffMl),
            poured: Measure::volume($poured),
        ), ...$runoff === null ? [] : [Remedy::runoff($runoff)])];
    }

    /** @return list<Advice> */
    private static function uncoated(CoatResult $result): array
    {
        $case = $result->case;
        $holds = $case->uncoatedEdgeHoldsMm();
        $film = $case->thicknessMm?->value;
        if ($holds === null || $film === null || $case->coat->manner->laying === Laying::Brush) {
            return [];
        }
        if ($film > $holds) {
            $most = floor($holds * 100) / 100;

            return [Advice::stop(Topic::Thickness, Message::of('advice.dome_over_limit.uncoated', most: Measure::thickness($most)), ...($most > 0 ? [Remedy::film($most)] : []))];
        }

        return [Advice::note(Topic::Thickness, Message::of($case->face->coatedEdgeMm > 0
            ? 'advice.held_at_uncoated_edge.part'
            : 'advice.held_at_uncoated_edge.all'))];
    }
}
