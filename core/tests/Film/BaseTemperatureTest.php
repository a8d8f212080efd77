<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Film;

use OpenGlaze\Core\Film\TemperaturePoint;
use OpenGlaze\Core\Film\Temperatures;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A film on a base that is not at the room's temperature. */
final class BaseTemperatureTest extends TestCase
{
    use ChecksValues;

    #[TestWith([21, 14, 'glazed_tile', 60.07])]
    #[TestWith([21, 14, 'sealed', 60.61])]
    #[TestWith([23, 30, 'glazed_tile', 36.06])]
    #[TestWith([21, 21, 'glazed_tile', 52.38])]
    public function test_the_check_values(float $roomC, float $surfaceC, string $surface, float $openMin): void
    {
        $film = Plans::computed(['/studio/temperature_c' => $roomC, '/studio/surface_c' => $surfaceC, '/pieces/0/kind' => 'other', '/pieces/0/surface' => $surface])->film;
        self::assertWithin(0.1, $openMin, $film->flowing->openMin);
        if ($surfaceC === 14.0) {
            self::assertClosed(3.003, $film->flowing->viscosityPaS);
        }
    }

    public function test_it_begins_where_it_is_and_comes_to_the_room_whatever_that_does(): void
    {
        $room = Temperatures::through([new TemperaturePoint(-1, 19), new TemperaturePoint(0.2, 20), new TemperaturePoint(3, 12)]);
        $film = $room->beginningOff(-6.0, 18.0);
        self::assertEqualsWithDelta($room->at(0.0) - 6, $film->at(0.0), 1e-9);
        foreach ([1.0, 5.0, 12.0, 18.0, 40.0, 90.0, 200.0, 600.0] as $min) {
            self::assertEqualsWithDelta($room->at($min) - 6 * exp(-$min / 18), $film->at($min), 0.02, "after $min min");
        }
    }

    /** @param  list<string>  $told */
    #[TestWith([20.5, []])]
    #[TestWith([19.0, ['note']])]
    #[TestWith([16.0, ['caution']])]
    #[TestWith([27.0, ['caution']])]
    public function test_how_long_it_would_have_to_stand_is_said(float $surfaceC, array $told): void
    {
        $result = Plans::computed(['/studio/temperature_c' => 21, '/studio/humidity_pct' => 30, '/studio/surface_c' => $surfaceC, '/pieces/0/kind' => 'board']);
        $advice = array_values(array_filter(CoatAdvisor::advise($result), static fn ($one): bool => $one->code === 'base_not_at_room'));
        self::assertSame($told, array_map(static fn ($one): string => $one->level->value, $advice));
        if ($surfaceC === 16.0) {
            self::assertStringContainsString('stand 29 min', English::say($advice[0]->said), '18 min · ln 5');
        }
    }
}
