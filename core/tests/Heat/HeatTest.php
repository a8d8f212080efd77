<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Heat;

use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Curing;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Heat\HeatRun;
use OpenGlaze\Core\Heat\LayerLoss;
use OpenGlaze\Core\Heat\PotLife;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Measuring\StraightCup;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
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

    /** @return iterable<string, array{float, float}> */
    public static function layers(): iterable
    {
        yield from ['1.6 mm' => [1.6, 25.74], '3 mm' => [3, 29.69], '6 mm' => [6, 93.3]];
    }

    #[DataProvider('layers')]
    public function test_the_check_values_of_layers(float $mm, float $celsius): void
    {
        self::assertWithin(2, $celsius, Heating::asLayer(self::curing(), $mm, self::DENSITY, Temperatures::steady(23))->peakC);
    }

    #[TestWith([240, 6, 23.58])]
    #[TestWith([240, 10, 39.31])]
    #[TestWith([720, 20, 26.20])]
    public function test_a_labels_depth_says_how_much_its_layers_lose(float $recoatMin, float $deepestMm, float $wM2K): void
    {
        $curing = new Curing(new Kinetics(45, 23, 1.1, 25, 55, 65), $recoatMin);
        $loss = LayerLoss::wM2K($curing, $deepestMm, self::DENSITY);
        self::assertWithin(0.5, $wM2K, $loss);
        $layer = static fn (float $mm, float $celsius): float => Heating::asLayer($curing->withLayerLoss($loss), $mm, self::DENSITY, Temperatures::steady($celsius))->peakC;
        self::assertWithin(0.5, 60, $layer($deepestMm, 28));
        self::assertWithin(0.5, 33.6, $layer($deepestMm, 23));
        self::assertWithin(0.5, 76.0, $layer(1.5 * $deepestMm, 23));
    }

    public function test_what_stays_cool_at_its_labels_depth_loses_what_is_assumed_and_none_more_than_two_hundred(): void
    {
        self::assertSame(15.0, LayerLoss::wM2K(self::curing(), 2, self::DENSITY));
        self::assertSame(200.0, LayerLoss::wM2K(self::curing(), 100, self::DENSITY));
        $before = 15.0;
        foreach ([3.0, 5.0, 8.0, 15.0, 30.0] as $mm) {
            self::assertGreaterThanOrEqual($before, $before = LayerLoss::wM2K(self::curing(), $mm, self::DENSITY));
        }
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

    public function test_a_deeper_layer_a_warmer_room_and_an_older_mix_never_peak_lower(): void
    {
        $before = 0.0;
        foreach ([0.05, 0.5, 1.6, 3, 4.5, 6, 14, 40] as $mm) {
            $peak = self::layer($mm, 23)->peakC;
            self::assertGreaterThanOrEqual($before, $peak);
            self::assertGreaterThanOrEqual($peak, self::layer($mm, 26)->peakC);
            $before = $peak;
        }
    }

    public function test_a_film_that_hardly_keeps_its_heat_stays_at_the_rooms_temperature(): void
    {
        self::assertEqualsWithDelta(23, self::layer(0.01, 23)->peakC, 0.05);
    }

    public function test_a_dish_stays_cooler_than_a_cup(): void
    {
        $inCup = self::large();
        $inDish = Heating::inCup(self::curing(), new ResinInCup(600 / 1.1, self::DENSITY, new StraightCup(300), Temperatures::steady(23), 23));
        self::assertLessThan($inCup->peakC, $inDish->peakC);
        self::assertGreaterThan($inCup->minutesToAge(45), $inDish->minutesToAge(45));
    }

    public function test_a_room_that_cools_keeps_the_body_cooler(): void
    {
        $cooling = Temperatures::through([new TemperaturePoint(0, 23), new TemperaturePoint(2, 10)]);
        self::assertLessThan(self::layer(4, 23)->peakC, Heating::asLayer(self::curing(), 4, self::DENSITY, $cooling)->peakC);
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

    private static function layer(float $mm, float $celsius): HeatRun
    {
        return Heating::asLayer(self::curing(), $mm, self::DENSITY, Temperatures::steady($celsius));
    }

    private static function curing(): Curing
    {
        return new Curing(new Kinetics(45, 23, 1.1, 25, 55, 65), 240);
    }
}
