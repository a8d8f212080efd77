<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Film;

use OpenGlaze\Core\Film\Drift;
use OpenGlaze\Core\Film\FilmBehaviour;
use OpenGlaze\Core\Film\FilmCase;
use OpenGlaze\Core\Film\Fluid;
use OpenGlaze\Core\Film\HeatHabits;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Levelling;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Film\TorchPlan;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\TestCase;

/** The check values of the film, with the density of 1090 kg/m³ that they are given for. */
final class FilmBehaviourTest extends TestCase
{
    use ChecksValues;

    public function test_a_common_flood_coat_at_the_reference_temperature(): void
    {
        $film = self::film(1.6, 23);
        self::assertClosed(414.29, $film->level->upToMm);
        self::assertClosed(0.26556, $film->level->thinnestMm);
        self::assertClosed(0.10083, self::film(1.6, 23, mark: 10)->level->thinnestMm);
        self::assertClosed(1.158, $film->level->settleMin);
        self::assertClosed(27.464, $film->rising->smallestUm);
        self::assertClosed(1.533, $film->rising->rise100Min);
        self::assertClosed(7.018, $film->rising->rise50Min);
        self::assertClosed(35.58, $film->rising->rise30Min);
        self::assertEqualsWithDelta([5, 13], $film->torch->passesMin, 0.01);
        self::assertClosed(35.58, $film->torch->lookMin);
        self::assertClosed(45, $film->torch->closesMin);
    }

    public function test_a_film_that_stood_twenty_minutes_in_the_cup(): void
    {
        $film = self::film(1.6, 23, age: 20);
        self::assertClosed(248.53, $film->level->upToMm);
        self::assertClosed(3.410, $film->level->settleMin);
        self::assertEqualsWithDelta([5], $film->torch->passesMin, 0.01);
        self::assertClosed(20, $film->torch->lookMin);
        self::assertClosed(25, $film->torch->closesMin);
    }

    public function test_a_cold_room(): void
    {
        $film = self::film(1.6, 18);
        self::assertClosed(400.10, $film->level->upToMm);
        self::assertClosed(28.439, $film->rising->smallestUm);
        self::assertClosed(2.419, $film->rising->rise100Min);
        self::assertClosed(11.209, $film->rising->rise50Min);
        self::assertClosed(65.65, $film->rising->rise30Min);
    }

    public function test_thin_films(): void
    {
        $thin = self::film(0.8, 23)->torch;
        self::assertEqualsWithDelta([5, 13], $thin->passesMin, 0.01);
        self::assertClosed(21, $thin->lookMin);
        self::assertClosed(52.28, self::film(0.4, 21)->level->upToMm);
    }

    public function test_a_bench_out_of_level(): void
    {
        $drift = new Drift(self::liquid(), new SteadyFilmClock(new Kinetics(45, 23, 1.1, 25, 55, 65), 23, 0));
        foreach ([[1.6, 620, 0.2576, 0.621], [1.6, 300, 0.2418, null], [1.6, 1200, 0.2576, null], [0.8, 620, 0.0911, null], [6.0, 620, 0.6200, 0.968]] as [$mm, $longest, $ends, $within]) {
            self::assertClosed($ends, 2 * $drift->driftMm($mm, 1.0, $longest), "$mm on $longest");
            self::assertEqualsWithDelta(0.1 * $mm, 2 * $drift->driftMm($mm, $drift->levelWithinMmPerM($mm, $longest) ?? 0.0, $longest), 1e-12);
            if ($within !== null) {
                self::assertClosed($within, $drift->levelWithinMmPerM($mm, $longest));
            }
        }
    }

    public function test_the_capillary_length_and_the_wetting_height(): void
    {
        self::assertClosed(1.83518, self::liquid()->capillaryLengthMm());
        self::assertClosed(1.1037, self::liquid()->wettingHeightMm(35));
    }

    public function test_thicker_and_fresher_levels_more_and_the_limits_meet(): void
    {
        $before = 0.0;
        foreach ([0.2, 0.5, 1.0, 2.0, 4.0] as $mm) {
            $film = self::film($mm, 21);
            self::assertGreaterThan($before, $film->level->upToMm);
            self::assertLessThan($film->level->upToMm, self::film($mm, 21, age: 10)->level->upToMm);
            $before = $film->level->upToMm;
            // the thinnest film for the longest ripple that this film levels is this film
            $levelling = new Levelling(self::liquid(), self::clock(21, 0));
            self::assertEqualsWithDelta($mm, $levelling->thinnestMm($film->level->upToMm), 1e-9);
        }
    }

    public function test_no_pass_and_no_look_falls_after_the_film_has_closed(): void
    {
        foreach ([0.1, 0.3, 1.6, 4.0, 12.0] as $mm) {
            foreach ([12.0, 21.0, 30.0] as $celsius) {
                foreach ([0.0, 15.0, 40.0, 60.0] as $age) {
                    $torch = self::film($mm, $celsius, age: $age)->torch;
                    self::assertSame($torch->closesMin <= 0.0, $torch->lookMin === null, 'what is closed is not looked at');
                    foreach (array_filter([...$torch->passesMin, $torch->lookMin], is_float(...)) as $min) {
                        self::assertLessThanOrEqual(0.8 * $torch->closesMin + 1e-9, $min);
                    }
                }
            }
        }
    }

    public function test_where_air_comes_from_below_looks_go_on_until_the_film_is_about_to_close(): void
    {
        $quiet = self::film(1.6, 23)->torch;
        self::assertSame([], $quiet->looksMin);
        foreach ([18.0, 23.0, 28.0] as $celsius) {
            foreach ([0.0, 20.0] as $age) {
                $torch = self::film(1.6, $celsius, age: $age, airFromBelow: true)->torch;
                self::assertEqualsWithDelta(0.8 * $torch->closesMin, $torch->lookMin, 1e-9);
                $all = [...$torch->looksMin, $torch->lookMin];
                for ($at = 1; $at < count($all); $at++) {
                    self::assertGreaterThan($all[$at - 1], $all[$at]);
                    self::assertLessThanOrEqual(15 / self::clock($celsius, 0)->rate() + 1e-9, $all[$at] - $all[$at - 1]);
                }
                self::assertGreaterThanOrEqual(($torch->lastPassMin() ?? 0.0) + ($torch->passesMin === [] ? 0 : 8) - 1e-9, min($all));
            }
        }
        self::assertEqualsWithDelta([21.0], self::film(1.6, 23, airFromBelow: true)->torch->looksMin, 1e-6);
    }

    public function test_where_air_comes_from_below_one_looks_every_ten_minutes_of_age(): void
    {
        $kinetics = new Kinetics(300, 23, 1.1, 25, 55, 65);
        foreach ([18.0, 23.0] as $celsius) {
            $clock = new SteadyFilmClock($kinetics, $celsius, 0.0);
            $torch = TorchPlan::of(new FilmCase(1.6, 620, 30, 0, 35, new Fluid($kinetics, self::liquid(), $clock)), new HeatHabits(5, 8, HeatTool::Flame, true));
            self::assertGreaterThan(10, count($torch->looksMin));
            for ($at = 1; $at < count($torch->looksMin); $at++) {
                self::assertEqualsWithDelta(10 / $clock->rate(), $torch->looksMin[$at] - $torch->looksMin[$at - 1], 1e-9);
            }
        }
    }

    public function test_the_tool_follows_size_and_surface(): void
    {
        self::assertSame(HeatTool::Flame, HeatTool::forPiece(false, 2542, true));
        self::assertSame(HeatTool::HeatGun, HeatTool::forPiece(false, 2542, false));
        self::assertSame(HeatTool::Breath, HeatTool::forPiece(false, 4.5, true));
        self::assertSame(HeatTool::Breath, HeatTool::forPiece(false, 2542, true, true, true), 'over vapours that burn');
        self::assertSame(HeatTool::None, HeatTool::forPiece(true, 2542, true, true, true));
    }

    private static function film(float $mm, float $celsius, float $age = 0, float $mark = 30, float $slope = 0, bool $airFromBelow = false): FilmBehaviour
    {
        return FilmBehaviour::of(new FilmCase($mm, 620, $mark, $slope, 35, new Fluid(self::kinetics(), self::liquid(), self::clock($celsius, $age))), new HeatHabits(5, 8, HeatTool::Flame, $airFromBelow));
    }

    private static function liquid(): Liquid
    {
        return new Liquid(1090, 0.036);
    }

    private static function clock(float $celsius, float $age): SteadyFilmClock
    {
        return new SteadyFilmClock(self::kinetics(), $celsius, $age);
    }

    private static function kinetics(): Kinetics
    {
        return new Kinetics(45, 23, 1.1, 25, 55, 65);
    }
}
