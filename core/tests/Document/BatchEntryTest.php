<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Document;

use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Batches of a file: which coats they hold, and what they name. */
final class BatchEntryTest extends TestCase
{
    public function test_pieces_that_are_moved_about_are_neither_lost_nor_made(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $all = ['tiles' => 12, 'tray' => 1, '7' => 30];
        $batches = [BatchEntry::from(['id' => 'one', 'coats' => ['tiles', 'tray', '7'], 'colours' => [['share_pct' => 40, 'coats' => ['tiles', '7']]]]), BatchEntry::from(['id' => 'two', 'coats' => []])];
        for ($times = 0; $times < 200; $times++) {
            $coat = (string) array_keys($all)[$random->getInt(0, 2)];
            $count = $random->getInt(0, $all[$coat]);
            $batches = [$batches[0]->holding($coat, $count, $all[$coat], $random->getInt(0, 1) === 0 ? null : 0), $batches[1]->holding($coat, $all[$coat] - $count, $all[$coat], null)];
            foreach ($all as $id => $quantity) {
                $held = array_map(static fn (BatchEntry $batch): int => in_array((string) $id, $batch->coats(), true) ? $batch->count((string) $id) ?? $quantity : 0, $batches);
                self::assertSame($quantity, array_sum($held), "all of $id");
            }
            foreach ($batches as $batch) {
                self::assertSame([], array_diff($batch->at('counts')->isEmpty() ? [] : array_map(strval(...), array_keys($batch->at('counts')->fields())), $batch->coats()), 'what is not in it is not counted');
                foreach ($batch->colourCups() as $cup) {
                    self::assertSame([], array_diff($cup->texts('coats'), $batch->coats()), 'nor coloured');
                }
            }
        }
    }

    public function test_a_coat_that_went_takes_its_count_and_its_colours_along_and_the_last_one_its_batch(): void
    {
        $plan = PlanDocument::from(['batches' => [
            ['id' => 'b1', 'coats' => ['x', 'y'], 'counts' => ['x' => 2, 'y' => 3], 'colours' => [['share_pct' => 40, 'coats' => ['x', 'y']], ['share_pct' => 60]], 'mood' => 'calm'],
            ['id' => 'b2', 'coats' => ['x']],
        ]]);
        $rest = $plan->withBatchesOf(['y', 'z'])->batches();
        self::assertCount(1, $rest);
        self::assertSame('{"id":"b1","coats":["y"],"counts":{"y":3},"colours":[{"share_pct":40,"coats":["y"]},{"share_pct":60}],"mood":"calm"}', json_encode($rest[0]));
        self::assertSame('{"batches":[]}', json_encode($plan->withBatchesOf([])), 'the list that the file had stays');
        self::assertSame('{}', json_encode($plan->withBatches([])));
    }

    public function test_coats_are_known_by_other_ids_wherever_they_stand(): void
    {
        $batch = BatchEntry::from(['id' => 'b', 'coats' => ['x', 'y'], 'counts' => ['x' => 2], 'colours' => [['coats' => ['x']]]]);
        self::assertSame('{"id":"b","coats":["2:x","y"],"counts":{"2:x":2},"colours":[{"coats":["2:x"]}]}', json_encode($batch->renamed(['x' => '2:x'])));
        self::assertEquals($batch, $batch->renamed(['x' => '2:x'])->renamed(['2:x' => 'x']));
    }

    public function test_a_name_counts_where_it_stands_and_not_as_it_reads(): void
    {
        $batch = BatchEntry::from(['id' => 'white', 'coats' => ['white'], 'vessel' => 'jug', 'colours' => [['name' => 'white', 'recipe' => 'dusk'], ['doses' => [['colourant' => 'snow', 'ml' => 1], ['ml' => 2]]]]]);
        self::assertSame([['dusk'], ['snow'], 'jug', 1], [$batch->recipes(), $batch->colourants(), $batch->vessel(), $batch->cups()]);
        self::assertNull($batch->in(null)->vessel());
        self::assertSame('bowl', $batch->in('bowl')->vessel());
    }

    public function test_a_plan_without_anything_has_nothing(): void
    {
        $plan = PlanDocument::bare(Entry::from(['temperature_c' => 21]));
        self::assertSame([[], [], [], []], [$plan->resins(), $plan->pieces(), $plan->coats(), $plan->batches()]);
        self::assertTrue($plan->lastCoat()->isEmpty());
        self::assertSame(21.0, $plan->studio()->number('temperature_c'));
        self::assertSame(18.0, $plan->withStudio(Entry::from(['temperature_c' => 18]))->studio()->number('temperature_c'));
    }
}
