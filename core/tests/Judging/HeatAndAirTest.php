<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Judging;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Run\Acts;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What takes the flame away, and what asks for more looks. */
final class HeatAndAirTest extends TestCase
{
    public function test_polyester_never_gets_a_flame(): void
    {
        $result = Plans::computed(['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 6, 'pct' => 1]], '/resins/0/density_b_g_ml' => new Gone]);
        self::assertSame(HeatTool::Breath, $result->film->torch->tool);
        self::assertStringContainsString('vapour of polyester burns', self::text($result, 'no_flame'));
        self::assertSame(HeatTool::Flame, Plans::computed()->film->torch->tool);
    }

    #[TestWith(['none', false])]
    #[TestWith(['alcohol', true])]
    #[TestWith(['solvent', true])]
    #[TestWith(['unknown', true])]
    public function test_what_thins_a_mix_takes_the_flame_from_every_coat_that_is_poured_from_it(string $with, bool $takes): void
    {
        $result = Plans::computed(['/batches' => [(object) ['id' => 'b', 'coats' => ['flood'], 'thinned_with' => $with]]]);
        self::assertSame($takes ? HeatTool::Breath : HeatTool::Flame, $result->film->torch->tool);
        self::assertSame($takes, str_contains(self::text($result, 'no_flame'), 'thinned with'));
    }

    public function test_what_is_laid_on_after_the_last_heat_does_not_take_the_heat_before_it_away(): void
    {
        $leaf = static fn (array $more): array => ['/coats/0/inclusions' => [(object) ['name' => 'leaf', 'volume_ml' => 0.1, 'heat_tolerant' => false, ...$more]]];
        self::assertSame(HeatTool::HeatGun, Plans::computed($leaf([]))->film->torch->tool);
        $later = Plans::computed($leaf(['after_heat' => true]));
        self::assertSame(HeatTool::Flame, $later->film->torch->tool);
        self::assertNotContains('no_flame', array_column(CoatAdvisor::advise($later), 'code'));
    }

    public function test_no_heat_gun_near_loose_dust(): void
    {
        $plastic = ['/pieces/0/surface' => 'printed_plastic'];
        self::assertSame(HeatTool::HeatGun, Plans::computed($plastic)->film->torch->tool);
        self::assertSame(HeatTool::Breath, Plans::computed([...$plastic, '/coats/0/dry_media' => 'brass mica'])->film->torch->tool);
        self::assertSame(HeatTool::Flame, Plans::computed(['/coats/0/dry_media' => 'brass mica'])->film->torch->tool, 'a flame blows nothing about');
    }

    public function test_a_raw_base_that_drinks_and_things_that_hold_air_ask_for_more_looks(): void
    {
        self::assertSame(['look'], self::looks(Plans::computed()));
        foreach ([
            ['/pieces/0/surface' => 'raw_ply'],
            ['/pieces/0/surface' => 'fabric'],
            ['/pieces/0/soak_ml_m2' => 60],
            ['/coats/0/inclusions' => [(object) ['name' => 'flower', 'volume_ml' => 0.1, 'drinks' => true]]],
            ['/coats/0/inclusions' => [(object) ['name' => 'glitter', 'volume_ml' => 0.1, 'traps_air' => true]]],
        ] as $changes) {
            $looks = self::looks(Plans::computed($changes));
            self::assertGreaterThan(1, count($looks), (string) json_encode($changes));
            self::assertSame('look', end($looks));
        }
        self::assertSame(['look'], self::looks(Plans::computed(['/pieces/0/soak_ml_m2' => 59])));
        self::assertSame(['look'], self::looks(Plans::computed(['/pieces/0/surface' => 'raw_ply', '/coats/0/kind' => 'seal', '/coats/0/size_by' => (object) ['thickness_mm' => 0.1]])));
    }

    public function test_once_it_is_sealed_one_look_is_enough(): void
    {
        [$first, $second] = Plans::stack(['/pieces/0/surface' => 'raw_mdf'], ['kind' => 'seal', 'size_by' => (object) ['thickness_mm' => 0.1]], []);
        self::assertSame(['look'], self::looks($first));
        self::assertSame(['look'], self::looks($second));
        [, $half] = Plans::stack(['/pieces/0/surface' => 'raw_mdf'], ['kind' => 'seal', 'size_by' => (object) ['thickness_mm' => 0.1], 'coverage_pct' => 50], []);
        self::assertGreaterThan(1, count(self::looks($half)), 'half of it is raw');
    }

    /** @return list<string> */
    private static function looks(CoatResult $result): array
    {
        return array_values(array_filter(array_map(static fn ($act): string => $act->id, Acts::of($result)), static fn (string $id): bool => str_starts_with($id, 'look')));
    }

    private static function text(CoatResult $result, string $code): string
    {
        return implode(' ', array_map(static fn ($one): string => $one->code === $code ? English::say($one->said) : '', CoatAdvisor::advise($result)));
    }
}
