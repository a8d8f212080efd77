<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\RemedyKind;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\CupClock;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\ComputesBatches;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

final class BatchTest extends TestCase
{
    use ChecksValues;
    use ComputesBatches;

    public function test_a_batch_of_one_coat_is_that_coat_with_the_batchs_own_cup(): void
    {
        $coat = Plans::computed();
        $same = self::batch(['residue_ml_per_cup' => 3]);
        self::assertClosed(500.998, $same->mixed->portions->totalMl());
        self::assertEqualsWithDelta($coat->mix->aG, $same->mixed->portions->aG, 1e-9);
        self::assertClosed(4.0229, self::batch(['cup_diameter_mm' => 100])->mixed->residueMl);
        self::assertClosed(4.2076, self::batch([])->mixed->residueMl);
    }

    public function test_coats_that_share_a_cup_keep_their_parts_and_lose_only_their_cups(): void
    {
        $plan = self::evening(['size_by' => (object) ['thickness_mm' => 1.6]], ['size_by' => (object) ['thickness_mm' => 0.9]]);
        $of = static function (string ...$coats) use ($plan): BatchResult {
            $plan->batches = [(object) ['id' => 'both', 'coats' => $coats, 'cups' => 3, 'residue_ml_per_cup' => 2]];

            return self::computed($plan)[0];
        };
        [$both, $turned] = [$of('coat-1', 'coat-2'), $of('coat-2', 'coat-1')];
        $poured = array_sum(array_map(static fn ($turn): float => $turn->coat->volume->poured(), $both->turns));
        self::assertEqualsWithDelta(($poured + 6) * 1.05, $both->mixed->portions->totalMl(), 1e-9);
        self::assertSame($both->mixed->portions->totalMl(), $turned->mixed->portions->totalMl());
        self::assertSame(['coat-2', 'coat-1'], array_map(static fn ($turn): string => $turn->coat->case->coat->id, $turned->turns));
        self::assertEqualsWithDelta($both->turns[1]->times->spreadMin, $turned->turns[1]->times->spreadMin, 1e-9);
        self::assertGreaterThan($both->turns[0]->times->ageMin, $both->turns[1]->times->ageMin, 'what waits longer is older');
    }

    public function test_half_of_the_pieces_take_half_of_the_resin(): void
    {
        $all = self::batch(['residue_ml_per_cup' => 0], ['/pieces/0/quantity' => 4]);
        $half = self::batch(['residue_ml_per_cup' => 0, 'counts' => (object) ['flood' => 2]], ['/pieces/0/quantity' => 4]);
        self::assertEqualsWithDelta($all->mixed->portions->totalMl() / 2, $half->mixed->portions->totalMl(), 1e-9);
        self::assertEqualsWithDelta($all->standing->emptiedMin / 2, $half->standing->emptiedMin, 1e-9);
    }

    public function test_the_heat_of_the_label_and_how_it_is_when_emptied(): void
    {
        $batch = self::batch(['cup_diameter_mm' => 100, 'mixed_at_c' => 21, 'emptied_min' => 15]);
        self::assertWithin(0.5, 333.3, $batch->standing->heatKjKg);
        self::assertGreaterThan(21, $batch->standing->emptiedC());
        self::assertGreaterThan(15 * Plans::computed()->film->flowing->rate, $batch->standing->emptiedAgeMin, 'it ages faster than the room would have it');
        self::assertSame(['never_leave_in_cup' => 'note'], self::codes($batch));
        self::assertArrayNotHasKey('never_leave_in_cup', self::codes(self::batch(['cup_diameter_mm' => 400])));
    }

    public function test_a_dish_a_smaller_batch_and_a_cooler_mix_last_longer(): void
    {
        $cup = self::batch(['cup_diameter_mm' => 100]);
        self::assertGreaterThan($cup->standing->potLifeMin, self::batch(['cup_diameter_mm' => 300])->standing->potLifeMin);
        self::assertGreaterThan($cup->standing->potLifeMin, self::batch(['cup_diameter_mm' => 100, 'mixed_at_c' => 16])->standing->potLifeMin);
        self::assertGreaterThan($cup->standing->potLifeMin, self::batch(['cup_diameter_mm' => 100], ['/pieces/0/quantity' => 1, '/coats/0/size_by' => (object) ['thickness_mm' => 0.4]])->standing->potLifeMin);
    }

    public function test_a_vessel_without_taper_is_a_cup_of_its_diameter(): void
    {
        $vessel = (object) ['id' => 'straight', 'bottom_mm' => 100, 'top_mm' => 100, 'height_mm' => 120];
        $known = self::batch(['vessel' => 'straight'], ['/vessels' => [$vessel]]);
        $cup = self::batch(['cup_diameter_mm' => 100]);
        self::assertEqualsWithDelta($cup->mixed->residueMl, $known->mixed->residueMl, 1e-9);
        self::assertEqualsWithDelta((float) $cup->standing->potLifeMin, (float) $known->standing->potLifeMin, 1e-6);
    }

    public function test_a_batch_hot_before_it_is_empty_is_stopped_and_one_hardly_in_time_cautioned(): void
    {
        $potLife = (float) self::batch(['cup_diameter_mm' => 100])->standing->potLifeMin;
        foreach ([['stop', 1.01], ['caution', 0.99], ['caution', 0.86], [null, 0.84]] as [$level, $share]) {
            self::assertSame($level, self::codes(self::batch(['cup_diameter_mm' => 100, 'emptied_min' => $potLife * $share]))['hot_batch'] ?? null, "at $share of its pot life");
        }
    }

    public function test_the_remedy_that_is_named_gains_most_and_its_minutes_are_what_it_leaves(): void
    {
        $names = ['together' => 'Pour all of it out first', 'halved' => 'Mix half as much at once', 'dish' => 'Pour it into a dish at once', 'cooler' => 'Mix it 5 °C cooler'];
        foreach ([[60, 1.0, 1.6], [100, 0.95, 1.6], [300, 1.0, 0.5], [100, 1.3, 3.0], [400, 0.99, 0.3]] as [$diameter, $share, $mm]) {
            $changes = ['/coats/0/size_by/thickness_mm' => $mm, '/resins/0/max_pour_mm' => 9];
            $potLife = (float) self::batch(['cup_diameter_mm' => $diameter], $changes)->standing->potLifeMin;
            $plan = (new PlanReader)->read(Plans::with([...$changes, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood'], 'cup_diameter_mm' => $diameter, 'emptied_min' => $potLife * $share]]]));
            $batch = (new BatchPlanner)->plan($plan, (new Planner)->plan($plan))[0];
            $text = array_column(array_map(static fn (Advice $one): array => [$one->code, English::say($one->said)], BatchAdvisor::advise($batch)), 1, 0)['hot_batch'];
            $left = [];
            foreach (CupClock::of($batch)?->compared() ?? [] as $way => $standing) {
                $left[$way] = min($standing->potLifeMin ?? INF, $standing->hotMin ?? INF) - $batch->standing->emptiedMin / ($way === 'halved' ? 2 : 1);
            }
            $left['together'] = $left['cup'] + $batch->standing->emptiedMin * (1 - $batch->timing->pourMin / $batch->timing->emptiedMin());
            unset($left['cup']);
            $best = array_search(max($left), $left, true);
            self::assertStringStartsWith($names[$best], $text);
            self::assertMatchesRegularExpression('/then (\d+ min|\d+ h|no minutes|under a minute)/', $text);
        }
    }

    public function test_pouring_all_of_it_first_is_one_press_where_that_gains_most(): void
    {
        $many = ['/pieces/0/quantity' => 8, '/coats/0/size_by/thickness_mm' => 0.5, '/pieces/0/coated_edges' => 'none'];
        $slow = self::batch(['cup_diameter_mm' => 100, 'pouring' => 'one_by_one'], $many);
        self::assertSame('stop', self::codes($slow)['hot_batch']);
        $remedies = array_merge(...array_map(static fn (Advice $one): array => $one->code === 'hot_batch' ? $one->remedies : [], BatchAdvisor::advise($slow)));
        self::assertSame([RemedyKind::Together], array_map(static fn (Remedy $one): RemedyKind => $one->kind, $remedies));
        self::assertNotSame('stop', self::codes(self::batch(['cup_diameter_mm' => 100, 'pouring' => 'together'], $many))['hot_batch'] ?? null);
    }

    public function test_of_several_cups_each_warms_and_is_measured_by_itself(): void
    {
        $fields = ['cup_diameter_mm' => 90, 'residue_ml_per_cup' => 0, 'measure' => (object) ['by' => 'one_cup', 'graduation_ml' => 5]];
        $three = self::batch([...$fields, 'cups' => 3], ['/pieces/0/quantity' => 3]);
        $one = self::batch($fields);
        self::assertEqualsWithDelta(3 * $one->mixed->portions->totalMl(), $three->mixed->portions->totalMl(), 1e-9);
        self::assertEqualsWithDelta($one->standing->run?->peakC, $three->standing->run?->peakC, 1e-9);
        self::assertEqualsWithDelta($one->mixed->ratioError?->worstPct, $three->mixed->ratioError?->worstPct, 1e-9);
        $scale = [...$fields, 'measure' => (object) ['by' => 'scale', 'resolution_g' => 1]];
        $weighed = self::batch([...$scale, 'cups' => 3], ['/pieces/0/quantity' => 3])->mixed->ratioError?->worstPct;
        self::assertGreaterThan(0.0, $weighed);
        self::assertEqualsWithDelta(self::batch($scale)->mixed->ratioError?->worstPct, $weighed, 1e-9);
        $vessel = ['/vessels' => [(object) ['id' => 'mug', 'bottom_mm' => 90, 'top_mm' => 90, 'height_mm' => 120]], '/pieces/0/quantity' => 3];
        self::assertGreaterThan(700, self::batch(['vessel' => 'mug', 'cups' => 3], $vessel)->mixed->portions->totalMl(), 'three mugs hold what one does not');
    }

    public function test_which_part_goes_first_bears_on_what_is_read_as_a_difference(): void
    {
        $by = ['residue_ml_per_cup' => 0, 'measure' => (object) ['by' => 'scale_untared', 'resolution_g' => 1]];
        $small = ['/coats/0/size_by' => (object) ['ml_per_piece' => 20, 'counted' => 'laid'], '/pieces/0/surface' => 'metal', '/pieces/0/coated_edges' => 'none'];
        $a = self::batch($by, $small);
        $b = self::batch($by, [...$small, '/resins/0/pour_first' => 'b']);
        self::assertGreaterThan($b->mixed->ratioError?->likelyPct, $a->mixed->ratioError?->likelyPct, 'the smaller part is better read from zero');
        self::assertSame([$a->mixed->ratioError?->first, $a->mixed->ratioError?->second], [$b->mixed->ratioError?->second, $b->mixed->ratioError?->first]);
    }

    public function test_a_coat_is_poured_once_by_counts_or_by_lifts(): void
    {
        $faults = static function (array $batches, array $changes = []): array {
            try {
                self::computed(Plans::with(['/pieces/0/quantity' => 4, ...$changes, '/batches' => array_map(static fn (array $one, int $at): object => (object) ['id' => "b$at", 'coats' => ['flood'], ...$one], $batches, array_keys($batches))]));
            } catch (PlanException $exception) {
                return array_map(static fn ($fault): string => $fault->pointer, $exception->faults);
            }

            return [];
        };
        $counts = static fn (int $count): array => ['counts' => (object) ['flood' => $count]];
        self::assertSame([], $faults([$counts(1), $counts(3)]));
        self::assertSame(['/batches/1/coats/0'], $faults([$counts(2), $counts(3)]));
        self::assertSame(['/batches/1/coats/0'], $faults([[], []]));
        self::assertSame(['/batches/0/counts/flood'], $faults([$counts(5)]));
        $deep = ['/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['total_depth_mm' => 7], '/resins/0/max_pour_mm' => 4];
        self::assertSame([], $faults([[], ['lift' => 2]], $deep));
        self::assertSame(['/batches/1/coats/0'], $faults([['lift' => 2], ['lift' => 2]], $deep));
        self::assertSame(['/batches/0/lift'], $faults([['lift' => 3]], $deep));
    }

    public function test_each_lift_is_a_batch_of_its_own(): void
    {
        $deep = ['/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['total_depth_mm' => 7], '/resins/0/max_pour_mm' => 4, '/coats/0/inclusions' => [(object) ['name' => 'gear', 'count' => 10, 'volume_ml' => 1, 'height_mm' => 3]]];
        $first = self::batch(['residue_ml_per_cup' => 0], $deep);
        $second = self::batch(['residue_ml_per_cup' => 0, 'lift' => 2], $deep);
        $coat = Plans::computed($deep);
        self::assertEqualsWithDelta($coat->volume->poured(), $first->turns[0]->pouredMl + $second->turns[0]->pouredMl, 1e-6, 'the lifts make the coat');
        self::assertNotEqualsWithDelta($first->turns[0]->pouredMl, $second->turns[0]->pouredMl, 0.5, 'what soaks in, climbs and lies in it is of the first');
    }

    public function test_what_gelled_in_the_cup_is_stopped_there(): void
    {
        self::assertSame('stop', self::codes(self::batch(['cup_diameter_mm' => 100, 'emptied_min' => 200, 'pouring' => 'together']))['gelled'] ?? null);
        self::assertArrayNotHasKey('gelled', self::codes(self::batch(['cup_diameter_mm' => 100, 'emptied_min' => 20])));
    }

    public function test_who_weighs_is_told_of_a_finer_scale_and_not_to_weigh(): void
    {
        $small = ['/coats/0/size_by' => (object) ['ml_per_piece' => 12, 'counted' => 'laid'], '/pieces/0/surface' => 'metal', '/pieces/0/coated_edges' => 'none'];
        $text = static fn (string $by, string $field, float $step): string => implode(' ', array_map(static fn (Advice $one): string => English::say($one->said), BatchAdvisor::advise(self::batch(['residue_ml_per_cup' => 0, 'measure' => (object) ['by' => $by, $field => $step]], $small))));
        self::assertStringContainsString('Take a finer scale: measured so', $text('scale', 'resolution_g', 1));
        self::assertStringNotContainsString('Weigh it', $text('scale', 'resolution_g', 1));
        self::assertStringContainsString('Weigh it: measured so', $text('cups', 'graduation_ml', 5));
    }

    public function test_what_takes_too_long_to_spread_is_cautioned(): void
    {
        self::assertArrayNotHasKey('spread_longer_than_open_time', self::codes(self::batch(['cup_diameter_mm' => 300])));
        self::assertSame('caution', self::codes(self::batch(['cup_diameter_mm' => 300], ['/coats/0/laying' => 'lacing', '/pieces/0/quantity' => 2]))['spread_longer_than_open_time'] ?? null);
    }

    public function test_sixty_pendants_do_not_fit_into_one_batch_but_into_two(): void
    {
        $pendants = ['/studio/temperature_c' => 23, '/pieces/0/kind' => 'pendant', '/pieces/0/quantity' => 60, '/pieces/0/coated_edges' => 'none', '/pieces/0/edge_depth_mm' => 2,
            '/pieces/0/surface' => 'metal', '/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 24], '/coats/0/containment' => 'held'];
        self::assertArrayHasKey('spread_longer_than_open_time', self::codes(self::batch(['cup_diameter_mm' => 90], $pendants)));
        self::assertArrayNotHasKey('spread_longer_than_open_time', self::codes(self::batch(['cup_diameter_mm' => 90, 'counts' => (object) ['flood' => 30]], $pendants)));
    }

    public function test_what_is_measured_too_coarsely_is_said_with_the_batch_that_would_do(): void
    {
        $small = ['/coats/0/size_by' => (object) ['ml_per_piece' => 12, 'counted' => 'laid'], '/pieces/0/surface' => 'metal', '/coats/0/residue_ml_per_cup' => 0];
        $by = static fn (string $by, string $field, float $step): array => ['measure' => (object) ['by' => $by, $field => $step]];
        self::assertSame('stop', self::codes(self::batch($by('one_cup', 'graduation_ml', 20), $small))['cannot_be_measured'] ?? null);
        $coarse = self::batch($by('cups', 'graduation_ml', 5), $small);
        self::assertSame('caution', self::codes($coarse)['measuring_too_coarse'] ?? null);
        $fine = self::batch($by('scale', 'resolution_g', 0.1), $small);
        self::assertArrayNotHasKey('measuring_too_coarse', self::codes($fine));
        self::assertLessThan($coarse->mixed->ratioError?->likelyPct, $fine->mixed->ratioError?->likelyPct);
        self::assertNull(self::batch([])->mixed->ratioError);
    }

    public function test_a_batch_below_the_makers_smallest_asks_for_spares(): void
    {
        $advice = BatchAdvisor::advise(self::batch([], ['/resins/0/min_batch_ml' => 800]));
        self::assertContains('under_min_batch', array_map(static fn (Advice $one): string => $one->code, $advice));
        self::assertArrayNotHasKey('under_min_batch', self::codes(self::batch([], ['/resins/0/min_batch_ml' => 400])));
    }

    public function test_heat_that_no_label_tells_is_unknown_not_nothing(): void
    {
        $batch = self::batch(['emptied_min' => 10], ['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => new Gone]);
        self::assertSame([null, 32.0, null, null], [$batch->standing->run, $batch->standing->potLifeMin, $batch->standing->emptiedC(), $batch->standing->heatKjKg], 'pot life as the label prints it');
        self::assertSame('stop', self::codes(self::batch(['emptied_min' => 33], ['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => new Gone]))['hot_batch'] ?? null);
        self::assertSame('note', self::codes($batch)['value_unknown'] ?? null);
    }

    public function test_a_vessel_too_small_is_refused_at_its_pointer(): void
    {
        try {
            self::batch(['vessel' => 'thimble'], ['/vessels' => [(object) ['id' => 'thimble', 'bottom_mm' => 20, 'top_mm' => 20, 'height_mm' => 20]]]);
            self::fail('It was taken.');
        } catch (PlanException $exception) {
            self::assertSame('/batches/0/vessel', $exception->faults[0]->pointer);
            self::assertStringContainsString('do not go into a vessel of 6.3 ml', English::say($exception->faults[0]->said));
        }
    }
}
