<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Keeping;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\WhatKeepsIt;
use OpenGlaze\Core\Edge\EdgeLimit;
use OpenGlaze\Core\Plan\Entries;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\PlanReader;
use OpenGlaze\Core\Plan\ResinFamily;
use OpenGlaze\Core\Plan\ResinSheet;
use stdClass;

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
     * @param  stdClass  $document  a plan in the plan file's form
     * @param  int  $at  place of the coat in it
     * @param  list<stdClass>  $resins  others that it could be laid with, as the plan file writes them
     * @return list<WayToKeep> the first as it is asked; empty where nothing runs over
     *
     * @throws PlanException when the plan itself cannot be computed
     */
    public static function of(stdClass $document, int $at, array $resins = []): array
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
    private static function coats(stdClass $document, int $at, WhatKeepsIt $keeping): array
    {
        $count = $keeping->coats();

        return $count === null ? [] : self::way(WayKind::Coats, $document, $at, (float) $count, static function (stdClass $plan) use ($at, $count, $keeping): void {
            $coats = Entries::of($plan, 'coats');
            $coats[$at]->size_by = (object) ['thickness_mm' => $keeping->askedMm / $count];
            $more = [];
            for ($number = 2; $number <= $count; $number++) {
                $coat = self::copy($coats[$at]);
                $coat->id = (is_string($coat->id) ? $coat->id : '').'/'.$number;
                $more[] = $coat;
            }
            $plan->coats = [...array_slice($coats, 0, $at + 1), ...$more, ...array_slice($coats, $at + 1)];
        }, $count);
    }

    /** @return list<WayToKeep> */
    private static function held(stdClass $document, int $at, WhatKeepsIt $keeping): array
    {
        return $keeping->heldMm() === null ? [] : self::way(WayKind::Held, $document, $at, $keeping->askedMm, static function (stdClass $plan) use ($at, $keeping): void {
            Entries::of($plan, 'coats')[$at]->containment = 'held';
            Entries::of($plan, 'coats')[$at]->size_by = (object) ['thickness_mm' => $keeping->askedMm];
        });
    }

    /** @return list<WayToKeep> */
    private static function older(stdClass $document, int $at, WhatKeepsIt $keeping): array
    {
        $age = $keeping->leastAgeMin();

        return $age === null ? [] : self::way(WayKind::Older, $document, $at, ceil($age), static function (stdClass $plan) use ($at, $age): void {
            Entries::of($plan, 'coats')[$at]->age_min = ceil($age);
        });
    }

    /** @return list<WayToKeep> */
    private static function more(stdClass $document, int $at, WhatKeepsIt $keeping): array
    {
        $runoff = $keeping->runoffPct();

        return $runoff === null ? [] : self::way(WayKind::More, $document, $at, $runoff, static function (stdClass $plan) use ($at, $keeping, $runoff): void {
            $coat = Entries::of($plan, 'coats')[$at];
            $coat->size_by = (object) ['thickness_mm' => $keeping->askedMm];
            $coat->runoff_pct = $runoff;
        });
    }

    /** @return list<WayToKeep> */
    private static function sharper(stdClass $document, int $at, CoatResult $asked): array
    {
        $piece = $asked->case->piece;
        $radius = max(self::SHARPEST_MM, floor(10 * EdgeLimit::radiusMm($asked->edge->laidMm ?? 0.0, $asked->case->liquid->capillaryLengthMm())) / 10);

        return $radius >= $piece->edge->radiusMm->value ? [] : self::way(WayKind::Sharper, $document, $at, $radius, static function (stdClass $plan) use ($piece, $radius): void {
            foreach (Entries::of($plan, 'pieces') as $one) {
                if ($one->id === $piece->id) {
                    $one->edge_radius_mm = $radius;
                }
            }
        });
    }

    /**
     * The quicker one that keeps most.
     *
     * @param  list<stdClass>  $resins
     * @return list<WayToKeep>
     */
    private static function resin(stdClass $document, int $at, CoatResult $asked, array $resins): array
    {
        $best = [];
        foreach ($resins as $resin) {
            $ways = self::way(WayKind::Resin, $document, $at, null, static function (stdClass $plan) use ($at, $resin): void {
                $own = self::copy($resin);
                $own->id = self::freeId($plan);
                $plan->resins = [...Entries::of($plan, 'resins'), $own];
                Entries::of($plan, 'coats')[$at]->resin = $own->id;
            });
            $way = $ways[0] ?? null;
            if ($way !== null && self::isQuicker($way->coats[0]->case->resin, $asked->case->resin) && $way->staysMm() > ($best === [] ? self::WORTH * ($asked->edge->staysMm ?? 0.0) : $best[0]->staysMm())) {
                $case = $way->coats[0]->case;
                $best = [new WayToKeep(WayKind::Resin, $way->coats, null, $case->resin->name, is_string($resin->id ?? null) ? $resin->id : null)];
            }
        }

        return $best;
    }

    /** It sets sooner in the film; and nobody goes over to polyester for an edge. */
    private static function isQuicker(ResinSheet $other, ResinSheet $own): bool
    {
        return $other->times->openMin->value < $own->times->openMin->value && ($other->family !== ResinFamily::Polyester || $own->family === ResinFamily::Polyester);
    }

    private static function freeId(stdClass $plan): string
    {
        $ids = array_map(static fn (stdClass $resin): mixed => $resin->id ?? null, Entries::of($plan, 'resins'));
        for ($number = 1; in_array("other-$number", $ids, true); $number++) {
            // the next
        }

        return "other-$number";
    }

    /**
     * @param  callable(stdClass): void  $change  of a copy of the plan
     * @param  int  $count  of coats that it is laid in
     * @return list<WayToKeep> none where it cannot be computed so
     */
    private static function way(WayKind $kind, stdClass $document, int $at, ?float $value, callable $change, int $count = 1): array
    {
        $plan = self::copy($document);
        $change($plan);
        try {
            return [new WayToKeep($kind, array_slice(self::plan($plan), $at, $count), $value)];
        } catch (PlanException) {
            return [];
        }
    }

    /** @return list<CoatResult> */
    private static function plan(stdClass $document): array
    {
        return (new Planner(advises: false))->plan((new PlanReader)->read($document));
    }

    private static function copy(stdClass $object): stdClass
    {
        $copy = clone $object;
        foreach (get_object_vars($copy) as $name => $value) {
            $copy->{$name} = match (true) {
                $value instanceof stdClass => self::copy($value),
                is_array($value) => array_map(static fn (mixed $one): mixed => $one instanceof stdClass ? self::copy($one) : $one, $value),
                default => $value,
            };
        }

        return $copy;
    }
}
