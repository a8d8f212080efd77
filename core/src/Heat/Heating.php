<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use Closure;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Measuring\Container;

/**
 * A body of resin that warms itself: m·c·dT/dt = m·H·(dα/dτ)·a(T) − U·S·(T − T_room), dτ/dt = a(T).
 *
 * Integrated along the age, where even a runaway is smooth, by an exponential midpoint rule that stays
 * sound for films so thin that they lose their heat at once. A model to compare choices with, not a
 * thermometer.
 *
 * Source: lumped heat balance (Semenov 1928) with the Arrhenius rate.
 */
final class Heating
{
    /** Loss of a cup's whole surface, W/(m² K). */
    public const CUP_LOSS_W_M2_K = 10.0;

    /** Loss of a poured layer, through its top and what it lies on together, W/(m² K). */
    public const LAYER_LOSS_W_M2_K = 15.0;

    /** Past this a body counts as hot, °C. */
    public const HOT_C = 60.0;

    /** Past this the figure means only that it runs away, °C. */
    public const RUNAWAY_C = 120.0;

    private const STEPS_IN_CUP = 400;

    /** A layer's peak is wanted, not its every minute. */
    private const STEPS_AS_LAYER = 200;

    /** The longest age that is followed, in half ages: by then next to nothing is left to react. */
    private const LONGEST_HALF_AGES = 1000.0;

    /** Steps after which a run is given up: none needs a third of them. */
    private const MOST_STEPS = 20_000;

    private const LEAST_RATE_PER_MIN = 1e-12;

    /**
     * Resin that stands in the room in its cup or dish, until its peak is over and flow has ended in it.
     *
     * @param  float  $volumeMl  above 0
     * @param  float  $untilMin  followed at least so long
     */
    public static function inCup(Curing $curing, float $volumeMl, float $densityKgM3, Container $cup, Temperatures $room, float $startC, float $lossWM2K = self::CUP_LOSS_W_M2_K, float $untilMin = 0.0): HeatRun
    {
        $ended = $curing->kinetics->stiffAgeMin();
        $over = self::peakIsOver($curing);

        return self::run($curing, self::coolingOfCup($curing, $volumeMl, $densityKgM3, $cup, $lossWM2K), $room, $startC, 0.0, self::STEPS_IN_CUP,
            static fn (float $age, float $celsius, float $before): bool => $age >= $ended && $over($age, $celsius, $before), $untilMin);
    }

    /**
     * The same until it has an age, in minutes above 0, whether its peak is over or not.
     *
     * @param  float  $volumeMl  above 0
     */
    public static function inCupUntilAge(Curing $curing, float $ageMin, float $volumeMl, float $densityKgM3, Container $cup, Temperatures $room, float $startC, float $lossWM2K = self::CUP_LOSS_W_M2_K): HeatRun
    {
        return self::run($curing, self::coolingOfCup($curing, $volumeMl, $densityKgM3, $cup, $lossWM2K), $room, $startC, 0.0,
            // so short a run is followed in a score of steps at least
            max(self::STEPS_IN_CUP, (int) ceil(20 * $curing->halfAgeMin / $ageMin)), static fn (float $age): bool => $age >= $ageMin);
    }

    /**
     * A poured layer, until its peak is over.
     *
     * @param  float  $thicknessMm  above 0
     * @param  float|null  $lossWM2K  null for what is known of this resin's layers
     */
    public static function asLayer(Curing $curing, float $thicknessMm, float $densityKgM3, Temperatures $room, float $startAgeMin = 0.0, ?float $lossWM2K = null): HeatRun
    {
        $cooling = ($lossWM2K ?? $curing->layerLossWM2K) / ($densityKgM3 * $thicknessMm / 1000 * $curing->capacityJKgK) * 60;

        return self::run($curing, $cooling, $room, $room->at(0.0), $startAgeMin, self::STEPS_AS_LAYER, self::peakIsOver($curing));
    }

    /** Share of the excess over the room that a cup loses in a minute. */
    private static function coolingOfCup(Curing $curing, float $volumeMl, float $densityKgM3, Container $cup, float $lossWM2K): float
    {
        return $lossWM2K * $cup->surfaceMm2($volumeMl) / ($volumeMl * $densityKgM3 * $curing->capacityJKgK) * 60;
    }

    /**
     * Once it cools while the reaction slows down by age, no later step warms it again.
     *
     * @return Closure(float, float, float): bool
     */
    private static function peakIsOver(Curing $curing): Closure
    {
        $fastest = $curing->fastestAgeMin();

        return static fn (float $age, float $celsius, float $before): bool => $age > $fastest && $celsius < $before;
    }

    /**
     * @param  float  $cooling  share of the excess over the room that is lost in a minute
     * @param  Closure(float, float, float): bool  $isOver  by the age, the temperature and that of the step before
     * @param  float  $untilMin  followed at least so long
     */
    private static function run(Curing $curing, float $cooling, Temperatures $room, float $startC, float $startAgeMin, int $stepsPerHalfAge, Closure $isOver, float $untilMin = 0.0): HeatRun
    {
        $kinetics = $curing->kinetics;
        $last = max($startAgeMin, $curing->halfAgeMin) * self::LONGEST_HALF_AGES;
        $least = $curing->halfAgeMin / $stepsPerHalfAge;
        [$min, $celsius, $age] = [0.0, $startC, $startAgeMin];
        [$mins, $temperatures, $ages] = [[$min], [$celsius], [$age]];
        for ($steps = 0; $age < $last && $steps < self::MOST_STEPS; $steps++) {
            $before = $celsius;
            $here = max(self::LEAST_RATE_PER_MIN, $kinetics->rate($celsius));
            // past its half age it reacts ever more evenly, and the steps grow with it
            $step = $least * max(1.0, $age / $curing->halfAgeMin);
            $halfway = self::after($celsius, $room->at($min), $curing->warming($age + $step / 4), $cooling / $here, $step / 2);
            $rate = max(self::LEAST_RATE_PER_MIN, $kinetics->rate($halfway));
            $celsius = self::after($celsius, $room->at($min + $step / 2 / $rate), $curing->warming($age + $step / 2), $cooling / $rate, $step);
            $min += $step / $rate;
            $age += $step;
            $mins[] = $min;
            $temperatures[] = $celsius;
            $ages[] = $age;
            if ($min >= $untilMin && $isOver($age, $celsius, $before)) {
                break;
            }
        }

        // all has reacted: it only cools
        for (; $min < $untilMin && $steps < self::MOST_STEPS; $steps++) {
            $step = max(1.0, $min / 50);
            $age += $step * $kinetics->rate($celsius);
            $celsius = self::after($celsius, $room->at($min + $step / 2), 0.0, $cooling, $step);
            $min += $step;
            $mins[] = $min;
            $temperatures[] = $celsius;
            $ages[] = $age;
        }

        return new HeatRun($mins, $temperatures, $ages, $kinetics->stiffAgeMin());
    }

    /** Where a temperature stands after a step of age, while it is warmed evenly and cools towards the room. */
    private static function after(float $celsius, float $roomC, float $warming, float $cooling, float $step): float
    {
        $decay = exp(-$cooling * $step);
        $gained = $cooling * $step > 1e-9 ? $warming / $cooling * (1 - $decay) : $warming * $step;

        return $roomC + ($celsius - $roomC) * $decay + $gained;
    }
}
