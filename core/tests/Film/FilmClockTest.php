<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Film;

use OpenGlaze\Core\Film\ChangingFilmClock;
use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FilmClockTest extends TestCase
{
    use ChecksValues;

    #[TestWith([18.0, 0.0, 0.68141, 2.06623, 66.040, 832.84])]
    #[TestWith([23.0, 0.0, 1.0, 1.31310, 45.0, 893.00])]
    #[TestWith([28.0, 0.0, 1.44897, 0.84713, 31.056, 955.29])]
    #[TestWith([23.0, 20.0, 1.0, 3.65377, 25.0, 320.93])]
    public function test_the_check_table(float $celsius, float $age, float $rate, float $viscosity, float $open, float $mobility): void
    {
        $clock = new SteadyFilmClock(self::kinetics(), $celsius, $age);
        self::assertClosed($rate, $clock->rate());
        self::assertClosed($viscosity, $clock->viscosityAt(0));
        self::assertClosed($open, $clock->minutesToAge(45));
        self::assertClosed($mobility, $clock->mobilityInTheEnd());
    }

    public function test_a_cooling_night_moves_the_window(): void
    {
        $clock = self::changing([[0, 19], [8, 16]]);
        self::assertWithin(0.1, 5.914 * 60, $clock->minutesToAge(4 * 60));
        self::assertWithin(0.1, 19.586 * 60, $clock->minutesToAge(12 * 60));
    }

    public function test_a_line_that_hardly_changes_agrees_with_the_steady_room(): void
    {
        foreach ([16.0, 23.0, 29.0] as $celsius) {
            $steady = new SteadyFilmClock(self::kinetics(), $celsius, 5);
            $changing = self::changing([[0, $celsius], [100, $celsius + 1e-9]], 5);
            foreach ([1.0, 30.0, 240.0, 9000.0] as $min) {
                self::assertWithin(0.001, $steady->mobilityAfter($min), $changing->mobilityAfter($min));
                self::assertWithin(0.001, $steady->viscosityAt($min), $changing->viscosityAt($min));
            }
            foreach ([6.0, 45.0, 720.0, 4320.0] as $age) {
                self::assertWithin(0.001, $steady->minutesToAge($age), $changing->minutesToAge($age));
            }
            $half = $steady->mobilityInTheEnd() / 2;
            self::assertWithin(0.001, (float) $steady->minutesToMobility($half), $changing->minutesToMobility($half));
        }
    }

    public function test_time_to_a_state_and_the_state_at_a_time_are_each_others_inverse(): void
    {
        foreach ([new SteadyFilmClock(self::kinetics(), 20, 7), self::changing([[0, 24], [2, 17], [9, 21]], 7)] as $clock) {
            foreach ([0.5, 12.0, 70.0, 150.0] as $min) {
                self::assertEqualsWithDelta($min, $clock->minutesToMobility($clock->mobilityAfter($min)), 1e-4);
            }
            self::assertNull($clock->minutesToMobility($clock->mobilityInTheEnd() * 1.0001));
        }
    }

    public function test_a_temperature_between_two_rooms_gives_times_between_them(): void
    {
        $cold = new SteadyFilmClock(self::kinetics(), 16, 0);
        $warm = new SteadyFilmClock(self::kinetics(), 24, 0);
        $between = self::changing([[0, 16], [1, 24], [2, 16], [3, 24]]);
        foreach ([20.0, 45.0, 240.0] as $age) {
            self::assertLessThan($cold->minutesToAge($age), $between->minutesToAge($age));
            self::assertGreaterThan($warm->minutesToAge($age), $between->minutesToAge($age));
        }
        self::assertGreaterThan($cold->mobilityInTheEnd(), $between->mobilityInTheEnd());
        self::assertLessThan($warm->mobilityInTheEnd(), $between->mobilityInTheEnd());
    }

    public function test_the_open_time_is_when_the_film_is_ten_times_as_thick(): void
    {
        foreach ([12.0, 23.0, 35.0] as $celsius) {
            $clock = new SteadyFilmClock(self::kinetics(), $celsius, 0);
            self::assertEqualsWithDelta(10.0, $clock->viscosityAt($clock->minutesToAge(45)) / $clock->viscosityAt(0), 1e-9);
        }
    }

    public function test_mobility_only_grows_and_never_passes_its_end(): void
    {
        $clock = self::changing([[0, 22], [0.5, 15], [4, 20]]);
        $before = 0.0;
        for ($min = 1.0; $min < 1000; $min *= 1.3) {
            $now = $clock->mobilityAfter($min);
            self::assertGreaterThanOrEqual($before, $now);
            $before = $now;
        }
        self::assertLessThanOrEqual($clock->mobilityInTheEnd(), $before);
    }

    private static function kinetics(): Kinetics
    {
        return new Kinetics(45, 23, 1.1, 25, 55, 65);
    }

    /** @param  non-empty-list<array{float, float}>  $points */
    private static function changing(array $points, float $age = 0): FilmClock
    {
        return new ChangingFilmClock(
            self::kinetics(),
            Temperatures::through(array_map(static fn (array $point) => new TemperaturePoint(...$point), $points)),
            $age,
        );
    }
}
