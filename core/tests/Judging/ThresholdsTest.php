<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Surface\Surface;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Each advice just before and just past what calls for it. */
final class ThresholdsTest extends TestCase
{
    /** @return iterable<string, array{string, string, float, float}> code, pointer, still quiet, already said */
    public static function thresholds(): iterable
    {
        $thinnest = Plans::computed()->film->level->thinnestMm;
        $wetting = Plans::computed()->film->wettingHeightMm;
        $level = Plans::computed()->film->level->withinMmPerM;
        yield from [
            'thinner than levels' => ['film_too_thin_to_level', '/coats/0/size_by/thickness_mm', $thinnest * 1.001, $thinnest * 0.999],
            'thinner than a brush lays' => ['film_under_brush', '/coats/0/size_by/thickness_mm', 0.05, 0.0499],
            'thinner than closes over' => ['wet_every_spot', '/coats/0/size_by/thickness_mm', $wetting * 1.001, $wetting * 0.999],
            'twice out of level' => ['out_of_level', '/studio/slope_mm_per_m', 2 * $level * 0.999, 2 * $level * 1.001],
            'deeper than the label' => ['over_max_pour', '/coats/0/size_by/thickness_mm', 4.0, 4.001],
            'colder than the resin likes' => ['room_too_cold', '/studio/temperature_c', 15.0, 14.9],
            'warmer than the resin likes' => ['room_too_warm', '/studio/temperature_c', 30.0, 30.1],
            'damper than the resin likes' => ['damp_air', '/studio/humidity_pct', 80.0, 80.1],
            'a soak that is a trace' => ['surface_drinks', '/pieces/0/soak_ml_m2', 0.0, 0.1],
        ];
    }

    #[DataProvider('thresholds')]
    public function test_an_advice_begins_where_it_should(string $code, string $pointer, float $quiet, float $said): void
    {
        self::assertNull($this->find($code, [$pointer => $quiet]));
        self::assertNotNull($this->find($code, [$pointer => $said]));
    }

    public function test_a_soak_becomes_a_caution_at_sixty(): void
    {
        self::assertSame(Level::Note, $this->find('surface_drinks', ['/pieces/0/soak_ml_m2' => 59.9])?->level);
        self::assertSame(Level::Caution, $this->find('surface_drinks', ['/pieces/0/soak_ml_m2' => 60])?->level);
    }

    /** The moisture that is in the room at the pour stays in it: a warm noon brings none. */
    public function test_no_noon_makes_a_dew_point_that_the_air_at_the_pour_does_not_have(): void
    {
        $room = static fn (float ...$celsius): array => ['/studio/humidity_pct' => 60, '/studio/temperatures' => array_map(static fn (int $at): object => (object) ['at_h' => 6 * $at, 'c' => $celsius[$at]], array_keys($celsius))];
        self::assertNull($this->find('near_dew_point', $room(20, 24, 31)));
        self::assertNull($this->find('near_dew_point', $room(20, 31, 18)));
        self::assertNotNull($this->find('near_dew_point', $room(20, 24, 14.9)), 'the night is near it');
        self::assertNull($this->find('near_dew_point', $room(20, 24, 15.1)));
    }

    #[TestWith([21.0, 60.0, 12.94])]
    #[TestWith([17.0, 82.0, 13.90])]
    public function test_the_check_values_of_the_dew_point(float $celsius, float $humidity, float $dew): void
    {
        self::assertEqualsWithDelta($dew, DewPoint::celsius($celsius, $humidity), 0.005);
    }

    public function test_the_dew_point_is_near_within_three_degrees_and_below(): void
    {
        $dew = 10.186;
        self::assertNull($this->find('near_dew_point', ['/studio/surface_c' => $dew + 3.01]));
        self::assertNotNull($this->find('near_dew_point', ['/studio/surface_c' => $dew + 2.99]));
        self::assertNotNull($this->find('near_dew_point', ['/studio/surface_c' => 2.0]));
    }

    public function test_every_surface_has_its_words_its_soak_and_its_stand_on_flame(): void
    {
        $dry = [Surface::GlazedTile, Surface::Glass, Surface::Painted, Surface::Metal, Surface::Sealed, Surface::OldPaint, Surface::CuredResin];
        foreach (Surface::cases() as $surface) {
            $advice = $this->find('surface_drinks', ['/pieces/0/surface' => $surface->value, '/pieces/0/soak_ml_m2' => new Gone]);
            self::assertSame(in_array($surface, $dry, true), $advice === null, $surface->value);
            if ($advice !== null) {
                self::assertStringContainsString(English::say(Message::named('surfaces', $surface)), English::say($advice->said));
            }
            self::assertSame($surface === Surface::PrintedPlastic, $this->find('no_flame', ['/pieces/0/surface' => $surface->value]) !== null);
        }
    }

    public function test_a_plan_may_say_otherwise_of_a_surface(): void
    {
        self::assertNull($this->find('no_flame', ['/pieces/0/surface' => 'printed_plastic', '/pieces/0/heat_tolerant' => true]));
        self::assertNotNull($this->find('no_flame', ['/pieces/0/surface' => 'metal', '/pieces/0/heat_tolerant' => false]));
    }

    public function test_stops_come_before_cautions_and_these_before_notes(): void
    {
        $levels = array_map(
            static fn (Advice $advice): Level => $advice->level,
            CoatAdvisor::advise(Plans::computed(['/coats/0/size_by/thickness_mm' => 9, '/studio/temperature_c' => 12, '/pieces/0/surface' => 'raw_mdf'])),
        );
        $order = array_map(static fn (Level $level): int => (int) array_search($level, [Level::Stop, Level::Caution, Level::Note], true), $levels);
        $sorted = $order;
        sort($sorted);
        self::assertSame($sorted, $order);
        self::assertContains(Level::Stop, $levels);
        self::assertContains(Level::Note, $levels);
    }

    public function test_a_missing_label_value_is_named_and_nothing_else_is(): void
    {
        $poly = ['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => new Gone, '/resins/0/max_pour_mm' => new Gone];
        $text = English::say($this->find('value_unknown', [...$poly, '/resins/0/handle_h' => new Gone])?->said);
        self::assertStringContainsString('when to handle and how deep a pour may be are not known', (string) $text);
        self::assertStringNotContainsString('recoat', (string) $text);
        self::assertStringContainsString('when to sand: 20', (string) English::say($this->find('typical_times', ['/resins/0/sand_from_h' => new Gone])?->said));
        self::assertStringContainsString('up to 6 mm is typical', (string) English::say($this->find('typical_depth', ['/resins/0/max_pour_mm' => new Gone])?->said));
    }

    public function test_what_was_assumed_is_listed_until_it_is_said(): void
    {
        $all = ['/coats/0/runoff_pct' => new Gone, '/studio/humidity_pct' => new Gone, '/coats/0/residue_ml_per_cup' => new Gone];
        foreach (['run-off', 'humidity', 'what the cups keep'] as $word) {
            self::assertStringContainsString($word, English::say($this->find('assumed_value', $all)?->said));
            self::assertStringNotContainsString($word, English::say($this->find('assumed_value', [])?->said));
        }
    }

    /** @param  array<string, mixed>  $changes */
    private function find(string $code, array $changes): ?Advice
    {
        foreach (CoatAdvisor::advise(Plans::computed($changes)) as $advice) {
            if ($advice->code === $code) {
                return $advice;
            }
        }

        return null;
    }

    public function test_old_paint_is_tested_before_it_is_sanded_and_only_then(): void
    {
        $said = $this->find('old_paint', ['/pieces/0/surface' => 'old_paint']);
        self::assertSame(Level::Caution, $said?->level);
        self::assertStringContainsString('lead', English::say($said->said));
        self::assertNull($this->find('old_paint', ['/pieces/0/surface' => 'sealed']));
        [, $second] = Plans::stack(['/pieces/0/surface' => 'old_paint'], ['kind' => 'seal'], []);
        self::assertNotContains('old_paint', array_map(static fn (Advice $one): string => $one->code, CoatAdvisor::advise($second)), 'it lies under the first coat by then');
    }
}
