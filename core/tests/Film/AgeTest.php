<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Film;

use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Film\ChangingFilmClock;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Trace\Traces;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is poured late: past its open time, gelled, or older than ages go. The example's resin is open for 45 min. */
final class AgeTest extends TestCase
{
    #[TestWith([0.0, null])]
    #[TestWith([44.9, null])]
    #[TestWith([45.1, 'past_open_time'])]
    #[TestWith([89.9, 'past_open_time'])]
    #[TestWith([90.1, 'gelled'])]
    #[TestWith([179.9, 'gelled'])]
    #[TestWith([180.0, 'gelled'])]
    #[TestWith([600_000.0, 'gelled'])]
    public function test_late_is_cautioned_and_gelled_stopped(float $ageMin, ?string $code): void
    {
        $result = Plans::computed(['/coats/0/age_min' => $ageMin]);
        $of = array_values(array_filter(CoatAdvisor::advise($result), static fn ($one): bool => in_array($one->code, ['past_open_time', 'gelled'], true)));
        self::assertSame($code === null ? [] : [$code], array_map(static fn ($one): string => $one->code, $of));
        if ($code !== null) {
            self::assertSame($code === 'gelled' ? Level::Stop : Level::Caution, $of[0]->level);
            self::assertMatchesRegularExpression('/ (min|h|days?)( \d+ min)? sooner/', English::say($of[0]->said));
        }
    }

    public function test_what_closed_before_it_was_poured_is_neither_heated_nor_looked_at(): void
    {
        foreach ([46.0, 95.0, 1e5] as $ageMin) {
            $result = Plans::computed(['/coats/0/age_min' => $ageMin]);
            self::assertSame([0.0, 0.0, [], null], [$result->film->flowing->openMin, $result->film->torch->closesMin, $result->film->torch->passesMin, $result->film->torch->lookMin]);
            $kinds = array_map(static fn ($act): string => $act->kind->value, Acts::of($result));
            self::assertNotContains('pass', $kinds);
            self::assertNotContains('look', $kinds);
            self::assertContains('cover', $kinds);
            self::assertNotContains('torch_pass_dropped', array_column(CoatAdvisor::advise($result), 'code'));
        }
    }

    public function test_older_than_ages_go_is_the_same(): void
    {
        $oldest = Plans::computed(['/coats/0/age_min' => 180]);
        foreach ([181.0, 5000.0, 600_000.0] as $ageMin) {
            $older = Plans::computed(['/coats/0/age_min' => $ageMin]);
            self::assertSame([$oldest->film->flowing->viscosityPaS, $oldest->film->flowing->mobility, $oldest->film->level->driftMm], [$older->film->flowing->viscosityPaS, $older->film->flowing->mobility, $older->film->level->driftMm]);
        }
        self::assertSame([0.0, 0.0, null, null, null], [$oldest->film->flowing->mobility, $oldest->film->level->upToMm, $oldest->film->level->thinnestMm, $oldest->film->level->settleMin, $oldest->film->rising->smallestUm]);
    }

    #[TestWith([0.0])]
    #[TestWith([60.0])]
    #[TestWith([100.0])]
    #[TestWith([180.0])]
    #[TestWith([600_000.0])]
    public function test_whatever_the_age_the_answer_and_its_arithmetic_can_be_written_down(float $ageMin): void
    {
        foreach ([[], ['/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 24], (object) ['at_h' => 6, 'c' => 17]]]] as $room) {
            $result = Plans::computed(['/coats/0/age_min' => $ageMin, ...$room]);
            $text = json_encode(ResultDocument::coat($result, CoatAdvisor::advise($result), English::speaker()), JSON_THROW_ON_ERROR);
            self::assertStringNotContainsString('NAN', $text);
            foreach (Traces::of($result) as $trace) {
                self::assertTrue($trace->result === null || is_finite($trace->result), $trace->figure);
            }
        }
    }

    public function test_flow_ends_where_ages_end_in_a_steady_room_and_in_one_that_changes(): void
    {
        $kinetics = new Kinetics(45, 23, 1.1, 25, 55, 65);
        foreach ([0.0, 30.0, 120.0] as $age) {
            $steady = new SteadyFilmClock($kinetics, 23, $age);
            $changing = new ChangingFilmClock($kinetics, Temperatures::through([new TemperaturePoint(0, 23), new TemperaturePoint(90, 23 + 1e-9)]), $age);
            $end = $steady->minutesToAge(180);
            foreach ([$steady, $changing] as $clock) {
                self::assertEqualsWithDelta($clock->mobilityInTheEnd(), $clock->mobilityAfter($end), 1e-3 * $clock->mobilityInTheEnd());
                self::assertEqualsWithDelta($clock->mobilityInTheEnd(), $clock->mobilityAfter(1e6), 1e-9);
                self::assertEqualsWithDelta($clock->viscosityAt($end), $clock->viscosityAt(1e6), 0.03 * $clock->viscosityAt($end));
                self::assertNull($clock->minutesToMobility(1.001 * $clock->mobilityInTheEnd()));
                self::assertNotNull($clock->minutesToMobility(0.999 * $clock->mobilityInTheEnd()));
                self::assertGreaterThan(240, $clock->minutesToAge(600), 'labels go on: their ages are of hardness, not of flow');
            }
            self::assertEqualsWithDelta($steady->mobilityInTheEnd(), $changing->mobilityInTheEnd(), 1e-3 * $steady->mobilityInTheEnd());
        }
    }

    public function test_a_night_of_ten_thousand_temperatures_is_one_line_through_them(): void
    {
        $kinetics = new Kinetics(45, 23, 1.1, 25, 55, 65);
        $many = array_map(static fn (int $i): TemperaturePoint => new TemperaturePoint($i / 100, 24 - 6 * $i / 9999), range(0, 9999));
        $two = new ChangingFilmClock($kinetics, Temperatures::through([new TemperaturePoint(0, 24), new TemperaturePoint(99.99, 18)]), 0);
        $line = new ChangingFilmClock($kinetics, Temperatures::through($many), 0);
        foreach ([45.0, 240.0, 2000.0] as $age) {
            self::assertEqualsWithDelta($two->minutesToAge($age), $line->minutesToAge($age), 1e-3 * $two->minutesToAge($age));
        }
        self::assertEqualsWithDelta($two->mobilityInTheEnd(), $line->mobilityInTheEnd(), 1e-3 * $two->mobilityInTheEnd());
        $room = Temperatures::through($many);
        foreach ([-1.0, 0.0, 0.3, 599.7, 5999.4, 1e6] as $min) {
            self::assertEqualsWithDelta(24 - 6 * max(0.0, min(1.0, $min / 5999.4)), $room->at($min), 1e-6);
        }
    }

    public function test_at_an_age_it_is_as_thick_as_that_age_is_in_that_room(): void
    {
        $kinetics = new Kinetics(45, 23, 1.1, 25, 55, 65);
        $room = Temperatures::through([new TemperaturePoint(0, 26), new TemperaturePoint(0.4, 18), new TemperaturePoint(0.7, 21)]);
        $clock = new ChangingFilmClock($kinetics, $room, 5);
        // while the room changes, and past its last bend
        foreach ([6.0, 15.0, 24.0, 40.0, 60.0, 90.0, 120.0] as $age) {
            $min = $clock->minutesToAge($age);
            self::assertEqualsWithDelta($kinetics->viscosity($room->at($min), $age), $clock->viscosityAt($min), 2e-3 * $clock->viscosityAt($min), "at $age min");
        }
        self::assertGreaterThan(42, $clock->minutesToAge(60), 'some of them lie past it');
    }
}
