<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Film;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Warming;
use OpenGlaze\Core\Film\WarmingException;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WarmingTest extends TestCase
{
    #[TestWith([1.6, HeatTool::HeatGun, 20.0, 11.541, 0.3715, 4.147])]
    #[TestWith([1.6, HeatTool::Flame, 6.0, 7.145, 0.5369, 2.285])]
    #[TestWith([3.0, HeatTool::HeatGun, 30.0, 9.316, 0.4471, 5.957])]
    public function test_the_check_values(float $mm, HeatTool $tool, float $seconds, float $gain, float $factor, float $age): void
    {
        $warmed = Warming::by($tool, $seconds, $mm, 1090, self::kinetics(), 23);
        self::assertEqualsWithDelta($gain, $warmed->gainK, 6e-4);
        self::assertEqualsWithDelta($factor, $warmed->viscosityFactor, 6e-5);
        self::assertEqualsWithDelta($age, $warmed->ageSpentMin, 6e-4);
    }

    public function test_longer_is_warmer_thinner_and_older_and_a_thicker_film_warms_less(): void
    {
        mt_srand(215);
        for ($draw = 0; $draw < Draws::of(60); $draw++) {
            $tool = [HeatTool::HeatGun, HeatTool::Flame][mt_rand(0, 1)];
            [$mm, $seconds, $room] = [mt_rand(80, 400) / 100, mt_rand(10, 70) / 10, (float) mt_rand(15, 26)];
            $short = Warming::by($tool, $seconds, $mm, 1090, self::kinetics(), $room);
            $long = Warming::by($tool, 1.3 * $seconds, $mm, 1090, self::kinetics(), $room);
            $thick = Warming::by($tool, $seconds, 1.3 * $mm, 1090, self::kinetics(), $room);
            self::assertGreaterThan($short->gainK, $long->gainK);
            self::assertLessThan($short->viscosityFactor, $long->viscosityFactor);
            self::assertGreaterThan($short->ageSpentMin, $long->ageSpentMin);
            self::assertLessThan($short->gainK, $thick->gainK);
            self::assertEqualsWithDelta(1.3 * $short->coolsInMin, $thick->coolsInMin, 1e-9);
        }
    }

    public function test_past_sixty_degrees_it_is_refused_and_breath_warms_nothing(): void
    {
        foreach ([[HeatTool::Flame, 60.0, 'warming.too_hot'], [HeatTool::Breath, 5.0, 'warming.no_heat'], [HeatTool::None, 5.0, 'warming.no_heat']] as [$tool, $seconds, $code]) {
            try {
                Warming::by($tool, $seconds, 1.0, 1090, self::kinetics(), 23);
                self::fail('It was not refused.');
            } catch (WarmingException $exception) {
                self::assertSame($code, $exception->said->key);
            }
        }
    }

    private static function kinetics(): Kinetics
    {
        return new Kinetics(45, 23, 1.1, 25, 55, 65);
    }
}
