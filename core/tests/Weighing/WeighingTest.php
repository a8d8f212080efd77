<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Weighing;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Measuring\RoundedParts;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Weighing\Weighing;
use OpenGlaze\Core\Weighing\WeighingException;
use OpenGlaze\Core\Weighing\WeighStep;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class WeighingTest extends TestCase
{
    public function test_both_parts_to_their_marks_and_it_is_measured(): void
    {
        $batch = self::batch();
        self::assertSame('a', self::weighed($batch, [])->next()?->id);
        self::assertSame('b', self::weighed($batch, ['a' => $batch->mixed->portions->aG])->next()?->id);
        $done = self::weighed($batch, ['a' => $batch->mixed->portions->aG, 'b' => $batch->mixed->portions->bG]);
        self::assertTrue($done->isMeasured());
        self::assertNull($done->next());
        self::assertEqualsWithDelta(0.0, $done->offPct(), 1e-5);
        self::assertEqualsWithDelta(0.0, $done->surplusMl(), 1e-4);
    }

    public function test_the_second_part_follows_what_the_first_really_was(): void
    {
        $batch = self::batch();
        foreach ([0.976, 0.99, 1.03, 1.2] as $share) {
            $weighing = self::weighed($batch, ['a' => $share * $batch->mixed->portions->aG]);
            self::assertEqualsWithDelta($share * (float) $batch->mixed->portions->bG, $weighing->next()?->targetG, 1e-5);
        }
    }

    public function test_what_is_missing_of_the_first_is_asked_for_once_and_the_other_follows_what_there_is(): void
    {
        $batch = self::batch();
        $a = $batch->mixed->portions->aG;
        $next = static fn (array $got): ?WeighStep => Weighing::of($batch, $got)->next();
        self::assertSame(['more_a_0', true], [$next(['a' => 0.9 * $a])?->id, $next(['a' => 0.9 * $a])?->isShort]);
        self::assertEqualsWithDelta(0.1 * $a, $next(['a' => 0.9 * $a])?->targetG, 0.11);
        foreach ([0.1, 0.04, 0.0] as $more) {
            $second = $next(['a' => 0.9 * $a, 'more_a_0' => $more * $a]);
            self::assertSame('b', $second?->id);
            self::assertEqualsWithDelta((0.9 + $more) * (float) $batch->mixed->portions->bG, $second->targetG, 0.06);
        }
    }

    /** What is shown is in whole steps, and a small amount that is off is asked for. */
    public function test_a_few_grams_are_topped_up_and_weighed_in_whole_steps(): void
    {
        $batch = self::batch(['/resins/0/ratio' => (object) ['a' => 100, 'b' => 43, 'by' => 'weight'], '/studio/margin_pct' => 0, '/pieces/0/outline' => (object) ['shape' => 'circle', 'diameter_mm' => 40], '/pieces/0/coated_edges' => 'none', '/pieces/0/surface' => 'metal', '/coats/0/size_by' => (object) ['ml_per_piece' => 5.5], '/coats/0/runoff_pct' => 0]);
        $shown = RoundedParts::of($batch->mixed->portions->aG, (float) $batch->mixed->portions->bG, 0.1);
        self::assertLessThan(7, $shown->total());
        $steps = Weighing::of($batch, [])->steps;
        self::assertEqualsWithDelta([$shown->a, $shown->b], [$steps[0]->targetG, $steps[1]->targetG], 1e-9);
        $short = Weighing::of($batch, ['a' => $shown->a, 'b' => $shown->b - 0.2])->next();
        self::assertSame('more_b_1', $short?->id);
        self::assertEqualsWithDelta(0.2, $short->targetG, 1e-9);
        self::assertNull(Weighing::of($batch, ['a' => $shown->a, 'b' => $shown->b])->next());
    }

    public function test_what_was_short_is_not_said_of_the_other_part(): void
    {
        $batch = self::batch();
        $after = static fn (float $a, float $b): WeighStep => self::weighed($batch, ['a' => $a * $batch->mixed->portions->aG, 'b' => $b * (float) $batch->mixed->portions->bG])->next() ?? self::fail('nothing is missing');
        self::assertSame(['more_b_1', true], [$after(1.0, 0.9)->id, $after(1.0, 0.9)->isShort]);
        self::assertSame(['more_a_1', false], [$after(1.0, 1.1)->id, $after(1.0, 1.1)->isShort]);
        $topped = self::weighed($batch, ['a' => $batch->mixed->portions->aG, 'b' => 0.8 * (float) $batch->mixed->portions->bG, 'more_b_1' => 0.1 * (float) $batch->mixed->portions->bG])->next();
        self::assertSame(['more_b_2', true], [$topped?->id, $topped?->isShort]);
    }

    public function test_whatever_the_hand_does_the_ratio_comes_right_in_the_end(): void
    {
        mt_srand(5);
        $batch = self::batch(['/resins/0/ratio_tolerance_pct' => 5]);
        for ($evening = 0; $evening < 300; $evening++) {
            $got = [];
            for ($pour = 0; $pour < 12; $pour++) {
                $next = self::weighed($batch, $got)->next();
                if ($next === null) {
                    break;
                }
                // a heavy hand: up to a fifth past the mark
                $got[$next->id] = $next->targetG * (1 + mt_rand(-2, 20) / 100);
            }
            $done = self::weighed($batch, $got);
            self::assertTrue($done->isMeasured());
            self::assertLessThan(2.6, abs($done->offPct() ?? INF), json_encode($got) ?: '');
            self::assertGreaterThanOrEqual(0, $done->surplusMl());
        }
    }

    public function test_past_the_mark_of_b_names_how_much_more_of_a(): void
    {
        $batch = self::batch();
        $weighing = self::weighed($batch, ['a' => $batch->mixed->portions->aG, 'b' => 1.1 * (float) $batch->mixed->portions->bG]);
        self::assertFalse($weighing->isMeasured());
        self::assertSame('more_a_1', $weighing->next()?->id);
        self::assertEqualsWithDelta(0.1 * $batch->mixed->portions->aG, $weighing->next()->targetG, 1e-5);
        $mended = self::weighed($batch, ['a' => $batch->mixed->portions->aG, 'b' => 1.1 * (float) $batch->mixed->portions->bG, 'more_a_1' => 0.1 * $batch->mixed->portions->aG]);
        self::assertTrue($mended->isMeasured());
        self::assertEqualsWithDelta(0.1 * $batch->mixed->portions->totalMl(), $mended->surplusMl(), 1e-4);
    }

    public function test_which_part_goes_first_is_its_makers(): void
    {
        $batch = self::batch(['/resins/0/pour_first' => 'b']);
        self::assertSame('b', self::weighed($batch, [])->next()?->id);
        self::assertEqualsWithDelta(1.3 * $batch->mixed->portions->aG, self::weighed($batch, ['b' => 1.3 * (float) $batch->mixed->portions->bG])->next()?->targetG, 1e-5);
    }

    public function test_colours_follow_the_resin_that_there_is(): void
    {
        $batch = self::batch([
            '/colourants' => [(object) ['id' => 'blue', 'density_g_ml' => 1.4], (object) ['id' => 'white']],
            '/batches/0/colours' => [(object) ['name' => 'sky', 'share_pct' => 30, 'per_ml' => 100, 'doses' => [(object) ['colourant' => 'blue', 'ml' => 2], (object) ['colourant' => 'white', 'drops' => 10]]]],
        ]);
        $got = ['a' => 1.1 * $batch->mixed->portions->aG, 'b' => 1.1 * (float) $batch->mixed->portions->bG];
        $weighing = self::weighed($batch, $got);
        self::assertTrue($weighing->isMeasured(), 'it can be stirred, and coloured then');
        $ids = array_map(static fn (WeighStep $step): string => $step->id, $weighing->steps);
        self::assertSame(['a', 'b', 'resin_0', 'dose_0_0', 'dose_0_1'], $ids);
        self::assertEqualsWithDelta(0.3 * 1.1 * (float) $batch->mixed->portions->totalG(), $weighing->next()?->targetG, 1e-4);
        $half = $weighing->next()->targetG / 2;
        $dose = self::weighed($batch, [...$got, 'resin_0' => $half])->next();
        self::assertSame('dose_0_0', $dose?->id);
        self::assertEqualsWithDelta(0.02 * 1.4 * $half / ((float) $batch->mixed->portions->totalG() / $batch->mixed->portions->totalMl()), $dose->targetG, 1e-5);
    }

    /** Whatever was weighed so far, and whatever the ratio: what is asked for next is above nothing, and never takes anything out. */
    #[TestWith([1.0, 1.0])]
    #[TestWith([2.0, 1.0])]
    #[TestWith([3.0, 1.0])]
    #[TestWith([100.0, 45.0])]
    #[TestWith([10.0, 1.0])]
    public function test_what_is_asked_for_next_is_always_something_to_add(float $a, float $b): void
    {
        $random = new Randomizer(new Mt19937((int) (10 * $a)));
        $batch = self::batch([
            '/resins/0/ratio' => (object) ['a' => $a, 'b' => $b, 'by' => 'weight'],
            '/colourants' => [(object) ['id' => 'blue', 'density_g_ml' => 1.4]],
            '/batches/0/colours' => [
                (object) ['name' => 'sky', 'share_pct' => 30, 'per_ml' => 100, 'doses' => [(object) ['colourant' => 'blue', 'ml' => 2]]],
                (object) ['name' => 'night', 'share_pct' => 50, 'per_ml' => 100, 'doses' => [(object) ['colourant' => 'blue', 'ml' => 4]]],
            ],
        ]);
        for ($evening = 0; $evening < 60; $evening++) {
            $got = [];
            $first = [null, PartName::A, PartName::B][$random->getInt(0, 2)];
            $before = [0.0, 0.0];
            while (($next = ($weighing = Weighing::of($batch, $got, 0.1, $first))->next()) !== null) {
                self::assertLessThan(14, count($got), 'it comes to an end');
                self::assertGreaterThan(0.0, $next->targetG);
                self::assertTrue(is_finite($next->targetG) && $next->densityGMl > 0);
                self::assertGreaterThanOrEqual($before[0] - 1e-9, $weighing->gotAG);
                self::assertGreaterThanOrEqual($before[1] - 1e-9, $weighing->gotBG);
                self::assertSame($next->kind->isPart(), ! $weighing->isMeasured(), 'parts first, then colours');
                $before = [$weighing->gotAG, $weighing->gotBG];
                $got[$next->id] = $next->targetG * $random->getInt(70, 140) / 100;
            }
            self::assertEqualsWithDelta(array_sum(array_filter($got, static fn (string $id): bool => $id === 'a' || str_starts_with($id, 'more_a'), ARRAY_FILTER_USE_KEY)), $weighing->gotAG, 1e-9);
            self::assertLessThan(2.6, abs($weighing->offPct() ?? INF), (string) json_encode($got));
        }
    }

    public function test_twice_as_much_of_everything_asks_for_twice_as_much(): void
    {
        $batch = self::batch(['/colourants' => [(object) ['id' => 'blue', 'density_g_ml' => 1.4]], '/batches/0/colours' => [(object) ['name' => 'sky', 'share_pct' => 30, 'per_ml' => 100, 'doses' => [(object) ['colourant' => 'blue', 'ml' => 2]]]]]);
        $once = self::weighed($batch, ['a' => $batch->mixed->portions->aG, 'b' => (float) $batch->mixed->portions->bG]);
        $twice = self::weighed($batch, ['a' => 2 * $batch->mixed->portions->aG, 'b' => 2 * (float) $batch->mixed->portions->bG]);
        foreach (array_slice($once->steps, 2) as $at => $step) {
            self::assertEqualsWithDelta(2 * $step->targetG, array_slice($twice->steps, 2)[$at]->targetG, 1e-4, $step->id);
        }
        self::assertEqualsWithDelta($batch->mixed->portions->totalMl(), $twice->surplusMl(), 1e-4);
    }

    public function test_a_part_of_unknown_weight_is_not_weighed(): void
    {
        $plan = Plans::full();
        $plan->batches = [(object) ['id' => 'p', 'coats' => ['c4']]];
        $read = (new PlanReader)->read($plan);
        $this->expectException(WeighingException::class);
        Weighing::of((new BatchPlanner)->plan($read, (new Planner)->plan($read))[0], []);
    }

    /**
     * On a scale so fine that nothing is rounded.
     *
     * @param  array<string, float|null>  $got
     */
    private static function weighed(BatchResult $batch, array $got): Weighing
    {
        return Weighing::of($batch, array_map(floatval(...), $got), 1e-7);
    }

    /** @param  array<string, mixed>  $changes */
    private static function batch(array $changes = []): BatchResult
    {
        $colours = $changes['/batches/0/colours'] ?? [];
        unset($changes['/batches/0/colours']);
        $plan = (new PlanReader)->read(Plans::with([...$changes, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood'], 'colours' => $colours]]]));

        return (new BatchPlanner)->plan($plan, (new Planner)->plan($plan))[0];
    }
}
