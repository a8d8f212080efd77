<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Plan;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\SheetCheck;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A sheet from a bottle: name, ratio and working time are enough. */
final class TypicalTest extends TestCase
{
    private const SILENT = ['density_a_g_ml', 'density_b_g_ml', 'viscosity_pa_s', 'viscosity_at_c', 'reference_c'];

    /** @return iterable<string, array{string, list<float>}> */
    public static function families(): iterable
    {
        yield 'coating' => ['coating', [1.13, 1.00, 1.0, 25, 23]];
        yield 'casting' => ['casting', [1.10, 0.97, 0.35, 25, 23]];
        yield 'fast' => ['fast', [1.13, 1.00, 0.9, 25, 23]];
        yield 'dome' => ['dome', [1.12, 1.02, 1.5, 25, 23]];
    }

    /** @param  list<float>  $values */
    #[DataProvider('families')]
    public function test_what_a_label_does_not_say_is_what_its_kind_usually_is(string $family, array $values): void
    {
        self::assertEqualsWithDelta(array_combine(self::SILENT, $values), self::sheet(['family' => $family])->typical(), 1e-12);
        self::assertSame([], self::sheet([], false)->typical());
    }

    public function test_no_times_and_no_depth_are_guessed(): void
    {
        $sheet = self::sheet(['recoat_from_h' => new Gone, 'recoat_to_h' => new Gone, 'handle_h' => new Gone, 'sand_from_h' => new Gone, 'full_cure_h' => new Gone, 'max_pour_mm' => new Gone]);
        self::assertSame([null, null, null, null, null, null], [$sheet->stages->recoatFromH, $sheet->stages->recoatToH, $sheet->stages->handleH, $sheet->stages->sandFromH, $sheet->stages->fullCureH, $sheet->limits->maxPourMm]);
    }

    public function test_ratio_and_open_time_stay_required_and_polyester_has_to_say_it_all(): void
    {
        foreach ([['open_min'], ['ratio']] as [$field]) {
            self::assertRefusedAt(["/resins/0/$field" => new Gone], "/resins/0/$field");
        }
        $polyester = ['/resins/0/family' => 'polyester', '/resins/0/ratio' => new Gone, '/resins/0/catalyst' => [(object) ['depth_mm' => 5, 'pct' => 2]]];
        foreach (['density_a_g_ml', 'viscosity_pa_s', 'viscosity_at_c', 'reference_c'] as $field) {
            self::assertRefusedAt([...$polyester, "/resins/0/$field" => new Gone], "/resins/0/$field");
        }
    }

    public function test_weighed_by_typical_densities_the_ratio_may_be_off_by_both_ends_of_their_spread(): void
    {
        self::assertEqualsWithDelta(100 * (1.03 / 0.97 - 1), self::sheet([])->weighedOffPct(), 1e-9);
        self::assertEqualsWithDelta(3.0, self::sheet(['density_b_g_ml' => 1.02])->weighedOffPct(), 1e-9);
        self::assertSame(0.0, self::sheet(['ratio' => (object) ['a' => 100, 'b' => 44, 'by' => 'weight']])->weighedOffPct());
        self::assertSame(0.0, self::sheet([], false)->weighedOffPct());
    }

    public function test_what_is_assumed_is_said_of_the_coat_and_in_its_traces(): void
    {
        $result = Plans::computed(self::gone());
        $assumed = English::say(array_values(array_filter(CoatAdvisor::advise($result), static fn (Advice $one): bool => $one->code === 'assumed_value'))[0]->said);
        foreach (['density of part A', 'density of part B', 'thickness of the mixed resin', 'temperature its times are for'] as $words) {
            self::assertStringContainsString($words, $assumed);
        }
        $known = English::say(array_values(array_filter(CoatAdvisor::advise(Plans::computed()), static fn (Advice $one): bool => $one->code === 'assumed_value'))[0]->said);
        self::assertStringNotContainsString('density', $known);
        self::assertStringNotContainsString('working time', $known);
        self::assertStringNotContainsString('heat of reaction', $known, 'it is fitted to the pot life');
        $cold = CoatAdvisor::advise(Plans::computed(['/resins/0/pot_life_min' => new Gone]));
        self::assertStringContainsString('heat of reaction', implode(' ', array_map(static fn (Advice $one): string => English::say($one->said), $cold)));
    }

    public function test_a_working_time_known_of_the_cup_alone_is_marked_where_it_is_taken_for_the_film(): void
    {
        self::assertTrue(self::sheet(['open_min' => 30, 'pot_life_min' => 30])->openTimeIsTheCups());
        self::assertFalse(self::sheet(['open_min' => 45, 'pot_life_min' => 30])->openTimeIsTheCups());
        self::assertSame([], SheetCheck::doubts(self::sheet(['open_min' => 30, 'pot_life_min' => 30, 'mix_min' => 4])));
    }

    public function test_a_steep_or_turned_ratio_is_asked_about(): void
    {
        $doubts = static fn (float $a, float $b): string => implode(' ', array_map(English::say(...), SheetCheck::doubts(self::sheet(['ratio' => (object) ['a' => $a, 'b' => $b, 'by' => 'volume']]))));
        self::assertStringContainsString('right way round', $doubts(1, 3));
        self::assertStringContainsString('11 of A to 1 of B', $doubts(11, 1));
        self::assertSame('', $doubts(10, 1).$doubts(1, 1).$doubts(100, 44));
    }

    public function test_its_silences_name_what_is_taken_and_how_far_weighing_may_be_off(): void
    {
        $silences = implode(' ', array_map(English::say(...), SheetCheck::silences(self::sheet([]))));
        self::assertStringContainsString('1 Pa·s, typical', $silences);
        self::assertStringContainsString('23 °C is taken', $silences);
        self::assertStringContainsString('up to 6.2 %', $silences);
    }

    public function test_who_weighs_by_typical_densities_is_told_to_measure_by_volume_and_who_does_is_not(): void
    {
        foreach (['scale' => true, 'scale_untared' => true, 'cups' => false] as $by => $told) {
            $measure = (object) ['by' => $by, ...($by === 'cups' ? ['graduation_ml' => 5] : ['resolution_g' => 0.1])];
            $codes = self::batchCodes([...self::gone(), '/batches/0/measure' => $measure]);
            self::assertSame($told, in_array('weigh_needs_density', $codes, true), $by);
            self::assertNotContains('weigh_needs_density', self::batchCodes(['/batches/0/measure' => $measure]), $by);
        }
    }

    public function test_a_scale_that_is_too_coarse_is_said_beside_the_densities_it_weighs_by(): void
    {
        $coarse = (object) ['by' => 'scale', 'resolution_g' => 20];
        self::assertSame(['weigh_needs_density', 'measuring_too_coarse'], array_values(array_intersect(self::batchCodes([...self::gone(), '/batches/0/measure' => $coarse]), ['weigh_needs_density', 'measuring_too_coarse'])));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return list<string>
     */
    private static function batchCodes(array $changes): array
    {
        $measure = $changes['/batches/0/measure'];
        unset($changes['/batches/0/measure']);
        $plan = (new PlanReader)->read(Plans::with([...$changes, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood'], 'measure' => $measure]]]));

        return array_map(static fn (Advice $one): string => $one->code, BatchAdvisor::advise((new BatchPlanner)->plan($plan, (new Planner)->plan($plan))[0]));
    }

    /** @return array<string, mixed> */
    private static function gone(): array
    {
        return array_combine(array_map(static fn (string $field): string => "/resins/0/$field", self::SILENT), array_fill(0, count(self::SILENT), new Gone));
    }

    /** @param  array<string, mixed>  $changes */
    private static function sheet(array $changes, bool $silent = true): ResinSheet
    {
        $pointers = $silent ? self::gone() : [];
        foreach ($changes as $field => $value) {
            $pointers["/resins/0/$field"] = $value;
        }

        return (new PlanReader)->read(Plans::with($pointers))->resins['bench'];
    }

    /** @param  array<string, mixed>  $changes */
    private static function assertRefusedAt(array $changes, string $pointer): void
    {
        self::assertArrayHasKey($pointer, Plans::faults($changes));
    }
}
