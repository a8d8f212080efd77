<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Batch;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\PlanReader;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;
use stdClass;

final class BatchTest extends TestCase
{
    use ChecksValues;

    public function test_a_batch_of_one_coat_is_that_coat_with_the_batchs_own_cup(): void
    {
        $coat = Plans::computed();
        $same = self::batch(['residue_ml_per_cup' => 3]);
        self::assertClosed(500.998, $same->mix->totalMl());
        self::assertEqualsWithDelta($coat->mix->aG, $same->mix->aG, 1e-9);
        self::assertClosed(4.0229, self::batch(['cup_diameter_mm' => 100])->residueMl);
        self::assertClosed(4.2076, self::batch([])->residueMl);
    }

    public function test_coats_that_share_a_cup_keep_their_parts_and_lose_only_their_cups(): void
    {
        $plan = self::evening(['size_by' => (object) ['thickness_mm' => 1.6]], ['size_by' => (object) ['thickness_mm' => 0.9]]);
        $plan->batches = [
            (object) ['id' => 'both', 'coats' => ['coat-1', 'coat-2'], 'cups' => 3, 'residue_ml_per_cup' => 2],
            (object) ['id' => 'turned', 'coats' => ['coat-2', 'coat-1'], 'cups' => 3, 'residue_ml_per_cup' => 2],
        ];
        [$both, $turned] = self::computed($plan);
        $poured = array_sum(array_map(static fn ($turn): float => $turn->coat->volume->poured(), $both->turns));
        self::assertEqualsWithDelta(($poured + 6) * 1.05, $both->mix->totalMl(), 1e-9);
        self::assertSame($both->mix->totalMl(), $turned->mix->totalMl());
        self::assertSame(['coat-2', 'coat-1'], array_map(static fn ($turn): string => $turn->coat->case->coat->id, $turned->turns));
        self::assertEqualsWithDelta($both->turns[1]->toMin, $turned->turns[1]->toMin, 1e-9);
        self::assertGreaterThan($both->turns[0]->ageMin, $both->turns[1]->ageMin, 'what waits longer is older');
    }

    public function test_half_of_the_pieces_take_half_of_the_resin(): void
    {
        $plan = Plans::with(['/pieces/0/quantity' => 4, '/batches' => [
            (object) ['id' => 'all', 'coats' => ['flood'], 'residue_ml_per_cup' => 0],
            (object) ['id' => 'half', 'coats' => ['flood'], 'counts' => (object) ['flood' => 2], 'residue_ml_per_cup' => 0],
        ]]);
        [$all, $half] = self::computed($plan);
        self::assertEqualsWithDelta($all->mix->totalMl() / 2, $half->mix->totalMl(), 1e-9);
        self::assertEqualsWithDelta($all->emptiedMin / 2, $half->emptiedMin, 1e-9);
    }

    public function test_the_heat_of_the_label_and_how_it_is_when_emptied(): void
    {
        $batch = self::batch(['cup_diameter_mm' => 100, 'mixed_at_c' => 21, 'emptied_min' => 15]);
        self::assertWithin(0.5, 333.3, $batch->heatKjKg);
        self::assertGreaterThan(21, $batch->emptiedC());
        self::assertGreaterThan(15 * Plans::computed()->film->rate, $batch->emptiedAgeMin(), 'it ages faster than the room would have it');
        self::assertSame(['never_leave_in_cup' => 'note'], self::codes($batch));
        self::assertArrayNotHasKey('never_leave_in_cup', self::codes(self::batch(['cup_diameter_mm' => 400])));
    }

    public function test_a_dish_a_smaller_batch_and_a_cooler_mix_last_longer(): void
    {
        $cup = self::batch(['cup_diameter_mm' => 100]);
        self::assertGreaterThan($cup->potLifeMin, self::batch(['cup_diameter_mm' => 300])->potLifeMin);
        self::assertGreaterThan($cup->potLifeMin, self::batch(['cup_diameter_mm' => 100, 'mixed_at_c' => 16])->potLifeMin);
        self::assertGreaterThan($cup->potLifeMin, self::batch(['cup_diameter_mm' => 100], ['/pieces/0/quantity' => 1, '/coats/0/size_by' => (object) ['thickness_mm' => 0.4]])->potLifeMin);
    }

    public function test_a_vessel_without_taper_is_a_cup_of_its_diameter(): void
    {
        $vessel = (object) ['id' => 'straight', 'bottom_mm' => 100, 'top_mm' => 100, 'height_mm' => 120];
        $known = self::batch(['vessel' => 'straight'], ['/vessels' => [$vessel]]);
        $cup = self::batch(['cup_diameter_mm' => 100]);
        self::assertEqualsWithDelta($cup->residueMl, $known->residueMl, 1e-9);
        self::assertEqualsWithDelta((float) $cup->potLifeMin, (float) $known->potLifeMin, 1e-6);
    }

    public function test_a_batch_hot_before_it_is_empty_is_stopped_and_one_hardly_in_time_cautioned(): void
    {
        $potLife = (float) self::batch(['cup_diameter_mm' => 100])->potLifeMin;
        foreach ([['stop', 1.0], ['caution', -1.0], ['caution', -9.5], [null, -10.5]] as [$level, $after]) {
            self::assertSame($level, self::codes(self::batch(['cup_diameter_mm' => 100, 'emptied_min' => $potLife + $after]))['hot_batch'] ?? null, "$after min");
        }
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
        self::assertLessThan($coarse->ratioError?->likelyPct, $fine->ratioError?->likelyPct);
        self::assertNull(self::batch([])->ratioError);
    }

    public function test_a_batch_below_the_makers_smallest_asks_for_spares(): void
    {
        $advice = self::batch([], ['/resins/0/min_batch_ml' => 800])->advice;
        self::assertContains('under_min_batch', array_map(static fn (Advice $one): string => $one->code, $advice));
        self::assertArrayNotHasKey('under_min_batch', self::codes(self::batch([], ['/resins/0/min_batch_ml' => 400])));
    }

    public function test_heat_that_no_label_tells_is_unknown_not_nothing(): void
    {
        $batch = self::batch(['emptied_min' => 10], ['/resins/0/recoat_from_h' => new Gone]);
        self::assertSame([null, null, null, null], [$batch->run, $batch->potLifeMin, $batch->emptiedC(), $batch->heatKjKg]);
        self::assertSame('note', self::codes($batch)['value_unknown'] ?? null);
    }

    public function test_a_vessel_too_small_is_refused_at_its_pointer(): void
    {
        try {
            self::batch(['vessel' => 'thimble'], ['/vessels' => [(object) ['id' => 'thimble', 'bottom_mm' => 20, 'top_mm' => 20, 'height_mm' => 20]]]);
            self::fail('It was taken.');
        } catch (PlanException $exception) {
            self::assertSame('/batches/0/vessel', $exception->faults[0]->pointer);
            self::assertStringContainsString('do not go into a vessel of 6.3 ml', $exception->faults[0]->sentence);
        }
    }

    /**
     * @param  array<string, mixed>  $fields  of the batch
     * @param  array<string, mixed>  $changes  to the plan
     */
    private static function batch(array $fields, array $changes = []): BatchResult
    {
        return self::computed(Plans::with([...$changes, '/batches' => [(object) ['id' => 'b1', 'coats' => ['flood'], ...$fields]]]))[0];
    }

    /**
     * Two canvases with a coat each.
     *
     * @param  array<string, mixed>  ...$coats
     */
    private static function evening(array ...$coats): stdClass
    {
        $plan = Plans::with([]);
        $like = (array) $plan->coats[0];
        foreach (array_values($coats) as $at => $coat) {
            $plan->pieces[$at] = (object) [...(array) $plan->pieces[0], 'id' => 'piece-'.$at];
            $plan->coats[$at] = (object) [...$like, 'id' => 'coat-'.($at + 1), 'piece' => 'piece-'.$at, ...$coat];
        }

        return $plan;
    }

    /** @return list<BatchResult> */
    private static function computed(stdClass $document): array
    {
        $plan = (new PlanReader)->read($document);

        return (new BatchPlanner)->plan($plan, (new Planner)->plan($plan));
    }

    /** @return array<string, string> level by code */
    private static function codes(BatchResult $batch): array
    {
        return array_combine(
            array_map(static fn (Advice $one): string => $one->code, $batch->advice),
            array_map(static fn (Advice $one): string => $one->level->value, $batch->advice),
        );
    }
}
