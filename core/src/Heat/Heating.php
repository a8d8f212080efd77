<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

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

    /** The longest age that is followed, in half ages: by then hardly anything is left to react. */
    private const LONGEST_HALF_AGES = 8.0;

    /** How far below its peak a body must have cooled for the peak to be over, K. */
    private const PAST_PEAK_K = 0.5;

    private const LEAST_RATE_PER_MIN = 1e-12;

    /**
     * Resin that stands in the room in its cup or dish.
     *
     * @param  float  $volumeMl  above 0
     */
    public static function inCup(
        Curing $curing,
        float $volumeMl,
        float $densityKgM3,
        Container $cup,
        Temperatures $room,
        float $startC,
        float $lossWM2K = self::CUP_LOSS_W_M2_K,
        ?float $untilAgeMin = null,
    ): HeatRun {
        $cooling = $lossWM2K * $cup->surfaceMm2($volumeMl) / ($volumeMl * $densityKgM3 * $curing->capacityJKgK) * 60;

        return self::run($curing, $cooling, $room, $startC, 0.0, $untilAgeMin, self::STEPS_IN_CUP);
    }

    /** A poured layer of a thickness in mm, above 0. */
    public static function asLayer(Curing $curing, float $thicknessMm, float $densityKgM3, Temperatures $room, float $startAgeMin = 0.0): HeatRun
    {
        $cooling = self::LAYER_LOSS_W_M2_K / ($densityKgM3 * $thicknessMm / 1000 * $curing->capacityJKgK) * 60;

        return self::run($curing, $cooling, $room, $room->at(0.0), $startAgeMin, null, self::STEPS_AS_LAYER);
    }

    /** @param  float  $cooling  share of the excess over the room that is lost in a minute */
    private static function run(Curing $curing, float $cooling, Temperatures $room, float $startC, float $startAgeMin, ?float $untilAgeMin, int $stepsPerHalfAge): HeatRun
    {
        $kinetics = $curing->kinetics;
        $last = $untilAgeMin ?? max($startAgeMin, $curing->halfAgeMin) * self::LONGEST_HALF_AGES;
        $least = min($curing->halfAgeMin / $stepsPerHalfAge, max($last - $startAgeMin, 1e-6) / 20);
        [$min, $celsius, $age] = [0.0, $startC, $startAgeMin];
        [$mins, $temperatures, $ages] = [[$min], [$celsius], [$age]];
        [$peak, $heated] = [$startC, false];
        while ($age < $last) {
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
            $heated = $heated || $celsius > $peak;
            $peak = max($peak, $celsius);
            if ($untilAgeMin === null && $celsius < $peak && ($age > $curing->halfAgeMin || ($heated && $celsius < $peak - self::PAST_PEAK_K && $age > $curing->halfAgeMin / 2))) {
                break;
            }
        }

        return new HeatRun($mins, $temperatures, $ages);
    }

    /** Where a temperature stands after a step of age, while it is warmed evenly and cools towards the room. */
    private static function after(float $celsius, float $roomC, float $warming, float $cooling, float $step): float
    {
        $decay = exp(-$cooling * $step);
        $gained = $cooling * $step > 1e-9 ? $warming / $cooling * (1 - $decay) : $warming * $step;

        return $roomC + ($celsius - $roomC) * $decay + $gained;
    }
}
