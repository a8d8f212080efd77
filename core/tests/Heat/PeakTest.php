<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Heat;

use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Measuring\StraightCup;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How warm resin gets by itself, held against an integration in time that shares nothing with the one in age. */
final class PeakTest extends TestCase
{
    private const CUPS = 40;

    /** @return iterable<string, array{Kinetics, float, float, float, float, float, float}> */
    public static function cups(): iterable
    {
        $random = new Randomizer(new Mt19937(41));
        for ($number = 1; $number <= self::CUPS; $number++) {
            $open = $random->getInt(8, 90);
            $recoat = $open * $random->getInt(15, 90) / 10;
            yield "cup $number" => [
                new Kinetics($open, 23, 1.1, 25, $random->getInt(35, 80), 65), $recoat, $random->getInt(150, 550),
                10 ** ($random->getInt(100, 340) / 100), $random->getInt(50, 300), $random->getInt(8, 35), $random->getInt(8, 40),
            ];
        }
    }

    #[DataProvider('cups')]
    public function test_a_cups_peak_is_that_of_small_steps_in_time(Kinetics $kinetics, float $recoatMin, float $heat, float $ml, float $diameterMm, float $roomC, float $startC): void
    {
        $curing = new Curing($kinetics, $recoatMin, $heat);
        $cup = new StraightCup($diameterMm);
        $run = Heating::inCup($curing, new ResinInCup($ml, 1100, $cup, Temperatures::steady($roomC), $startC));
        $loss = 10 * $cup->surfaceMm2($ml) / ($ml * 1100 * 1900) * 60;
        [$peakC, $peakMin] = self::stepped($curing, $loss, $roomC, $startC);
        $rise = max(1.0, $peakC - min($roomC, $startC));
        self::assertEqualsWithDelta($peakC, $run->peakC, 0.001 * $rise);
        if ($peakC > $startC + 1) {
            self::assertEqualsWithDelta($peakMin, $run->peakMin, 0.02 * $peakMin + 0.05);
        }
    }

    #[DataProvider('cups')]
    public function test_it_does_not_depend_on_how_long_one_looks(Kinetics $kinetics, float $recoatMin, float $heat, float $ml, float $diameterMm, float $roomC, float $startC): void
    {
        $run = fn (float $untilMin) => Heating::inCup(new Curing($kinetics, $recoatMin, $heat), new ResinInCup($ml, 1100, new StraightCup($diameterMm), Temperatures::steady($roomC), $startC), untilMin: $untilMin);
        $short = $run(1);
        foreach ([15, 60, 600, 3000] as $untilMin) {
            $long = $run($untilMin);
            self::assertSame([$short->peakC, $short->peakMin], [$long->peakC, $long->peakMin]);
            self::assertNotNull($long->celsiusAt($untilMin));
            self::assertSame($short->ageAt($untilMin), $long->ageAt($untilMin), 'ages end, and are known ever after');
        }
        $last = 0.0;
        foreach ([0, 1, 5, 20, 60, 200, 1000, 10_000, 1e6] as $min) {
            $age = $short->ageAt($min);
            self::assertNotNull($age);
            self::assertGreaterThanOrEqual($last, $age);
            self::assertLessThanOrEqual($kinetics->stiffAgeMin(), $last = $age);
        }
        self::assertLessThan(12_000, count($long->mins));
    }

    /** @return array{float, float} the highest temperature and when it is reached, by Runge and Kutta in time */
    private static function stepped(Curing $curing, float $lossPerMin, float $roomC, float $startC): array
    {
        $flow = static function (float $celsius, float $age) use ($curing, $lossPerMin, $roomC): array {
            $rate = $curing->kinetics->rate($celsius);

            return [$curing->warming(max($age, 1e-9)) * $rate - $lossPerMin * ($celsius - $roomC), $rate];
        };
        [$celsius, $age, $min, $peakC, $peakMin] = [$startC, 0.0, 0.0, $startC, 0.0];
        while ($age < 100 * $curing->halfAgeMin && $min < 1e6) {
            [$dT, $dAge] = $flow($celsius, $age);
            $dt = min(0.6 / max(1e-9, abs($dT)), 0.04 * max($age, 0.05 * $curing->halfAgeMin) / $dAge, 0.5 / $lossPerMin);
            [$t2, $a2] = $flow($celsius + $dT * $dt / 2, $age + $dAge * $dt / 2);
            [$t3, $a3] = $flow($celsius + $t2 * $dt / 2, $age + $a2 * $dt / 2);
            [$t4, $a4] = $flow($celsius + $t3 * $dt, $age + $a3 * $dt);
            $celsius += $dt / 6 * ($dT + 2 * $t2 + 2 * $t3 + $t4);
            $age += $dt / 6 * ($dAge + 2 * $a2 + 2 * $a3 + $a4);
            $min += $dt;
            if ($celsius > $peakC) {
                [$peakC, $peakMin] = [$celsius, $min];
            } elseif ($age > 2 * $curing->halfAgeMin && $celsius < $peakC - 2) {
                break;
            }
        }

        return [$peakC, $peakMin];
    }

    public function test_past_120_degrees_a_figure_means_only_that_it_runs_away(): void
    {
        self::assertSame([120.0, 60.0], [Heating::RUNAWAY_C, Heating::HOT_C]);
    }

    public function test_when_all_has_reacted_it_only_follows_the_room(): void
    {
        $curing = new Curing(new Kinetics(10, 23, 1.1, 25, 55, 65), 40, 300);
        $untilMin = 400 * 60.0;
        // 0.05 °C an hour, all the way
        $room = Temperatures::through([new TemperaturePoint(0, 20.0), new TemperaturePoint(400, 40.0)]);
        $run = Heating::inCup($curing, new ResinInCup(30.0, 1090, new StraightCup(60), $room, 20.0), untilMin: $untilMin);
        self::assertGreaterThanOrEqual($untilMin, $run->mins[count($run->mins) - 1]);
        foreach ([0.6, 0.8, 0.95] as $share) {
            $min = $share * $untilMin;
            self::assertEqualsWithDelta($room->at($min), $run->celsiusAt($min), 0.3, "after $min min");
        }
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function rooms(): iterable
    {
        yield 'a stove is lit' => [12.0, 34.0, 90.0];
        yield 'a cold night' => [26.0, 8.0, 240.0];
        yield 'an oven' => [20.0, 60.0, 45.0];
    }

    /** A small cup follows a room that changes: held against steps of a fiftieth of a minute in time. */
    #[DataProvider('rooms')]
    public function test_a_room_that_changes_is_followed_as_small_steps_follow_it(float $fromC, float $toC, float $minutes): void
    {
        $curing = new Curing(new Kinetics(30, 23, 1.1, 25, 55, 65), 200, 40);
        $cup = new StraightCup(60);
        $room = Temperatures::through([new TemperaturePoint(0, $fromC), new TemperaturePoint($minutes / 60, $toC), new TemperaturePoint(9, $fromC)]);
        $run = Heating::inCup($curing, new ResinInCup(40.0, 1100, $cup, $room, $fromC), untilMin: 400);
        $loss = 10 * $cup->surfaceMm2(40.0) / (40.0 * 1100 * 1900) * 60;
        [$celsius, $age] = [$fromC, 0.0];
        $step = 0.02;
        for ($at = 1; $at <= 20_000; $at++) {
            $rate = $curing->kinetics->rate($celsius);
            $celsius += $step * ($curing->warming(max($age, 1e-9)) * $rate - $loss * ($celsius - $room->at($at * $step)));
            $age += $step * $rate;
            if ($at % 1000 === 0) {
                self::assertEqualsWithDelta($celsius, $run->celsiusAt($at * $step), 0.1, sprintf('after %g min', $at * $step));
                self::assertEqualsWithDelta(min($age, $curing->kinetics->stiffAgeMin()), $run->ageAt($at * $step), 0.005 * $age);
            }
        }
    }
}
