<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Answer;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Batch\Proposal;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Overlap;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** What is large is the same as what is small, laid side by side; how long it takes is measured in bench/. */
final class GrowthTest extends TestCase
{
    public function test_hundreds_of_zones_in_one_layer_are_each_what_they_are_alone(): void
    {
        $zone = static fn (int $at): object => (object) ['shape' => 'rectangle', 'width_mm' => 20, 'height_mm' => 20, 'x_mm' => 20 * ($at % 30), 'y_mm' => 20 * intdiv($at, 30)];
        $many = Plans::stack([], ...array_map(static fn (int $at): array => ['zone' => $zone($at)], range(0, 599)));
        self::assertSame([1], array_values(array_unique(array_map(static fn (CoatResult $one): int => $one->case->ground->layer, $many))));
        foreach ([0, 29, 30, 311, 599] as $at) {
            $alone = Plans::computed(['/coats/0/zone' => $zone($at)]);
            self::assertEqualsWithDelta($alone->volume->poured(), $many[$at]->volume->poured(), 1e-9);
        }
        $once = Plans::faults([], ...array_map(static fn (int $at): array => ['zone' => (object) [...(array) $zone($at), 'layer' => 1, 'name' => "zone $at"]], [...range(0, 599), 311]));
        self::assertSame(['/coats/600/zone'], array_keys($once));
        self::assertStringContainsString('lies over "zone 311"', $once['/coats/600/zone']);
    }

    public function test_hundreds_of_coats_on_one_piece_lie_on_each_other(): void
    {
        $stack = Plans::stack([], ...array_fill(0, 400, ['containment' => 'held', 'size_by' => (object) ['thickness_mm' => 0.5]]));
        foreach ([0, 1, 200, 399] as $at) {
            self::assertSame($at + 1, $stack[$at]->case->ground->layer);
            self::assertEqualsWithDelta(0.5 * $at, $stack[$at]->case->ground->belowMm, 1e-9);
        }
        self::assertEqualsWithDelta(200.0, ResultDocument::stack($stack[0]->case->piece, $stack)['thickness_mm'], 1e-9);
    }

    public function test_two_rectangles_share_what_their_strips_would(): void
    {
        mt_srand(3);
        $piece = Outlines::rectangle(620, 410);
        $same = Outlines::polygon([new Point(0, 0), new Point(620, 0), new Point(620, 410), new Point(0, 410)]);
        for ($times = 0; $times < 60; $times++) {
            $zone = Outlines::rectangle(mt_rand(5, 700), mt_rand(5, 500));
            $at = new Point(mt_rand(-200, 600), mt_rand(-200, 400));
            self::assertEqualsWithDelta(Overlap::areaMm2($same, new Point(0, 0), $zone, $at), Overlap::areaMm2($piece, new Point(0, 0), $zone, $at), 0.004 * $piece->areaMm2());
            self::assertEqualsWithDelta(Overlap::shareOfEdge($same, $zone, $at), Overlap::shareOfEdge($piece, $zone, $at), 0.01);
        }
    }

    public function test_an_evening_of_hundreds_pours_every_piece_once_and_each_cup_in_time(): void
    {
        $plan = Plans::with([]);
        [$piece, $coat] = [(array) $plan->pieces[0], (array) $plan->coats[0]];
        $plan->pieces = array_map(static fn (int $at): object => (object) [...$piece, 'id' => "p$at", 'quantity' => 1 + $at % 3, 'outline' => (object) ['shape' => 'rectangle', 'width_mm' => 60 + 7 * ($at % 41), 'height_mm' => 80 + 3 * ($at % 29)]], range(0, 599));
        $plan->coats = array_map(static fn (int $at): object => (object) [...$coat, 'id' => "c$at", 'piece' => "p$at"], range(0, 599));
        $read = (new PlanReader)->read($plan);
        $coats = (new Planner)->plan($read);
        $proposal = Proposal::of($read->studio, $coats);
        self::assertSame([], $proposal->apart);
        $poured = [];
        foreach ($proposal->batches as $batch) {
            foreach ($batch->coatIds as $id) {
                $poured[$id] = ($poured[$id] ?? 0) + $batch->counts[$id];
            }
        }
        foreach ($coats as $one) {
            self::assertSame($one->case->piece->quantity, $poured[$one->case->coat->id] ?? 0);
        }
        $ml = array_sum(array_map(static fn (CoatResult $one): float => $one->volume->poured(), $coats));
        self::assertLessThan(600, count($proposal->batches), 'they share cups');
        self::assertLessThan($ml / 40, count($proposal->batches));
    }
}
