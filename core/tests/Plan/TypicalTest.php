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
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
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

    /**
     * @param  array<string, float>  $label
     * @param  list<float>  $hours  recoat from, to, sand, handle, cure
     */
    #[TestWith([['open_min' => 45], [4.125, 12.0, 20.25, 24.0, 72.0]])]
    #[TestWith([['open_min' => 45, 'full_cure_h' => 36], [2.917, 8.485, 14.32, 16.97, 36.0]])]
    public function test_times_that_the_label_does_not_say_are_typical(array $label, array $hours): void
    {
        $stages = self::sheet([...self::timeless(), ...$label])->stages;
        foreach ([$stages->recoatFromH, $stages->recoatToH, $stages->sandFromH, $stages->handleH, $stages->fullCureH] as $at => $stage) {
            self::assertEqualsWithDelta($hours[$at], $stage?->value, 1e-3 * $hours[$at]);
        }
    }

    public function test_typical_times_come_in_their_order_between_those_that_are_known_and_are_marked(): void
    {
        mt_srand(213);
        $fields = ['recoat_from_h', 'sand_from_h', 'handle_h', 'full_cure_h'];
        for ($draw = 0; $draw < Draws::of(60); $draw++) {
            $known = [];
            $hours = $open = mt_rand(5, 120) / 60;
            foreach ($fields as $field) {
                $hours *= mt_rand(100, 500) / 100;
                if (mt_rand(0, 1) === 1) {
                    $known[$field] = $hours;
                }
            }
            $stages = self::sheet([...self::timeless(), 'open_min' => 60 * $open, ...$known])->stages;
            $all = [$open, $stages->recoatFromH->value ?? NAN, $stages->sandFromH->value ?? NAN, $stages->handleH->value ?? NAN, $stages->fullCureH->value ?? NAN];
            for ($at = 1; $at < 5; $at++) {
                self::assertGreaterThanOrEqual($all[$at - 1] * (1 - 1e-9), $all[$at]);
            }
            self::assertTrue($stages->recoatToH === null || $stages->recoatToH->value > $all[1]);
            self::assertEqualsCanonicalizing(array_diff([...$fields, ...$stages->recoatToH === null ? [] : ['recoat_to_h']], array_keys($known)), array_keys($stages->typical()));
        }
        $polyester = self::sheet([...self::timeless(), 'family' => 'polyester', 'ratio' => new Gone, 'catalyst' => [(object) ['depth_mm' => 5, 'pct' => 2]]], false);
        self::assertSame([], $polyester->stages->typical());
        self::assertNull($polyester->stages->recoatFromH);
    }

    public function test_a_bottle_alone_speaks_of_deep_pours_and_large_cups(): void
    {
        $bottle = ['pot_life_min' => new Gone, 'pot_life_mass_g' => new Gone, 'max_pour_mm' => new Gone, ...self::timeless()];
        $changes = array_combine(array_map(static fn (string $field): string => "/resins/0/$field", array_keys($bottle)), $bottle);
        $codes = static fn (array $more): array => array_column(array_map(static fn (Advice $one): array => [$one->code, $one->level->value], CoatAdvisor::advise(Plans::computed([...$changes, ...$more]))), 1, 0);
        self::assertSame(['note', 'note'], [$codes([])['typical_times'], $codes([])['typical_depth']]);
        $deep = ['/pieces/0/kind' => 'tabletop', '/pieces/0/surface' => 'sealed', '/pieces/0/coated_edges' => 'none', '/coats/0/containment' => 'dammed'];
        self::assertSame(['stop', 'caution'], [$codes([...$deep, '/coats/0/size_by' => (object) ['thickness_mm' => 30]])['hot_lift'], $codes([...$deep, '/coats/0/size_by' => (object) ['thickness_mm' => 30]])['typical_depth']]);
        $lifts = Plans::computed([...$changes, ...$deep, '/coats/0/size_by' => (object) ['total_depth_mm' => 30]]);
        self::assertGreaterThan(3, count($lifts->lifts), 'it was planned as one lift');
        self::assertContains('value_unknown', array_column(CoatAdvisor::advise($lifts), 'code'));
        $plan = (new PlanReader)->read(Plans::with([...$changes, '/pieces/0/quantity' => 20, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood']]]]));
        $batch = (new BatchPlanner)->plan($plan, (new Planner)->plan($plan))[0];
        self::assertGreaterThan(9000, $batch->mixed->portions->totalMl());
        self::assertNotNull($batch->standing->potLifeMin);
        self::assertEqualsCanonicalizing(['spread_longer_than_open_time', 'never_leave_in_cup'], array_column(BatchAdvisor::advise($batch), 'code'));
    }

    public function test_a_sheet_that_contradicts_itself_says_so_in_the_plan(): void
    {
        $doubts = static fn (array $changes): array => array_values(array_filter(CoatAdvisor::advise(Plans::computed($changes)), static fn (Advice $one): bool => $one->code === 'sheet_doubt'));
        self::assertSame([], $doubts([]));
        foreach ([['/resins/0/pot_life_min' => 60], ['/resins/0/handle_h' => 2], ['/resins/0/ratio' => (object) ['a' => 1, 'b' => 3, 'by' => 'volume']], ['/resins/0/ratio' => (object) ['a' => 11, 'b' => 1, 'by' => 'volume']]] as $changes) {
            self::assertSame(['caution'], array_map(static fn (Advice $one): string => $one->level->value, $doubts($changes)));
            self::assertStringStartsWith('On the sheet of Bench Coat: ', English::say($doubts($changes)[0]->said));
        }
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

    /** @return array<string, Gone> */
    private static function timeless(): array
    {
        return array_fill_keys(['recoat_from_h', 'recoat_to_h', 'sand_from_h', 'handle_h', 'full_cure_h'], new Gone);
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
