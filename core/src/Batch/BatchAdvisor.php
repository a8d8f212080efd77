<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Plan\Studio;
use OpenGlaze\Core\Quantity\Wording;

/** What is to be said about one batch: stops first. */
final class BatchAdvisor
{
    /** Share of the open time at which the last piece must be spread. */
    public const SPREAD_BY = 0.8;

    /** Less than this share of its time left when it is emptied counts as hardly in time. */
    private const CLOSE_SHARE = 0.15;

    /** @return list<Advice> */
    public static function advise(BatchResult $result, Studio $studio, Wording $say): array
    {
        return [...self::colour($result, $say), ...self::heat($result, $studio, $say), ...self::age($result, $say), ...self::measuring($result, $say), ...self::spreading($result, $say), ...self::size($result, $say)];
    }

    /** @return list<Advice> */
    private static function colour(BatchResult $result, Wording $say): array
    {
        return $result->colours === [] ? [] : ColourAdvisor::advise($result, $say);
    }

    /** @return list<Advice> */
    private static function heat(BatchResult $result, Studio $studio, Wording $say): array
    {
        $run = $result->run;
        if ($run === null) {
            return [Advice::note('value_unknown', Topic::Heat, 'How warm it gets in its cup cannot be told from this label: pour it out at once.')];
        }
        $advice = [];
        $hot = $run->minutesToC(Heating::HOT_C);
        $ends = min($result->potLifeMin ?? INF, $hot ?? INF);
        if ($ends - $result->emptiedMin < self::CLOSE_SHARE * $ends) {
            $best = self::best($result, $studio, $ends - $result->emptiedMin);
            $text = sprintf(
                '%s: %s after %s, emptied after %s.',
                self::remedy($best, $say),
                $hot !== null && $hot <= $ends ? 'at '.$say->temperature(Heating::HOT_C) : 'its pot life is over',
                $say->minutes($ends),
                $say->minutes($result->emptiedMin),
            );
            $pieces = array_sum(array_map(static fn (Turn $turn): int => $turn->count, $result->turns));
            $remedies = $pieces > 1 && ($best === null || $best[0] === 'halved') ? [Remedy::halve()] : [];
            $advice[] = $ends < $result->emptiedMin ? Advice::stop('hot_batch', Topic::Heat, $text, ...$remedies) : Advice::caution('hot_batch', Topic::Heat, $text, ...$remedies);
        }
        if ($hot !== null) {
            $advice[] = Advice::note('never_leave_in_cup', Topic::Heat, sprintf('Never leave it in the cup: forgotten, it %s after %s.', $run->peakC > Heating::RUNAWAY_C ? 'runs away, past '.$say->temperature(Heating::HOT_C) : 'reaches '.$say->temperature(Heating::HOT_C), $say->minutes($hot)));
        }
        if ($result->resin->heatKjKg === null && $result->resin->potLifeMin !== null && $result->resin->potLifeMassG !== null && $result->heatKjKg === Curing::HEAT_KJ_KG) {
            $advice[] = Advice::note('value_unknown', Topic::Heat, sprintf('No heat of reaction fits the label\'s pot life: %s kJ/kg are taken.', Wording::number($result->heatKjKg, 0)));
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
        $emptied = $result->emptiedMin;
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
    private static function remedy(?array $best, Wording $say): string
    {
        return $best === null ? 'Pour fewer pieces from one cup' : sprintf('%s, then %s are left when it is empty', match ($best[0]) {
            'halved' => 'Mix half as much at once',
            'dish' => 'Pour it into a dish at once',
            default => sprintf('Mix it %s cooler', $say->temperatureDifference(CupClock::COOLER_K)),
        }, $best[1] > 0 ? $say->minutes($best[1]) : 'no minutes');
    }

    /**
     * How old it is when its last piece is poured: what has gelled in the cup is not poured.
     *
     * @return list<Advice>
     */
    private static function age(BatchResult $result, Wording $say): array
    {
        $gels = $result->turns[0]->coat->case->resin->kinetics($result->turns[0]->coat->case->studio)->gelAgeMin();
        foreach ($result->turns as $turn) {
            if ($turn->ageMin !== null && $turn->ageMin > $gels) {
                return [Advice::stop('gelled', Topic::Heat, sprintf('Do not pour %s from it: it has gelled in the cup by then, after %s.', $turn->coat->case->piece->name, $say->minutes($turn->toMin)))];
            }
        }

        return [];
    }

    /** @return list<Advice> */
    private static function measuring(BatchResult $result, Wording $say): array
    {
        $error = $result->ratioError;
        if ($error === null) {
            return [];
        }
        if ($error->likelyPct === null) {
            return [Advice::stop('cannot_be_measured', Topic::Sheet, sprintf(
                'Mix more than %s, or measure more finely: the second part is smaller than the error of reading it.',
                $say->volume($result->mix->totalMl() * $error->measurableFrom),
            ))];
        }
        $advice = [];
        $tolerance = $result->resin->ratioTolerancePct->value;
        $off = $result->resin->weighedOffPct();
        $isWeighed = $result->batch->measuredBy?->isByVolume() === false;
        if ($off > 0 && $isWeighed) {
            $advice[] = Advice::caution('weigh_needs_density', Topic::Sheet, sprintf(
                'Measure it by volume: its densities are typical ones, and weighed by them the ratio may be off by up to %s %%. Or weigh 100 ml of each part, less the cup, and write it on its sheet.',
                Wording::number($off, 1),
            ));
        }
        if ($error->likelyPct > $tolerance) {
            $advice[] = Advice::caution('measuring_too_coarse', Topic::Sheet, sprintf(
                '%s: measured so, the ratio is likely off by up to %s %%, and this resin takes up to %s %%. From %s on it would do.',
                match (true) {
                    $isWeighed => 'Take a finer scale',
                    // weighed by typical densities it would be no better
                    $off > $error->likelyPct => 'Mix more, or measure more finely',
                    default => 'Weigh it',
                },
                Wording::number($error->likelyPct, 1),
                Wording::number($tolerance, 1),
                $say->volume($result->mix->totalMl() * $error->factorWithin($tolerance)),
            ));
        }

        return $advice;
    }

    /** @return list<Advice> */
    private static function spreading(BatchResult $result, Wording $say): array
    {
        $open = $result->resin->openMin->value;
        foreach ($result->turns as $turn) {
            if ($turn->ageMin !== null && $turn->ageMin > self::SPREAD_BY * $open) {
                return [Advice::caution('spread_longer_than_open_time', Topic::Heat, sprintf(
                    'Split it: %s would be spread only after %s, past four fifths of its open time.',
                    $turn->coat->case->piece->name,
                    $say->minutes($turn->toMin),
                ))];
            }
        }

        return [];
    }

    /** @return list<Advice> */
    private static function size(BatchResult $result, Wording $say): array
    {
        $least = $result->resin->minBatchMl?->value;
        $total = $result->mix->totalMl();

        return $least === null || $total >= $least ? [] : [Advice::note('under_min_batch', Topic::Sheet, sprintf(
            'Mix %s, the smallest batch of its maker, and keep spares ready for %s%s.',
            $say->volume($least),
            $say->volume($least - $total),
            ($spares = Spares::words($result, $least - $total)) === null ? '' : ', that is '.$spares,
        ))];
    }
}
