<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Answer;

use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Held\Meniscus;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** What holds of every coat of every stack. */
final class StackLawsTest extends TestCase
{
    private const CAPILLARY_MM = 1.83518;

    public function test_whatever_the_coat_its_parts_add_up_to_what_is_mixed(): void
    {
        foreach (self::full() as $result) {
            $volume = ResultDocument::coat($result, CoatAdvisor::advise($result), English::speaker())['volume_ml'];
            self::assertIsArray($volume);
            $total = array_pop($volume);
            self::assertEqualsWithDelta($total, array_sum($volume), 1e-9, $result->case->coat->id);
            self::assertEqualsWithDelta($total, $result->mix->aMl + $result->mix->bMl, 1e-9);
            self::assertLessThanOrEqual(0, $volume['displaced']);
            foreach (array_diff_key($volume, ['displaced' => 0]) as $part => $ml) {
                self::assertGreaterThanOrEqual(0, $ml, $part);
            }
        }
    }

    public function test_the_order_of_the_pieces_in_a_file_changes_nothing(): void
    {
        $plan = Plans::full();
        $plan->pieces = array_reverse($plan->pieces);
        $plan->resins = array_reverse($plan->resins);
        $again = array_map(static fn (CoatResult $one): array => ResultDocument::coat($one, CoatAdvisor::advise($one), English::speaker()), (new Planner)->plan((new PlanReader)->read($plan)));
        self::assertEquals(array_map(static fn (CoatResult $one): array => ResultDocument::coat($one, CoatAdvisor::advise($one), English::speaker()), self::full()), $again);
    }

    public function test_coats_of_one_piece_do_not_hear_of_the_others(): void
    {
        $plan = Plans::full();
        $plan->coats = array_values(array_filter($plan->coats, static fn ($coat): bool => $coat->piece === 'bezel'));
        $plan->batches = [];
        $alone = array_map(static fn (CoatResult $one): array => ResultDocument::coat($one, CoatAdvisor::advise($one), English::speaker()), (new Planner)->plan((new PlanReader)->read($plan)));
        $among = array_values(array_filter(array_map(static fn (CoatResult $one): array => ResultDocument::coat($one, CoatAdvisor::advise($one), English::speaker()), self::full()), static fn (array $coat): bool => $coat['piece'] === 'bezel'));
        self::assertEquals($among, $alone);
    }

    public function test_twice_the_depth_takes_twice_the_film_however_it_is_split(): void
    {
        $film = static fn (float $mm): float => Plans::computed(['/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['total_depth_mm' => $mm]])->volume->filmMl;
        foreach ([1.0, 3.9, 7.0, 25.0] as $mm) {
            self::assertEqualsWithDelta(2 * $film($mm), $film(2 * $mm), 1e-6);
        }
    }

    /** The label's depth rules; where such a lift is predicted hot, how many would stay cool is said. Without a label all stay cool. */
    public function test_no_lift_is_too_deep_and_a_hot_one_is_told_of_in_a_hundred_random_pours(): void
    {
        $hot = 0;
        mt_srand(42);
        for ($i = 0; $i < 100; $i++) {
            $result = Plans::computed([
                '/coats/0/containment' => 'dammed',
                '/coats/0/size_by' => (object) ['total_depth_mm' => mt_rand(5, 600) / 10],
                '/coats/0/age_min' => mt_rand(0, 20),
                '/studio/temperature_c' => mt_rand(15, 43),
                '/resins/0/max_pour_mm' => mt_rand(0, 2) === 0 ? new Gone : mt_rand(10, 120) / 10,
            ]);
            $told = array_values(array_filter(CoatAdvisor::advise($result), static fn ($advice): bool => $advice->code === 'hot_lift'));
            foreach ($result->lifts as $lift) {
                self::assertLessThanOrEqual(($result->case->resin->limits->maxPourMm->value ?? INF) + 1e-9, $lift->depthMm);
            }
            self::assertSame($result->case->heat->peakC() >= 60, $told !== []);
            if ($told !== []) {
                $hot++;
                self::assertNotNull($result->case->resin->limits->maxPourMm);
                self::assertSame(1, preg_match('/^Pour it in (\d+) lifts/', English::say($told[0]->said), $found));
                $total = array_sum(array_map(static fn ($lift): float => $lift->depthMm, $result->lifts));
                self::assertGreaterThan(count($result->lifts), $count = (int) $found[1]);
                self::assertSame($result->case->heat->coolCount($total), $count);
                self::assertLessThanOrEqual($result->case->resin->limits->maxPourMm->value, $total / $count);
            }
            self::assertNotContains(Level::Stop, array_map(static fn ($advice) => $advice->level, CoatAdvisor::advise($result)));
        }
        self::assertGreaterThan(5, $hot);
    }

    public function test_the_drawn_rim_is_the_solved_puddle(): void
    {
        foreach ([[8.0, 40.0], [20.0, 60.0], [20.0, 120.0], [300.0, 60.0], [300.0, 150.0]] as [$radius, $angle]) {
            $puddle = Dome::meetingAt(DomeEdge::round($radius), $angle, self::CAPILLARY_MM);
            $rim = $puddle->rim();
            [$in, $high] = $rim[0];
            self::assertEqualsWithDelta(0, $in, 0.02, 'it begins at the edge');
            self::assertEqualsWithDelta(0, $high, 0.02);
            [, $inside] = end($rim);
            self::assertEqualsWithDelta($puddle->centreMm, $inside, 0.02 * $puddle->centreMm, 'and ends in the middle');
            $slope = rad2deg(atan2($rim[3][1] - $high, abs($rim[3][0] - $in) + 1e-9));
            self::assertLessThan(max(95, $angle), $slope, 'it leaves the edge no steeper than its angle');
            for ($i = 1; $i < count($rim); $i++) {
                self::assertGreaterThanOrEqual($rim[$i - 1][1] - 1e-3, $rim[$i][1], 'it only rises');
            }
        }
    }

    public function test_what_climbs_a_wall_is_what_is_counted_for_it(): void
    {
        foreach ([10.0, 50.0, 80.0] as $wall) {
            $curve = Meniscus::atWall(self::CAPILLARY_MM, $wall);
            self::assertEqualsWithDelta(Meniscus::riseMm(self::CAPILLARY_MM, $wall), $curve[0][1], 1e-9);
            $area = 0.0;
            for ($i = 1; $i < count($curve); $i++) {
                $area += ($curve[$i][0] - $curve[$i - 1][0]) * ($curve[$i][1] + $curve[$i - 1][1]) / 2;
            }
            self::assertEqualsWithDelta(Meniscus::climbMlPerM(self::CAPILLARY_MM, $wall), $area, 0.05 * $area, "the area under the curve at $wall degrees");
        }
    }

    public function test_a_higher_wall_angle_climbs_less_and_a_flat_one_not_at_all(): void
    {
        $before = INF;
        foreach ([5.0, 30.0, 50.0, 89.0, 90.0] as $angle) {
            $rise = Meniscus::riseMm(self::CAPILLARY_MM, $angle);
            self::assertLessThan($before, $rise);
            $before = $rise;
        }
        self::assertEqualsWithDelta(0, $before, 1e-9);
    }

    public function test_what_is_placed_stays_for_a_while_later_and_shorter_when_it_is_warm(): void
    {
        $times = static fn (float $celsius): array => Plans::computed(['/coats/0/containment' => 'placed', '/studio/temperature_c' => $celsius])->case->placedMin() ?? [0.0, 0.0];
        [$from, $to] = $times(23);
        self::assertEqualsWithDelta(45 * log10(10 / 1.31310), $from, 0.01);
        self::assertEqualsWithDelta(45 * log10(2), $to - $from, 1e-9);
        [$warmFrom, $warmTo] = $times(28);
        self::assertLessThan($to - $from, $warmTo - $warmFrom);
        self::assertNull(Plans::computed(['/coats/0/containment' => 'placed', '/coats/0/laying' => 'brush'])->case->placedMin(), 'what is brushed out thin needs no waiting');
        self::assertNull(Plans::computed()->case->placedMin());
    }

    /** @return list<CoatResult> */
    private static function full(): array
    {
        return (new Planner)->plan((new PlanReader)->read(Plans::full()));
    }
}
