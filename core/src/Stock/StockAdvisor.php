<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Stock;

use DateTimeImmutable;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Whether what is on the shelf does for a batch: dates, lots, amounts. */
final class StockAdvisor
{
    /**
     * @param  list<Lot>  $shelf  of the batch's resin, in the order in which they are finished; none when nobody keeps them
     * @return list<Advice>
     */
    public static function advise(BatchResult $result, array $shelf, DateTimeImmutable $today): array
    {
        $lots = self::pouredFrom($result, $shelf);
        $advice = [];
        foreach ($lots as $lot) {
            if ($lot->isPast($today)) {
                $advice[] = Advice::caution(Topic::Sheet, Message::of('advice.lot_past_date', lot: $lot->name, until: $lot->bestBefore === null ? null : Message::of('dates.day', day: (int) $lot->bestBefore->format('j'), month: Message::of('dates.months.'.$lot->bestBefore->format('n')), year: $lot->bestBefore->format('Y'))));
            }
        }
        if (count($lots) > 1) {
            $advice[] = Advice::caution(Topic::Sheet, Message::of('advice.two_lots', lots: Listed::and(array_map(static fn (Lot $lot): string => $lot->name, $lots))));
        }
        $share = self::shareAtHand($result, $lots);

        return $share === null || $share >= 1 ? $advice : [...$advice, self::short($result, $share)];
    }

    /**
     * Whether there are as many of its vessel.
     *
     * @param  int  $others  cups of the same that tonight's other batches take before it
     */
    public static function vessel(BatchResult $result, VesselStock $stock, int $others, int $nowMs): ?Advice
    {
        $left = $stock->leftAfter($others);
        if ($result->batch->in->cups <= $left) {
            return null;
        }

        return Advice::caution(Topic::Sheet, Message::of(
            match ($left) {
                0 => 'advice.vessel_not_free.none',
                1 => 'advice.vessel_not_free.one',
                default => 'advice.vessel_not_free.some',
            },
            vessel: $stock->sheet->name,
            left: $left,
            takes: $result->batch->in->cups,
            next: $stock->nextMs === null ? null : Message::of('advice.vessel_not_free.next', hours: max(1, (int) ceil(($stock->nextMs - $nowMs) / 3_600_000))),
        ));
    }

    /**
     * The lots that a batch comes out of: the first, and the next where that does not do.
     *
     * @param  list<Lot>  $shelf
     * @return list<Lot>
     */
    public static function pouredFrom(BatchResult $result, array $shelf): array
    {
        $lots = [];
        foreach ($shelf as $lot) {
            if ($lot->isEmpty()) {
                continue;
            }
            $lots[] = $lot;
            if ((self::shareAtHand($result, $lots) ?? 1.0) >= 1) {
                break;
            }
        }

        return $lots;
    }

    /**
     * How much of the batch the lots make, by the part that runs out first; null when what is left is not known.
     *
     * @param  list<Lot>  $lots
     */
    public static function shareAtHand(BatchResult $result, array $lots): ?float
    {
        $shares = [];
        foreach ([[$result->mixed->portions->aMl, static fn (Lot $lot): ?float => $lot->leftAMl], [$result->mixed->portions->bMl, static fn (Lot $lot): ?float => $lot->leftBMl]] as [$needed, $left]) {
            $known = array_filter(array_map($left, $lots), static fn (?float $ml): bool => $ml !== null);
            if ($lots !== [] && count($known) === count($lots)) {
                $shares[] = array_sum($known) / $needed;
            }
        }

        return $shares === [] ? null : min($shares);
    }

    private static function short(BatchResult $result, float $share): Advice
    {
        $left = $share * ($result->mixed->portions->totalMl());
        $could = [];
        foreach ($result->turns as $turn) {
            $each = self::eachMl($result, $turn);
            $count = min($turn->count, (int) floor($left / $each + 1e-9));
            $left -= $count * $each;
            $could[] = Message::of('batches.some_of', count: $count, all: $turn->count, piece: $turn->coat->case->piece->name);
        }

        return Advice::caution(Topic::Sheet, Message::of(
            'advice.short_on_shelf',
            enough: Measure::volume($share * $result->mixed->portions->totalMl()),
            all: Measure::volume($result->mixed->portions->totalMl()),
            could: Listed::commas($could),
        ));
    }

    /** What one piece takes of the mix, its share of what the cup keeps and of the margin with it, ml. */
    private static function eachMl(BatchResult $result, Turn $turn): float
    {
        $all = array_sum(array_map(static fn (Turn $one): float => $one->pouredMl, $result->turns));

        return $turn->eachMl * $result->mixed->portions->totalMl() / $all;
    }
}
