<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AdviceTest extends TestCase
{
    use ChecksValues;

    public function test_dew_points(): void
    {
        self::assertClosed(12.94, DewPoint::celsius(21, 60));
        self::assertClosed(13.90, DewPoint::celsius(17, 82));
        self::assertEqualsWithDelta(18.5, DewPoint::celsius(18.5, 100), 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>, string, Level, string}> */
    public static function cases(): iterable
    {
        yield from [
            'too thin' => [['/coats/0/size_by/thickness_mm' => 0.2], 'film_too_thin_to_level', Level::Caution, 'Pour at least 0.27 mm'],
            'under what brushes lay' => [['/coats/0/size_by/thickness_mm' => 0.04], 'film_under_brush', Level::Caution, '0.05 mm'],
            'does not close over dry spots' => [['/coats/0/size_by/thickness_mm' => 1.0], 'wet_every_spot', Level::Note, 'Touch every spot'],
            'out of level' => [['/studio/slope_mm_per_m' => 2], 'out_of_level', Level::Caution, 'Level the piece to'],
            'porous' => [['/pieces/0/surface' => 'raw_mdf'], 'surface_drinks', Level::Caution, 'Seal it first'],
            'a little porous' => [[], 'surface_drinks', Level::Note, 'primed canvas drinks about 25 ml/m²'],
            'cold' => [['/studio/temperature_c' => 12], 'room_too_cold', Level::Caution, '15 °C or more'],
            'warm' => [['/studio/temperature_c' => 33], 'room_too_warm', Level::Caution, '30 °C or less'],
            'damp' => [['/studio/humidity_pct' => 85], 'damp_air', Level::Caution, '80 % or less'],
            'a cold piece' => [['/studio/surface_c' => 13.0], 'near_dew_point', Level::Caution, 'dew point, 10.2 °C'],
            'too deep' => [['/coats/0/size_by/thickness_mm' => 9], 'over_max_pour', Level::Stop, 'at most 4 mm at a time'],
            'plastic' => [['/pieces/0/surface' => 'printed_plastic'], 'no_flame', Level::Note, 'No flame over printed plastic'],
            'no time for a second pass' => [['/studio/temperature_c' => 23, '/coats/0/age_min' => 20], 'torch_pass_dropped', Level::Note, 'Pass once'],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('cases')]
    public function test_it_advises(array $changes, string $code, Level $level, string $text): void
    {
        $advice = self::find($code, CoatAdvisor::advise(Plans::computed($changes)));
        self::assertNotNull($advice, "No $code.");
        self::assertSame($level, $advice->level);
        self::assertStringContainsString($text, English::say($advice->said));
    }

    public function test_a_sound_plan_gets_neither_caution_nor_stop(): void
    {
        foreach (CoatAdvisor::advise(Plans::computed(['/coats/0/size_by/thickness_mm' => 1.0])) as $advice) {
            self::assertSame(Level::Note, $advice->level, English::say($advice->said));
        }
    }

    public function test_a_seal_coat_may_be_thin_on_a_surface_that_drinks(): void
    {
        $advice = CoatAdvisor::advise(Plans::computed(['/coats/0/kind' => 'seal', '/coats/0/size_by/thickness_mm' => 0.1, '/pieces/0/surface' => 'raw_ply']));
        self::assertNull(self::find('film_too_thin_to_level', $advice));
        self::assertSame(Level::Note, self::find('surface_drinks', $advice)?->level);
    }

    public function test_a_night_that_gets_too_cold_is_seen_before_the_piece_can_be_handled(): void
    {
        $night = [(object) ['at_h' => 0, 'c' => 20], (object) ['at_h' => 9, 'c' => 13], (object) ['at_h' => 12, 'c' => 20]];
        self::assertNotNull(self::find('room_too_cold', CoatAdvisor::advise(Plans::computed(['/studio/temperatures' => $night]))));
        $muchLater = [(object) ['at_h' => 0, 'c' => 20], (object) ['at_h' => 90, 'c' => 20], (object) ['at_h' => 99, 'c' => 13]];
        self::assertNull(self::find('room_too_cold', CoatAdvisor::advise(Plans::computed(['/studio/temperatures' => $muchLater]))));
    }

    public function test_it_speaks_the_persons_units(): void
    {
        $plan = (new PlanReader)->read(Plans::with(['/coats/0/size_by/thickness_mm' => 9, '/studio/temperature_c' => 12]));
        $advice = CoatAdvisor::advise((new Planner)->plan($plan)[0]);
        self::assertStringContainsString('0.157 in', English::say(self::find('over_max_pour', $advice)?->said, UnitSystem::Imperial));
        self::assertStringContainsString('59 °F', English::say(self::find('room_too_cold', $advice)?->said, UnitSystem::Imperial));
    }

    /** @param  list<Advice>  $advice */
    private static function find(string $code, array $advice): ?Advice
    {
        foreach ($advice as $one) {
            if ($one->code === $code) {
                return $one;
            }
        }

        return null;
    }
}
