<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Answer;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Answer\ResultDocument;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    use ChecksValues;

    public function test_the_check_case_of_a_flood_coat(): void
    {
        $result = Plans::computed();
        self::assertClosed(2542, $result->case->piece->areaCm2());
        self::assertClosed(2060, $result->case->piece->coatedEdgeMm());
        self::assertClosed(406.720, $result->volume->filmMl);
        self::assertClosed(18.540, $result->volume->edgesMl);
        self::assertClosed(40.672, $result->volume->runoffMl);
        self::assertClosed(8.209, $result->volume->soakMl);
        self::assertClosed(3, $result->volume->residueMl);
        self::assertClosed(500.998, $result->volume->totalMl());
        self::assertClosed(380.758, $result->mix->aG);
        self::assertClosed(163.659, $result->mix->bG);
    }

    public function test_the_parts_add_up_to_the_total_and_to_a_and_b(): void
    {
        foreach (self::manyPlans() as $result) {
            $volume = $result->volume;
            $sum = $volume->filmMl + $volume->edgesMl + $volume->runoffMl + $volume->soakMl + $volume->residueMl + $volume->marginMl;
            self::assertEqualsWithDelta($sum, $volume->totalMl(), 1e-9 * $sum);
            self::assertEqualsWithDelta($sum, $result->mix->totalMl(), 1e-9 * $sum);
        }
    }

    public function test_twice_the_pieces_take_twice_what_leaves_the_cup(): void
    {
        $one = Plans::computed()->volume->poured();
        $seven = Plans::computed(['/pieces/0/quantity' => 7])->volume->poured();
        self::assertEqualsWithDelta(7 * $one, $seven, 1e-9);
    }

    public function test_only_the_first_coat_soaks_in(): void
    {
        $plan = Plans::autumnSky();
        $second = clone $plan->coats[0];
        $second->id = 'top';
        $plan->coats[] = $second;
        [$first, $top] = (new Planner)->plan((new PlanReader)->read($plan));
        self::assertGreaterThan(0, $first->volume->soakMl);
        self::assertSame(0.0, $top->volume->soakMl);
        self::assertSame($first->volume->filmMl, $top->volume->filmMl);
    }

    public function test_more_film_more_edge_more_margin_never_takes_less(): void
    {
        foreach (['/coats/0/size_by/thickness_mm', '/coats/0/edge_film_mm', '/coats/0/runoff_pct', '/studio/margin_pct', '/pieces/0/edge_depth_mm'] as $pointer) {
            $before = 0.0;
            foreach ([0.5, 1.0, 2.0, 8.0] as $value) {
                $total = Plans::computed([$pointer => $value])->volume->totalMl();
                self::assertGreaterThan($before, $total, $pointer);
                $before = $total;
            }
        }
    }

    public function test_a_piece_without_a_coated_edge_has_no_drips(): void
    {
        self::assertNull(Plans::computed(['/pieces/0/coated_edges' => 'none'])->edge);
        self::assertSame(0.0, Plans::computed(['/pieces/0/coated_edges' => 'none'])->volume->edgesMl);
    }

    public function test_single_sides_and_lengths_of_edge(): void
    {
        self::assertSame(1030.0, Plans::computed(['/pieces/0/coated_edges' => ['top', 'left']])->case->piece->coatedEdgeMm());
        self::assertSame(700.0, Plans::computed(['/pieces/0/coated_edges' => 700])->case->piece->coatedEdgeMm());
    }

    public function test_label_times_come_later_in_a_cold_room_and_sooner_for_an_old_mix(): void
    {
        $cold = Plans::computed(['/studio/temperature_c' => 18])->windows;
        self::assertClosed(4 / 0.68141, $cold->recoatFromH);
        self::assertClosed(72 / 0.68141, $cold->fullCureH);
        $old = Plans::computed(['/studio/temperature_c' => 23, '/coats/0/age_min' => 20])->windows;
        self::assertClosed(4 - 20 / 60, $old->recoatFromH);
    }

    public function test_a_night_that_cools_down(): void
    {
        $result = Plans::computed(['/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 19], (object) ['at_h' => 8, 'c' => 16]]]);
        self::assertClosed(5.914, $result->windows->recoatFromH);
        self::assertClosed(19.586, $result->windows->recoatToH);
    }

    public function test_what_neither_label_nor_kind_says_stays_unknown(): void
    {
        $result = Plans::computed(['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => new Gone, '/resins/0/recoat_from_h' => new Gone, '/resins/0/full_cure_h' => new Gone]);
        self::assertNull($result->windows->recoatFromH);
        self::assertNull($result->windows->fullCureH);
        self::assertContains('value_unknown', array_column(CoatAdvisor::advise($result), 'code'));
    }

    public function test_the_phases_follow_each_other_without_gaps(): void
    {
        foreach (self::manyPlans() as $result) {
            $phases = $result->phases();
            self::assertSame(0.0, $phases[0]->fromMin);
            self::assertNull(end($phases)->toMin);
            for ($i = 1; $i < count($phases); $i++) {
                self::assertSame($phases[$i - 1]->toMin, $phases[$i]->fromMin);
            }
        }
    }

    public function test_a_film_that_is_hard_before_its_window_shuts_is_never_shut(): void
    {
        $phases = Plans::computed(['/resins/0/recoat_to_h' => 30])->phases();
        self::assertSame(['wet', 'tacky', 'window_open', 'hard', 'cured'], array_map(static fn ($span) => $span->phase->value, $phases));
        $all = Plans::computed()->phases();
        self::assertSame(['wet', 'tacky', 'window_open', 'window_shut', 'hard', 'cured'], array_map(static fn ($span) => $span->phase->value, $all));
    }

    public function test_the_result_file_carries_every_named_figure(): void
    {
        $plan = (new PlanReader)->read(Plans::autumnSky());
        $document = ResultDocument::of($plan, English::speaker(), (new Planner)->plan($plan));
        $json = json_decode(json_encode($document, JSON_THROW_ON_ERROR), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($json);
        self::assertSame('open-glaze-result', $json['format']);
        $coat = $json['coats'][0];
        self::assertSame(['film', 'edges', 'runoff', 'soak', 'climb', 'displaced', 'residue', 'margin', 'total'], array_keys($coat['volume_ml']));
        self::assertEqualsWithDelta($coat['volume_ml']['total'], array_sum(array_slice($coat['volume_ml'], 0, -1)), 1e-9);
        self::assertNull($coat['held']);
        self::assertSame([], $coat['lifts']);
        self::assertSame([100, 50, 30], array_keys($coat['film']['rise_min']));
    }

    /** @return iterable<CoatResult> */
    private static function manyPlans(): iterable
    {
        foreach ([0.3, 1.6, 3.9] as $thickness) {
            foreach ([14, 21, 29] as $temperature) {
                foreach ([(object) ['shape' => 'circle', 'diameter_mm' => 900], (object) ['shape' => 'rectangle', 'width_mm' => 98, 'height_mm' => 98]] as $outline) {
                    foreach ([1, 24] as $quantity) {
                        yield Plans::computed([
                            '/coats/0/size_by/thickness_mm' => $thickness,
                            '/studio/temperature_c' => $temperature,
                            '/pieces/0/outline' => $outline,
                            '/pieces/0/quantity' => $quantity,
                            '/coats/0/residue_ml_per_cup' => new Gone,
                        ]);
                    }
                }
            }
        }
    }
}
