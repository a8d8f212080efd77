<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Before;

use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Round\RoundAct;
use OpenGlaze\Core\Round\Rounds;
use OpenGlaze\Core\Run\Act;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Run\Gloves;
use OpenGlaze\Core\Steps\StepList;

/** The last checks that tonight's pieces and resins need, in the order of the room: door, air, bench, pieces, cups, hands, fire. */
final class Checks
{
    /** What a coat is told of the air that it is poured in. */
    private const AIR = ['near_dew_point', 'damp_air', 'room_too_cold', 'room_too_warm'];

    /** Of what each coat wants done before, what is looked at once more with the resin at hand. */
    private const AGAIN = ['support', 'raise', 'tape_underside', 'check_leaks', 'release'];

    /**
     * @param  list<BatchResult>  $batches  in the order in which they are mixed
     * @return list<Check> none where nothing is mixed
     */
    public static function of(array $batches): array
    {
        $turns = array_merge(...array_map(static fn (BatchResult $batch): array => $batch->turns, $batches));
        if ($turns === []) {
            return [];
        }
        $coats = array_map(static fn (Turn $turn): CoatResult => $turn->coat, $turns);

        return array_values(array_filter([
            new Check('dust', Message::of('checks.dust.title'), Message::of('checks.dust.how')),
            self::air($coats),
            self::level($coats),
            ...self::pieces($coats),
            self::places($turns),
            self::covers($turns),
            new Check('cups', self::counted('cups', self::cups($batches)), Message::of('checks.cups.how')),
            self::gloves($batches),
            ...self::fire($coats),
        ]));
    }

    /**
     * The room as it is said to be, and what is off in it for any of the coats.
     *
     * @param  non-empty-list<CoatResult>  $coats
     */
    private static function air(array $coats): Check
    {
        $case = $coats[0]->case;
        $dew = DewPoint::celsius($case->airC(), $case->studio->room->humidityPct->value);
        $title = Message::of('checks.air.title', air: Measure::temperature($case->airC()), humidity: Measure::percent($case->studio->room->humidityPct->value), dew: Measure::temperature($dew));
        foreach ($coats as $coat) {
            foreach (CoatAdvisor::advise($coat) as $advice) {
                if (in_array($advice->code, self::AIR, true)) {
                    return new Check('air', $title, $advice->said, true);
                }
            }
        }

        return new Check('air', $title, Message::of('checks.air.how'));
    }

    /**
     * How level the most particular of them has to lie.
     *
     * @param  non-empty-list<CoatResult>  $coats
     */
    private static function level(array $coats): ?Check
    {
        $within = null;
        $piece = '';
        foreach ($coats as $coat) {
            $slope = $coat->case->coat->mustLevel() ? $coat->film->level->withinMmPerM : null;
            if ($slope !== null && ($within === null || $slope < $within)) {
                [$within, $piece] = [$slope, $coat->case->piece->name];
            }
        }

        return $within === null ? null : new Check('level', Message::of('checks.level.title', slope: Measure::slope($within)), Message::of('checks.level.how', piece: $piece));
    }

    /**
     * @param  non-empty-list<CoatResult>  $coats
     * @return list<Check> what their steps want, once each
     */
    private static function pieces(array $coats): array
    {
        $checks = [];
        foreach ($coats as $coat) {
            foreach (StepList::of($coat->case) as $step) {
                if (in_array($step->id, self::AGAIN, true) && $step->how !== null) {
                    $checks[$step->id] ??= new Check($step->id, $step->title, $step->how);
                }
            }
        }

        return array_values($checks);
    }

    /** @param  non-empty-list<Turn>  $turns */
    private static function places(array $turns): Check
    {
        return new Check('places', self::counted('places', self::count($turns)), Message::of('checks.places.how'));
    }

    /** @param  non-empty-list<Turn>  $turns */
    private static function covers(array $turns): Check
    {
        $isTall = array_filter($turns, static fn (Turn $turn): bool => $turn->coat->case->proud() !== []) !== [];

        return new Check('covers', self::counted('covers', self::count($turns)), Message::of($isTall ? 'checks.covers.proud' : 'checks.covers.how'));
    }

    /** @param  list<BatchResult>  $batches */
    private static function gloves(array $batches): Check
    {
        return new Check('gloves', Message::of('checks.gloves.title', count: Measure::count(1 + self::pairs($batches))), Message::of('checks.gloves.how'));
    }

    /**
     * Pairs of gloves that come off before a flame or clean hands, as one pair of hands goes through all of it.
     *
     * @param  list<BatchResult>  $batches
     */
    private static function pairs(array $batches): int
    {
        $most = 1;
        foreach ($batches as $batch) {
            $acts = [];
            foreach ($batch->turns as $turn => $one) {
                $tool = $one->coat->film->torch->tool;
                foreach (Acts::of($one->coat) as $act) {
                    $acts[] = self::onTheClock($act, $one, $tool, $turn);
                }
            }
            $most = max($most, Rounds::lay($acts, $batch->turns[0]->times->fromMin, Gloves::Sticky)->pairsToLayer());
        }

        return $most;
    }

    private static function onTheClock(Act $act, Turn $turn, HeatTool $tool, int $number): RoundAct
    {
        $poured = $turn->times->pouredMin;

        return new RoundAct("turn-$number", $act->id, $act->kind, $tool, $poured + $act->dueMin, $act->untilMin === null ? null : $poured + $act->untilMin, $act->lastsMin, $number, $turn->count);
    }

    /**
     * What the bubbles are taken out with, and what has to lie beside it.
     *
     * @param  non-empty-list<CoatResult>  $coats
     * @return list<Check>
     */
    private static function fire(array $coats): array
    {
        $checks = [];
        foreach ($coats as $coat) {
            $tool = $coat->film->torch->tool;
            if ($tool !== HeatTool::None && $coat->film->torch->passesMin !== []) {
                $checks[$tool->value] ??= new Check($tool->value, Message::of("checks.$tool->value.title"), Message::of("checks.$tool->value.how"));
            }
        }

        return array_values($checks);
    }

    private static function counted(string $check, int $count): Message
    {
        return Message::of($count === 1 ? "checks.$check.one" : "checks.$check.title", count: Measure::count($count));
    }

    /** @param  list<Turn>  $turns */
    private static function count(array $turns): int
    {
        return (int) array_sum(array_map(static fn (Turn $turn): int => $turn->count, $turns));
    }

    /** @param  list<BatchResult>  $batches */
    private static function cups(array $batches): int
    {
        return (int) array_sum(array_map(static fn (BatchResult $batch): int => $batch->batch->in->cups, $batches));
    }
}
