<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Run;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Film\Kinetics;
use OpenGlaze\Core\Film\SteadyFilmClock;
use OpenGlaze\Core\Run\Burner;
use OpenGlaze\Core\Run\EffectWindow;
use OpenGlaze\Core\Run\HeatPass;
use OpenGlaze\Core\Run\Pace;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PaceTest extends TestCase
{
    public function test_the_check_values_of_the_window_of_drops(): void
    {
        $window = EffectWindow::of(Pace::Drops, self::film(0));
        self::assertEqualsWithDelta(29.69, $window->fromMin, 5e-3);
        self::assertEqualsWithDelta(53.22, $window->toMin, 5e-3);
        self::assertSame(470, $window->fits());
    }

    public function test_the_last_of_them_still_holds_when_it_is_begun_in_time(): void
    {
        $window = EffectWindow::of(Pace::Drops, self::film(0));
        foreach ([1, 100, 470] as $count) {
            $begin = $window->beginBy($count);
            self::assertGreaterThanOrEqual($window->fromMin - 1e-9, $begin);
            self::assertLessThanOrEqual($window->toMin + 1e-9, $begin + $count / 20);
            self::assertSame(1, $window->handsFor($count));
        }
        self::assertSame($window->fromMin, $window->beginBy(900), 'too many for one hand: at once');
        self::assertSame(2, $window->handsFor(900));
    }

    public function test_lines_wait_for_a_film_that_holds_them_and_oil_for_none(): void
    {
        [$drops, $lines, $oil] = array_map(static fn (Pace $pace): EffectWindow => EffectWindow::of($pace, self::film(0)), [Pace::Drops, Pace::Lines, Pace::EffectOil]);
        self::assertGreaterThan($drops->fromMin, $lines->fromMin);
        self::assertSame(0.0, $oil->fromMin);
        self::assertSame([$drops->toMin, $drops->toMin], [$lines->toMin, $oil->toMin]);
    }

    public function test_a_film_that_drags_threads_from_the_start_has_no_window(): void
    {
        $window = EffectWindow::of(Pace::Drops, self::film(170));
        self::assertSame([0.0, 0.0, 0], [$window->fromMin, $window->toMin, $window->fits()]);
        self::assertNull($window->handsFor(1));
    }

    #[TestWith([HeatTool::Flame, 2542.0, 1, Burner::HandTorch, 50.84])]
    #[TestWith([HeatTool::Flame, 2542.0, 1, Burner::Large, 20.336])]
    #[TestWith([HeatTool::Flame, 2542.0, 1, Burner::Small, 152.52])]
    #[TestWith([HeatTool::HeatGun, 2542.0, 1, null, 101.68])]
    #[TestWith([HeatTool::Flame, 96.04, 24, null, 138.2976])]
    #[TestWith([HeatTool::Flame, 10.0, 1, Burner::HandTorch, 3.0])]
    #[TestWith([HeatTool::Breath, 4.5, 60, null, 300.0])]
    #[TestWith([HeatTool::None, 2542.0, 4, null, 0.0])]
    public function test_how_long_a_pass_takes(HeatTool $tool, float $cm2, int $pieces, ?Burner $burner, float $seconds): void
    {
        self::assertEqualsWithDelta($seconds, HeatPass::seconds($tool, $cm2, $pieces, $burner), 1e-9);
    }

    public function test_a_larger_face_wants_a_larger_flame(): void
    {
        self::assertSame([Burner::Small, Burner::HandTorch, Burner::HandTorch, Burner::Large], array_map(Burner::forArea(...), [20.0, 100.0, 2542.0, 6362.0]));
    }

    private static function film(float $ageMin): SteadyFilmClock
    {
        return new SteadyFilmClock(new Kinetics(45, 23, 1.1, 25, 55, 65), 23, $ageMin);
    }
}
