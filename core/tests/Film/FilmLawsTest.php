<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Film;

use OpenGlaze\Core\Film\Bubbles;
use OpenGlaze\Core\Film\Drift;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Levelling;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use PHPUnit\Framework\TestCase;

/** The definitions themselves, put back into what was solved from them. */
final class FilmLawsTest extends TestCase
{
    private const G = 9.80665;

    public function test_the_longest_levelled_ripple_decays_to_a_twentieth(): void
    {
        foreach ([0.3, 1.6, 5.0] as $mm) {
            foreach ([15.0, 23.0, 29.0] as $celsius) {
                $clock = self::clock($celsius);
                $ripple = (new Levelling(self::liquid(), $clock))->longestWavelengthMm($mm);
                $k = 2 * M_PI / ($ripple / 1000);
                $decay = ($mm / 1000) ** 3 / 3 * (0.036 * $k ** 4 + 1090 * self::G * $k ** 2) * $clock->mobilityInTheEnd();
                self::assertEqualsWithDelta(3.0, $decay, 1e-9);
            }
        }
    }

    public function test_a_film_has_settled_when_a_ripple_of_a_hand_has_gone(): void
    {
        $clock = self::clock(21);
        $settled = (new Levelling(self::liquid(), $clock))->settleMin(1.6);
        self::assertNotNull($settled);
        $k = 2 * M_PI / 0.1;
        $decay = 0.0016 ** 3 / 3 * (0.036 * $k ** 4 + 1090 * self::G * $k ** 2) * $clock->mobilityAfter($settled);
        self::assertEqualsWithDelta(3.0, $decay, 1e-9);
        self::assertNull((new Levelling(self::liquid(), $clock))->settleMin(0.2));
    }

    /** Speed 2ρgr²/(9η), gathered over the film's life, is the way through the film. */
    public function test_the_smallest_bubble_just_makes_it(): void
    {
        foreach ([0.5, 1.6, 6.0] as $mm) {
            $clock = self::clock(23);
            $bubbles = new Bubbles(self::liquid(), $clock);
            $radius = $bubbles->smallestThatEscapesUm($mm) / 1e6;
            self::assertEqualsWithDelta($mm / 1000, 2 * 1090 * self::G * $radius ** 2 / 9 * $clock->mobilityInTheEnd(), 1e-12);
            self::assertNull($bubbles->riseMin($mm, $radius * 0.999e6));
            self::assertNotNull($bubbles->riseMin($mm, $radius * 1.001e6));
        }
    }

    public function test_larger_bubbles_and_thinner_films_are_sooner_clear(): void
    {
        $bubbles = new Bubbles(self::liquid(), self::clock(23));
        $before = INF;
        foreach ([40, 60, 100, 300] as $radius) {
            $min = $bubbles->riseMin(1.6, $radius);
            self::assertLessThan($before, $min);
            self::assertLessThan($min, $bubbles->riseMin(1.0, $radius));
            $before = $min;
        }
    }

    public function test_drift_is_never_more_than_level_and_grows_with_the_slope(): void
    {
        $drift = new Drift(self::liquid(), self::clock(23));
        foreach ([0.5, 1.6, 6.0, 20.0] as $mm) {
            foreach ([98.0, 620.0, 1800.0] as $longest) {
                self::assertLessThanOrEqual(2.0 * $longest / 1000 / 2 + 1e-12, $drift->driftMm($mm, 2.0, $longest));
                self::assertEqualsWithDelta(3 * $drift->driftMm($mm, 0.7, $longest), $drift->driftMm($mm, 2.1, $longest), 1e-12);
                self::assertSame(0.0, $drift->driftMm($mm, 0, $longest));
            }
        }
    }

    public function test_a_film_that_hardly_flows_any_more_still_lets_the_largest_bubbles_out(): void
    {
        $kinetics = new Kinetics(45, 23, 1.1, 25, 55, 65);
        foreach ([150.0, 170.0, 179.9] as $age) {
            $clock = new SteadyFilmClock($kinetics, 23, $age);
            self::assertLessThan(1.0, $clock->mobilityInTheEnd());
            $um = (new Bubbles(self::liquid(), $clock))->smallestThatEscapesUm(1.0);
            self::assertEqualsWithDelta(9e-3 / (2 * self::liquid()->weightNM3() * $clock->mobilityInTheEnd()), ($um / 1e6) ** 2, 1e-9);
        }
        self::assertNull((new Bubbles(self::liquid(), new SteadyFilmClock($kinetics, 23, 180.0)))->smallestThatEscapesUm(1.0), 'stiff');
    }

    public function test_what_is_as_thick_already_is_so_at_once(): void
    {
        $clock = new SteadyFilmClock(new Kinetics(45, 23, 1.1, 25, 55, 65), 23, 20.0);
        self::assertSame([0.0, 0.0], [$clock->minutesToViscosity(0.1), $clock->minutesToAge(5.0)]);
        self::assertEqualsWithDelta(0.0, $clock->minutesToViscosity($clock->viscosityAt(0.0)), 1e-9);
        self::assertGreaterThan(0.0, $clock->minutesToViscosity(1.1 * $clock->viscosityAt(0.0)));
    }

    public function test_rates_and_viscosities_move_with_the_room_as_they_should(): void
    {
        $kinetics = new Kinetics(45, 23, 1.1, 25, 55, 65);
        self::assertSame(1.0, $kinetics->rate(23));
        self::assertEqualsWithDelta(1.1, $kinetics->viscosity(25, 0), 1e-12);
        self::assertEqualsWithDelta(2.0, $kinetics->rate(28) / $kinetics->rate(18), 0.15);
        for ($celsius = -10.0; $celsius < 60; $celsius += 5) {
            self::assertLessThan($kinetics->rate($celsius + 5), $kinetics->rate($celsius));
            self::assertGreaterThan($kinetics->viscosity($celsius + 5, 0), $kinetics->viscosity($celsius, 0));
        }
    }

    public function test_a_line_of_temperatures_is_straight_between_its_points_and_held_past_them(): void
    {
        $line = Temperatures::through([new TemperaturePoint(-2, 10), new TemperaturePoint(0, 20), new TemperaturePoint(4, 12.0), new TemperaturePoint(6, 16.0)]);
        self::assertFalse($line->isSteady());
        foreach ([-600 => 10.0, -60 => 15.0, 0 => 20.0, 60 => 18.0, 240 => 12.0, 300 => 14.0, 360 => 16.0, 6000 => 16.0] as $min => $celsius) {
            self::assertEqualsWithDelta($celsius, $line->at($min), 1e-9, "at $min min");
        }
        self::assertSame([[240.0, 12.0], [360.0, 16.0]], $line->bends());
        self::assertEqualsWithDelta(18.0, $line->lowestUntil(60), 1e-9);
        self::assertEqualsWithDelta(12.0, $line->lowestUntil(300), 1e-9);
        self::assertEqualsWithDelta(20.0, $line->highestUntil(300), 1e-9);
        self::assertTrue(Temperatures::steady(21)->isSteady());
        self::assertTrue(Temperatures::through([new TemperaturePoint(0, 21), new TemperaturePoint(9, 21)])->isSteady());
    }

    private static function liquid(): Liquid
    {
        return new Liquid(1090, 0.036);
    }

    private static function clock(float $celsius): SteadyFilmClock
    {
        return new SteadyFilmClock(new Kinetics(45, 23, 1.1, 25, 55, 65), $celsius, 0);
    }

    /** A film that hardly flows any more still levels what is short, or what lies in a thick one; the less, the later. */
    public function test_however_little_it_flows_it_levels_something_until_it_has_set(): void
    {
        $kinetics = new Kinetics(45, 23, 1.1, 25, 55, 65);
        $liquid = new Liquid(1090, 0.036);
        $longest = INF;
        foreach ([0.0, 45.0, 90.0, 120.0, 140.0, 160.0, 175.0] as $age) {
            $levelling = new Levelling($liquid, new SteadyFilmClock($kinetics, 23, $age));
            $levels = $levelling->longestWavelengthMm(1.6);
            self::assertGreaterThan(0.0, $levels, "at $age min");
            self::assertLessThan($longest, $levels);
            $longest = $levels;
            $thinnest = $levelling->thinnestMm(10.0);
            self::assertNotNull($thinnest, "at $age min");
            self::assertEqualsWithDelta(10.0, $levelling->longestWavelengthMm($thinnest), 1e-6, 'both ways say the same');
        }
        $set = new Levelling($liquid, new SteadyFilmClock($kinetics, 23, 200.0));
        self::assertSame([0.0, null], [$set->longestWavelengthMm(1.6), $set->thinnestMm(10.0)]);
    }
}
