<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use LogicException;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Quantity\Physics;

/**
 * A body of resin that warms itself: m·c·dT/dt = m·H·(dα/dτ)·a(T) − U·S·(T − T_room), dτ/dt = a(T).
 *
 * Integrated along the age, where even a runaway is smooth, by an exponential midpoint rule. A model to compare choices with, not a
 * thermometer.
 *
 * Source: lumped heat balance (Semenov 1928) with the Arrhenius rate.
 */
final class Heating
{
    /** Loss of a cup's whole surface, W/(m² K). */
    public const CUP_LOSS_W_M2_K = 10.0;

    /** Past this a body counts as hot, °C. */
    public const HOT_C = 60.0;

    /** Past this the figure means only that it runs away, °C. */
    public const RUNAWAY_C = 120.0;

    /** For each half age: peaks are within 0.1 % of their rise. */
    private const STEPS_IN_CUP = 200;

    /** The longest age that is followed, in half ages: by then next to nothing is left to react. */
    private const LONGEST_HALF_AGES = 1000.0;

    /** Steps after which a run is given up: none needs a third of them. */
    private const MOST_STEPS = 20_000;

    private const LEAST_RATE_PER_MIN = 1e-12;

    /** So near its end a phase of the cooling is over. */
    private const NEAR_MIN = 1e-3;

    /**
     * Resin that stands in the room in its cup or dish, until its peak is over and flow has ended in it.
     *
     * @param  float  $untilMin  followed at least so long
     */
    public static function inCup(Curing $curing, ResinInCup $resin, float $untilMin = 0.0): HeatRun
    {
        return self::run($curing, $resin, self::STEPS_IN_CUP,
            new Until($curing->kinetics->stiffAgeMin(), $curing->fastestAgeMin(), $untilMin));
    }

    /** The same until it has an age, in minutes above 0, whether its peak is over or not. */
    public static function inCupUntilAge(Curing $curing, float $ageMin, ResinInCup $resin): HeatRun
    {
        return self::run($curing, $resin,
            // so short a run is followed in a score of steps at least
            max(self::STEPS_IN_CUP, (int) ceil(20 * $curing->halfAgeMin / $ageMin)), new Until($ageMin));
    }

    private static function run(Curing $curing, ResinInCup $resin, int $stepsPerHalfAge, Until $until): HeatRun
    {
        $kinetics = $curing->kinetics;
        [$swift, $fresh] = $kinetics->arrhenius();
        [$untilAge, $untilMin, $slowsFrom, $untilPeak] = [$until->ageMin, $until->min, $until->slowsFromAgeMin ?? INF, $until->slowsFromAgeMin !== null];
        $half = $curing->halfAgeMin;
        $last = $half * self::LONGEST_HALF_AGES;
        $least = $half / $stepsPerHalfAge;
        [$min, $celsius, $age] = [0.0, $resin->startC, 0.0];
        [$mins, $temperatures, $ages] = [[$min], [$celsius], [$age]];
        $phases = $resin->phases($curing->capacityJKgK);
        [$ends, $cooling, $room, $steady] = self::next($phases);
        // written out in full: a plan's ranges take some hundred thousand of these steps
        for ($steps = 0; $age < $last && $steps < self::MOST_STEPS; $steps++) {
            while ($min >= $ends - self::NEAR_MIN) {
                [$ends, $cooling, $room, $steady] = self::next($phases);
            }
            $before = $celsius;
            // past its half age it reacts ever more evenly, and the steps grow with it
            $step = $age > $half ? $least * $age / $half : $least;

            if ($ends < INF) {
                $step = min($step, max(1e-6 * $half, ($ends - $min) * exp($fresh - $swift / ($celsius + Physics::ZERO_CELSIUS_K))));
            }

            $roomC = $steady ?? $room->at($min);
            $warming = $curing->warming($age + $step / 4);
            $cools = $cooling / max(self::LEAST_RATE_PER_MIN, exp($fresh - $swift / ($celsius + Physics::ZERO_CELSIUS_K)));
            $lost = -expm1(-$cools * $step / 2);
            $halfway = $celsius - ($celsius - $roomC) * $lost + ($cools > 0.0 ? $warming / $cools * $lost : $warming * $step / 2);

            $rate = max(self::LEAST_RATE_PER_MIN, exp($fresh - $swift / ($halfway + Physics::ZERO_CELSIUS_K)));
            $roomC = $steady ?? $room->at($min + $step / 2 / $rate);
            $warming = $curing->warming($age + $step / 2);
            $cools = $cooling / $rate;
            $lost = -expm1(-$cools * $step);
            $celsius += ($roomC - $celsius) * $lost + ($cools > 0.0 ? $warming / $cools * $lost : $warming * $step);

            $min += $step / $rate;
            $age += $step;
            $mins[] = $min;
            $temperatures[] = $celsius;
            $ages[] = $age;
            if ($age >= $untilAge && $min >= $untilMin && ($age > $slowsFrom && $celsius < $before || ! $untilPeak)) {
                break;
            }
        }

        // all has reacted: it only cools
        for (; $min < $untilMin && $steps < self::MOST_STEPS; $steps++) {
            $step = max(1.0, $min / 50);
            $roomC = $room->at($min + $step / 2);
            $age += $step * $kinetics->rate($celsius);
            $celsius = $roomC + ($celsius - $roomC) * exp(-$cooling * $step);
            $min += $step;
            $mins[] = $min;
            $temperatures[] = $celsius;
            $ages[] = $age;
        }

        return new HeatRun($mins, $temperatures, $ages, $kinetics->stiffAgeMin());
    }

    /**
     * Takes the next phase of the cooling.
     *
     * @param  list<CoolingPhase>  $phases  that are still to come
     * @return array{float, float, Temperatures, float|null} its end in min, its cooling, what surrounds it, and that where it does not change
     */
    private static function next(array &$phases): array
    {
        $phase = array_shift($phases) ?? throw new LogicException('the last phase has no end');

        return [$phase->untilMin, $phase->cooling, $phase->around, $phase->around->isSteady() ? $phase->around->at(0.0) : null];
    }
}
