<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\Studio;

/** What is to be said about one batch: stops first. */
final class BatchAdvisor
{
    /** Share of the open time at which the last piece must be spread. */
    public const SPREAD_BY = 0.8;

    /** Less than this share of its time left when it is emptied counts as hardly in time. */
    private const CLOSE_SHARE = 0.15;

    /** @return list<Advice> */
    public static function advise(BatchResult $result, Studio $studio): array
    {
        return [...self::colour($result), ...self::heat($result, $studio), ...self::age($result), ...self::measuring($result), ...self::spreading($result), ...self::size($result)];
    }

    /** @return list<Advice> */
    private static function colour(BatchResult $result): array
    {
        return $result->coloured->shares === [] ? [] : ColourAdvisor::advise($result);
    }

    /** @return list<Advice> */
    private static function heat(BatchResult $result, Studio $studio): array
    {
        $run = $result->standing->run;
        if ($run === null) {
            return [Advice::note(Topic::Heat, Message::of('advice.value_unknown.heat_in_cup'))];
        }
        $advice = [];
        $hot = $run->minutesToC(Heating::HOT_C);
        $ends = min($result->standing->potLifeMin ?? INF, $hot ?? INF);
        if ($ends - $result->standing->emptiedMin < self::CLOSE_SHARE * $ends) {
            $best = self::best($result, $studio, $ends - $result->standing->emptiedMin);
            $said = Message::of(
                $hot !== null && $hot <= $ends ? 'advice.hot_batch.hot' : 'advice.hot_batch.over',
                remedy: self::remedy($best),
                hot: Measure::temperature(Heating::HOT_C),
                ends: Measure::minutes($ends),
                emptied: Measure::minutes($result->standing->emptiedMin),
            );
            $pieces = array_sum(array_map(static fn (Turn $turn): int => $turn->count, $result->turns));
            $remedies = $pieces > 1 && ($best === null || $best[0] === 'halved') ? [Remedy::halve()] : [];
            $advice[] = $ends < $result->standing->emptiedMin ? Advice::stop(Topic::Heat, $said, ...$remedies) : Advice::caution(Topic::Heat, $said, ...$remedies);
        }
        if ($hot !== null) {
            $advice[] = Advice::note(Topic::Heat, Message::of(
                $run->peakC > Heating::RUNAWAY_C ? 'advice.never_leave_in_cup.runs_away' : 'advice.never_leave_in_cup.reaches',
                hot: Measure::temperature(Heating::HOT_C),
                after: Measure::minutes($hot),
            ));
        }
        if ($result->resin->setting->heatKjKg === null && $result->resin->times->potLifeMin !== null && $result->resin->times->potLifeMassG !== null && $result->standing->heatKjKg === Curing::HEAT_KJ_KG) {
            $advice[] = Advice::note(Topic::Heat, Message::of('advice.value_unknown.heat_of_reaction', heat: Measure::number($result->standing->heatKjKg)));
        }

        return $advice;
    }

    /**
     * What gains most, and the minutes that are left then; null where nothing gains.
     *
     * @return array{string, float}|null
     */
    private static function best(BatchResult $result, Studio $studio, float $leftMin): ?array
    {
        $emptied = $result->standing->emptiedMin;
        $left = [];
        foreach (CupClock::of($studio, $result)?->compared() ?? [] as $way => $standing) {
            $left[$way] = min($standing->potLifeMin ?? INF, $standing->hotMin ?? INF) - ($way === 'halved' ? $emptied / 2 : $emptied);
        }
        unset($left['cup']);
        arsort($left);
        $best = array_key_first($left);

        return $best === null || $left[$best] <= $leftMin ? null : [$best, $left[$best]];
    }

    /** @param  array{string, float}|null  $best */
    private static function remedy(?array $best): Message
    {
        return $best === null ? Message::of('advice.hot_batch.fewer') : Message::of(
            $best[1] > 0 ? 'advice.hot_batch.then_left' : 'advice.hot_batch.then_none_left',
            what: Message::of('advice.hot_batch.'.$best[0], cooler: Measure::temperatureDifference(CupClock::COOLER_K)),
            left: Measure::minutes($best[1]),
        );
    }

    /**
     * How old it is when its last piece is poured: what has gelled in the cup is not poured.
     *
     * @return list<Advice>
     */
    private static function age(BatchResult $result): array
    {
        $gels = $result->turns[0]->coat->case->resin->kinetics($result->turns[0]->coat->case->studio)->gelAgeMin();
        foreach ($result->turns as $turn) {
            if ($turn->ageMin !== null && $turn->ageMin > $gels) {
                return [Advice::stop(Topic::Heat, Message::of('advice.gelled.cup', piece: $turn->coat->case->piece->name, after: Measure::minutes($turn->toMin)))];
            }
        }

        return [];
    }

    /** @return list<Advice> */
    private static function measuring(BatchResult $result): array
    {
        $error = $result->mixed->ratioError;
        if ($error === null) {
            return [];
        }
        if ($error->likelyPct === null) {
            return [Advice::stop(Topic::Sheet, Message::of('advice.cannot_be_measured', least: Measure::volume($result->mixed->portions->totalMl() * $error->measurableFrom)))];
        }
        $advice = [];
        $tolerance = $result->resin->limits->ratioTolerancePct->value;
        $off = $result->resin->weighedOffPct();
        $isWeighed = $result->batch->measure->by?->isByVolume() === false;
        if ($off > 0 && $isWeighed) {
            $advice[] = Advice::caution(Topic::Sheet, Message::of('advice.weigh_needs_density', off: Measure::percent($off, 1)));
        }
        if ($error->likelyPct > $tolerance) {
            $advice[] = Advice::caution(Topic::Sheet, Message::of(
                match (true) {
                    $isWeighed => 'advice.measuring_too_coarse.finer_scale',
                    // weighed by typical densities it would be no better
                    $off > $error->likelyPct => 'advice.measuring_too_coarse.more',
                    default => 'advice.measuring_too_coarse.weigh',
                },
                likely: Measure::percent($error->likelyPct, 1),
                tolerance: Measure::percent($tolerance, 1),
                from: Measure::volume($result->mixed->portions->totalMl() * $error->factorWithin($tolerance)),
            ));
        }

        return $advice;
    }

    /** @return list<Advice> */
    private static function spreading(BatchResult $result): array
    {
        $open = $result->resin->times->openMin->value;
        foreach ($result->turns as $turn) {
            if ($turn->ageMin !== null && $turn->ageMin > self::SPREAD_BY * $open) {
                return [Advice::caution(Topic::Heat, Message::of(
                    'advice.spread_longer_than_open_time',
                    piece: $turn->coat->case->piece->name,
                    after: Measure::minutes($turn->toMin),
                ))];
            }
        }

        return [];
    }

    /** @return list<Advice> */
    private static function size(BatchResult $result): array
    {
        $least = $result->resin->limits->minBatchMl?->value;
        $total = $result->mixed->portions->totalMl();

        if ($least === null || $total >= $least) {
            return [];
        }
        $spares = Spares::named($result, $least - $total);

        return [Advice::note(Topic::Sheet, Message::of(
            $spares === [] ? 'advice.under_min_batch.less_than_one' : 'advice.under_min_batch.spares',
            least: Measure::volume($least),
            spare: Measure::volume($least - $total),
            more: Listed::orOf($spares),
        ))];
    }
}
