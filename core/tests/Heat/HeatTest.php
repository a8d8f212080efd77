<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Heat;

use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\HeatRun;
use OpenGlaze\Core\Heat\PotLife;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Measuring\StraightCup;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class HeatTest extends TestCase
{
    use ChecksValues;

    private const DENSITY = 1100.0;

    /** @return iterable<string, array{float, float, float, float}> diameter mm, g, °C, pot life min */
    public static function cups(): iterable
    {
        yield from [
            'narrow and cold' => [70, 150, 18, 47.40],
            'narrow' => [70, 150, 23, 31.59],
            'narrow and warm' => [70, 150, 28, 21.54],
            'large and cold' => [100, 600, 18, 45.43],
            'large' => [100, 600, 23, 30.65],
            'large and warm' => [100, 600, 28, 21.09],
        ];
    }

    #[DataProvider('cups')]
    public function test_the_check_values_of_the_pot_life(float $diameterMm, float $grams, float $celsius, float $min): void
    {
        self::assertWithin(0.5, $min, PotLife::minutes(self::curing(), new ResinInCup($grams / 1.1, self::DENSITY, new StraightCup($diameterMm), Temperatures::steady($celsius), $celsius)));
    }

    public function test_the_check_values_of_the_large_cup(): void
    {
        $run = self::large();
        self::assertWithin(0.5, 25.31, $run->celsiusAt(12));
        self::assertWithin(0.5, 12.83, $run->ageAt(12));
        self::assertWithin(0.5, 36.61, $run->celsiusAt(30));
        self::assertWithin(0.5, 43.22, $run->ageAt(30));
        self::assertWithin(0.5, 39.03, $run->minutesToC(60));
    }

    public function test_the_heat_of_a_label_is_found_from_its_pot_life(): void
    {
        $density = (2 * 1140 + 980) / 3;
        $heat = PotLife::fittedHeatKjKg(self::curing(), 32, 150, $density);
        self::assertWithin(0.5, 333.3, $heat);
        self::assertEqualsWithDelta(32, PotLife::minutes(self::curing()->withHeat((float) $heat), new ResinInCup(150_000 / $density, $density, new UnknownCup, Temperatures::steady(23), 23)), 0.01);
        self::assertNull(PotLife::fittedHeatKjKg(self::curing(), 44.9, 150, $density), 'no resin is so cool');
        self::assertNull(PotLife::fittedHeatKjKg(self::curing(), 5, 150, $density), 'none so hot');
    }

    public function test_sixty_percent_has_reacted_when_the_window_opens(): void
    {
        self::assertEqualsWithDelta(0.6, self::curing()->conversion(240), 1e-12);
        self::assertSame(0.0, self::curing()->conversion(0));
        self::assertSame(0.0, self::curing()->warming(0));
    }

    public function test_what_is_lost_and_what_is_kept_add_up_to_what_was_set_free(): void
    {
        // a body so large that it loses nothing warms by conversion × H/c
        $run = Heating::inCupUntilAge(self::curing(), 200, new ResinInCup(1e9, self::DENSITY, new UnknownCup, Temperatures::steady(23), 23));
        $curing = self::curing();
        self::assertEqualsWithDelta(23 + $curing->conversion(200) * 350_000 / 1900, $run->celsius[count($run->celsius) - 1], 0.3);
    }

    public function test_a_dish_stays_cooler_than_a_cup(): void
    {
        $inCup = self::large();
        $inDish = Heating::inCup(self::curing(), new ResinInCup(600 / 1.1, self::DENSITY, new StraightCup(300), Temperatures::steady(23), 23));
        self::assertLessThan($inCup->peakC, $inDish->peakC);
        self::assertGreaterThan($inCup->minutesToAge(45), $inDish->minutesToAge(45));
    }

    public function test_what_was_not_followed_is_not_known(): void
    {
        $run = new HeatRun([0.0, 10.0], [20.0, 30.0], [0.0, 12.0]);
        self::assertSame([20.0, 25.0, null], [$run->celsiusAt(-1), $run->celsiusAt(5), $run->celsiusAt(11)]);
        self::assertSame([0.0, 5.0, null], [$run->minutesToC(19), $run->minutesToC(25), $run->minutesToC(31)]);
        self::assertNull($run->minutesToAge(13));
    }

    private static function large(): HeatRun
    {
        return Heating::inCup(self::curing(), new ResinInCup(600 / 1.1, self::DENSITY, new StraightCup(100), Temperatures::steady(23), 23));
    }

    private static function curing(): Curing
    {
        return new Curing(new Kinetics(45, 23, 1.1, 25, 55, 65), 240);
    }
}
