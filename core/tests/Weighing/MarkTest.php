<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Weighing;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Plans;
use OpenGlaze\Core\Weighing\Mark;
use OpenGlaze\Core\Weighing\Weighing;
use PHPUnit\Framework\TestCase;

final class MarkTest extends TestCase
{
    public function test_in_one_cup_both_parts_come_up_to_the_mark_of_all_that_is_in_it(): void
    {
        $batch = self::batch(['by' => 'one_cup', 'graduation_ml' => 5]);
        $mix = $batch->mixed->portions;
        // 334.84 and 167.42 ml: shown and met in whole ml, in the ratio
        self::assertEqualsWithDelta(335.0, self::mark($batch, [])?->upToMl, 1e-9);
        $second = self::mark($batch, ['a' => 335 / $mix->aMl * $mix->aG]);
        self::assertEqualsWithDelta([335.0, 503.0], [$second?->beforeMl, $second?->upToMl], 1e-6);
        $more = self::mark($batch, ['a' => 1.1 * $mix->aG]);
        self::assertEqualsWithDelta(1.1 * $mix->totalMl(), $more?->upToMl, 0.5, 'what the first really was stands in it');
        self::assertEqualsWithDelta(1.1 * $mix->aMl, $more?->beforeMl, 1e-6);
        self::assertNull($more->upToMm);
        $topUp = self::mark($batch, ['a' => $mix->aG, 'b' => 0.8 * (float) $mix->bG]);
        self::assertEqualsWithDelta($mix->totalMl(), $topUp?->upToMl, 0.5);
    }

    public function test_pen_lines_are_met_at_their_heights(): void
    {
        $batch = self::batch(['by' => 'pen_lines'], ['cup_diameter_mm' => 80]);
        $section = M_PI * 40 ** 2;
        self::assertEqualsWithDelta(1000 * $batch->mixed->portions->aMl / $section, self::mark($batch, [])?->upToMm, 1e-6);
        self::assertEqualsWithDelta(1000 * $batch->mixed->portions->totalMl() / $section, self::mark($batch, ['a' => $batch->mixed->portions->aG])?->upToMm, 1e-6);
        $two = self::batch(['by' => 'pen_lines'], ['cup_diameter_mm' => 80, 'cups' => 2]);
        self::assertEqualsWithDelta(500 * $two->mixed->portions->aMl / $section, self::mark($two, [])?->upToMm, 1e-6, 'of one of two cups');
    }

    public function test_fills_are_told_while_they_are_whole(): void
    {
        $batch = self::batch(['by' => 'fills', 'fill_ml' => 60, 'graduation_ml' => 2]);
        $first = self::mark($batch, []);
        self::assertEqualsWithDelta($batch->mixed->portions->aMl, (int) $first?->fills * (float) $first?->fillMl, 1e-6);
        self::assertLessThanOrEqual(60.0, $first?->fillMl);
        self::assertNull(self::mark($batch, ['a' => 1.3 * $batch->mixed->portions->aG]), 'what follows too much is no whole number of fills');
        self::assertSame($first->fills / 2, self::mark($batch, ['a' => $batch->mixed->portions->aG])?->fills, 'this resin is mixed 2 : 1');
    }

    public function test_what_is_weighed_or_measured_in_cups_of_its_own_has_none(): void
    {
        self::assertNull(self::mark(self::batch(['by' => 'scale', 'resolution_g' => 0.1]), []));
        self::assertNull(self::mark(self::batch(['by' => 'cups', 'graduation_ml' => 5]), []));
    }

    public function test_fills_of_a_ratio_that_is_none_of_whole_numbers_are_refused_where_they_are_asked_for(): void
    {
        try {
            self::batch(['by' => 'fills', 'fill_ml' => 60, 'graduation_ml' => 2], [], ['/resins/0/ratio' => (object) ['by' => 'volume', 'a' => 1.83, 'b' => 1]]);
            self::fail('accepted');
        } catch (PlanException $exception) {
            self::assertSame('/batches/0/measure/by', $exception->faults[0]->pointer);
        }
    }

    /** @param  array<string, float>  $got */
    private static function mark(BatchResult $batch, array $got): ?Mark
    {
        $weighing = Weighing::of($batch, $got, 1e-7);

        return Mark::of($batch, $weighing->steps, $weighing->next() ?? self::fail('nothing is missing'));
    }

    /**
     * @param  array<string, mixed>  $measure
     * @param  array<string, mixed>  $fields
     * @param  array<string, mixed>  $changes
     */
    private static function batch(array $measure, array $fields = [], array $changes = []): BatchResult
    {
        $plan = (new PlanReader)->read(Plans::with([...$changes, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood'], 'measure' => (object) $measure, ...$fields]]]));

        return (new BatchPlanner)->plan($plan, (new Planner)->plan($plan))[0];
    }
}
