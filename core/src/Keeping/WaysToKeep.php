<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Keeping;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\WhatKeepsIt;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Edge\EdgeLimit;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\ResinFamily;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Reading\PlanReader;

/**
 * What would keep a film that runs over its edge: the plan as it is asked, and each other way worked out beside it.
 *
 * Each is a change of the plan, computed as a whole: amounts, what runs off, wipes and windows are those that the
 * plan would have.
 */
final class WaysToKeep
{
    /** As sharp as an edge is made, or a line of tape makes it, mm. */
    private const SHARPEST_MM = 0.2;

    /** Another resin must keep so much more of what is asked to be worth a word. */
    private const WORTH = 1.02;

    /**
     * @param  int  $at  place of the coat in it
     * @param  list<Entry>  $resins  others that it could be laid with, as the plan file writes them
     * @return list<WayToKeep> the first as it is asked; empty where nothing runs over
     *
     * @throws PlanException when the plan itself cannot be computed
     */
    public static function of(PlanDocument $document, int $at, array $resins = []): array
    {
        $asked = self::plan($document)[$at];
        $keeping = WhatKeepsIt::of($asked->case);
        if ($keeping === null) {
            return [];
        }

        return [
            new WayToKeep(WayKind::AsAsked, [$asked]),
            ...self::coats($document, $at, $keeping),
            ...self::held($document, $at, $keeping),
            ...self::older($document, $at, $keeping),
            ...self::more($document, $at, $keeping),
            ...self::sharper($document, $at, $asked),
            ...self::resin($document, $at, $asked, $resins),
        ];
    }

    /** @return list<WayToKeep> */
    private static function coats(PlanDocument $document, int $at, WhatKeepsIt $keeping): array
    {
        $count = $keeping->coats();

        return $count === null ? [] : self::way(WayKind::Coats, $document, $at, (float) $count, static function (PlanDocument $plan) use ($at, $count, $keeping): PlanDocument {
            $coats = $plan->coats();
            $thinner = $coats[$at]->with('size_by', ['thickness_mm' => $keeping->askedMm / $count]);
            $more = array_map(static fn (int $number): Entry => $thinner->with('id', $thinner->text('id').'/'.$number), range(2, $count));

            return $plan->with('coats', [...array_slice($coats, 0, $at), $thinner, ...$more, ...array_slice($coats, $at + 1)]);
        }, $count);
    }

    /** @return list<WayToKeep> */
    private static function held(PlanDocument $document, int $at, WhatKeepsIt $keeping): array
    {
        return $keeping->heldMm() === null ? [] : self::way(WayKind::Held, $document, $at, $keeping->askedMm, static fn (PlanDocument $plan): PlanDocument => $plan
            ->with("coats.$at.containment", 'held')
            ->with("coats.$at.size_by", ['thickness_mm' => $keeping->askedMm]));
    }

    /** @return list<WayToKeep> */
    private static function older(PlanDocument $document, int $at, WhatKeepsIt $keeping): array
    {
        $age = $keeping->leastAgeMin();

        return $age === null ? [] : self::way(WayKind::Older, $document, $at, ceil($age), static fn (PlanDocument $plan): PlanDocument => $plan->with("coats.$at.age_min", ceil($age)));
    }

    /** @return list<WayToKeep> */
    private static function more(PlanDocument $document, int $at, WhatKeepsIt $keeping): array
    {
        $runoff = $keeping->runoffPct();

        return $runoff === null ? [] : self::way(WayKind::More, $document, $at, $runoff, static fn (PlanDocument $plan): PlanDocument => $plan
            ->with("coats.$at.size_by", ['thickness_mm' => $keeping->askedMm])
            ->with("coats.$at.runoff_pct", $runoff));
    }

    /** @return list<WayToKeep> */
    private static function sharper(PlanDocument $document, int $at, CoatResult $asked): array
    {
        $piece = $asked->case->piece;
        $radius = max(self::SHARPEST_MM, floor(10 * EdgeLimit::radiusMm($asked->edge->laidMm ?? 0.0, $asked->case->liquid->capillaryLengthMm())) / 10);

        return $radius >= $piece->edge->radiusMm->value ? [] : self::way(WayKind::Sharper, $document, $at, $radius, static fn (PlanDocument $plan): PlanDocument => $plan->with('pieces', array_map(
            static fn (Entry $one): Entry => $one->text('id') === $piece->id ? $one->with('edge_radius_mm', $radius) : $one,
            $plan->pieces(),
        )));
    }

    /**
     * The quicker one that keeps most.
     *
     * @param  list<Entry>  $resins
     * @return list<WayToKeep>
     */
    private static function resin(PlanDocument $document, int $at, CoatResult $asked, array $resins): array
    {
        $best = [];
        foreach ($resins as $resin) {
            $ways = self::way(WayKind::Resin, $document, $at, null, static function (PlanDocument $plan) use ($at, $resin): PlanDocument {
                $id = self::freeId($plan);

                return $plan->with('resins', [...$plan->resins(), $resin->with('id', $id)])->with("coats.$at.resin", $id);
            });
            $way = $ways[0] ?? null;
            if ($way !== null && self::isQuicker($way->coats[0]->case->resin, $asked->case->resin) && $way->staysMm() > ($best === [] ? self::WORTH * ($asked->edge->staysMm ?? 0.0) : $best[0]->staysMm())) {
                $case = $way->coats[0]->case;
                $best = [new WayToKeep(WayKind::Resin, $way->coats, null, $case->resin->name, $resin->text('id'))];
            }
        }

        return $best;
    }

    /** It sets sooner in the film; and nobody goes over to polyester for an edge. */
    private static function isQuicker(ResinSheet $other, ResinSheet $own): bool
    {
        return $other->times->openMin->value < $own->times->openMin->value && ($other->family !== ResinFamily::Polyester || $own->family === ResinFamily::Polyester);
    }

    private static function freeId(PlanDocument $plan): string
    {
        $ids = array_map(static fn (Entry $resin): ?string => $resin->text('id'), $plan->resins());
        for ($number = 1; in_array("other-$number", $ids, true); $number++) {
            // the next
        }

        return "other-$number";
    }

    /**
     * @param  callable(PlanDocument): PlanDocument  $change
     * @param  int  $count  of coats that it is laid in
     * @return list<WayToKeep> none where it cannot be computed so
     */
    private static function way(WayKind $kind, PlanDocument $document, int $at, ?float $value, callable $change, int $count = 1): array
    {
        try {
            return [new WayToKeep($kind, array_slice(self::plan($change($document)), $at, $count), $value)];
        } catch (PlanException) {
            return [];
        }
    }

    /** @return list<CoatResult> */
    private static function plan(PlanDocument $document): array
    {
        return (new Planner)->plan((new PlanReader)->read($document));
    }
}
