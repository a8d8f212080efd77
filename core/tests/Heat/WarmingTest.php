<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Heat;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Heat\Base;
use OpenGlaze\Core\Heat\PouredLayer;
use OpenGlaze\Core\Heat\Slab;
use OpenGlaze\Core\Heat\Warming;
use OpenGlaze\Core\Heat\WarmingException;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WarmingTest extends TestCase
{
    #[TestWith([1.6, HeatTool::HeatGun, 20.0, Base::Wood, 9.67, 3.88])]
    #[TestWith([1.6, HeatTool::HeatGun, 20.0, Base::Stone, 7.93, 3.16])]
    #[TestWith([0.4, HeatTool::HeatGun, 20.0, Base::Wood, 18.98, 4.27])]
    #[TestWith([0.4, HeatTool::HeatGun, 20.0, Base::Stone, 7.80, 3.25])]
    #[TestWith([0.4, HeatTool::HeatGun, 20.0, Base::Mould, 10.96, 3.79])]
    #[TestWith([3.0, HeatTool::HeatGun, 30.0, Base::Wood, 8.55, 5.66])]
    #[TestWith([1.6, HeatTool::Flame, 6.0, Base::Wood, 6.82, 2.25])]
    public function test_the_check_values(float $mm, HeatTool $tool, float $seconds, Base $base, float $gain, float $age): void
    {
        $warmed = self::warmed($tool, $seconds, $mm, $base->slabs(), 23);
        self::assertEqualsWithDelta($gain, $warmed->gainK, 0.01 * $gain);
        self::assertEqualsWithDelta($age, $warmed->ageSpentMin, 0.015 * $age);
        self::assertEqualsWithDelta(self::kinetics()->viscosity(23 + $warmed->gainK, 5) / self::kinetics()->viscosity(23, 5), $warmed->viscosityFactor, 1e-9);
    }

    public function test_longer_is_warmer_thinner_and_older_a_thicker_film_and_one_on_a_better_conductor_warm_less(): void
    {
        mt_srand(215);
        for ($draw = 0; $draw < Draws::of(12); $draw++) {
            $tool = [HeatTool::HeatGun, HeatTool::Flame][mt_rand(0, 1)];
            [$mm, $seconds, $room] = [mt_rand(80, 400) / 100, mt_rand(10, 70) / 10, (float) mt_rand(15, 26)];
            $base = [new Slab(0.01, mt_rand(5, 40) / 100, 1.5e6)];
            $short = self::warmed($tool, $seconds, $mm, $base, $room);
            $long = self::warmed($tool, 1.3 * $seconds, $mm, $base, $room);
            self::assertGreaterThan($short->gainK, $long->gainK);
            self::assertLessThan($short->viscosityFactor, $long->viscosityFactor);
            self::assertGreaterThan($short->ageSpentMin, $long->ageSpentMin);
            self::assertLessThan($short->gainK, self::warmed($tool, $seconds, 1.3 * $mm, $base, $room)->gainK);
            self::assertLessThanOrEqual($short->gainK, self::warmed($tool, $seconds, $mm, [new Slab(0.01, 2 * $base[0]->conductivity, 1.5e6)], $room)->gainK);
        }
    }

    public function test_past_sixty_degrees_it_is_refused_and_breath_warms_nothing(): void
    {
        foreach ([[HeatTool::Flame, 60.0, 'warming.too_hot'], [HeatTool::Breath, 5.0, 'warming.no_heat'], [HeatTool::None, 5.0, 'warming.no_heat']] as [$tool, $seconds, $code]) {
            try {
                self::warmed($tool, $seconds, 1.0, Base::Wood->slabs(), 23);
                self::fail('It was not refused.');
            } catch (WarmingException $exception) {
                self::assertSame($code, $exception->said->key);
            }
        }
    }

    /** @param  non-empty-list<Slab>  $base */
    private static function warmed(HeatTool $tool, float $seconds, float $mm, array $base, float $roomC): Warming
    {
        return Warming::by($tool, $seconds, new PouredLayer($mm, 1090, $base, Temperatures::steady($roomC)), self::kinetics());
    }

    private static function kinetics(): Kinetics
    {
        return new Kinetics(45, 23, 1.1, 25, 55, 65);
    }
}
