<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Batch;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Batch\BatchPlanner;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\CupClock;
use OpenGlaze\Core\Batch\Spares;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

final class CupClockTest extends TestCase
{
    use ChecksValues;

    public function test_a_dish_half_as_much_and_a_cooler_room_all_give_more_time(): void
    {
        foreach ([0.4, 1.6, 6.0] as $mm) {
            foreach ([18, 23, 27] as $celsius) {
                $compared = self::clock($mm, $celsius)->compared();
                foreach (['dish', 'halved', 'cooler'] as $other) {
                    self::assertGreaterThan($compared['cup']->potLifeMin, $compared[$other]->potLifeMin, "$other, $mm mm, $celsius °C");
                    self::assertLessThanOrEqual($compared['cup']->run->peakC + 1e-9, $compared[$other]->run->peakC);
                }
            }
        }
    }

    public function test_the_plot_starts_fresh_and_never_gets_younger(): void
    {
        $cup = self::clock(1.6, 23)->compared()['cup'];
        $plot = $cup->plot(20.0);
        self::assertEqualsWithDelta([0.0, 23.0], array_slice($plot[0], 0, 2), 1e-9);
        self::assertClosed(1.31310, $plot[0][2]);
        self::assertGreaterThan($plot[0][2], $plot[count($plot) - 1][2]);
        foreach (array_slice($plot, 1) as $at => [$min]) {
            self::assertGreaterThan($plot[$at][0], $min);
        }
        self::assertEqualsWithDelta($cup->run->celsiusAt(20.0), $plot[count($plot) - 1][1], 1e-6);
    }

    public function test_what_has_gelled_is_drawn_no_thinner_however_hot_it_gets(): void
    {
        $cup = self::clock(6.0, 23)->compared()['cup'];
        self::assertGreaterThan(100.0, $cup->run->peakC, 'it runs away');
        $gelsMin = $cup->run->minutesToAge(90.0);
        self::assertNotNull($gelsMin);
        $plot = $cup->plot(2 * $gelsMin);
        $after = array_filter($plot, static fn (array $point): bool => $point[0] > $gelsMin * (1 + 1e-9));
        self::assertNotSame([], $after);
        self::assertSame([max(array_column($plot, 2))], array_values(array_unique(array_column($after, 2))));
    }

    public function test_much_waits_in_a_dish_and_little_in_its_cup(): void
    {
        $much = self::clock(6.0, 23)->waitFor(10.0);
        $little = self::clock(0.02, 23)->waitFor(10.0);
        self::assertSame('dish', $much['in'] ?? null);
        self::assertSame('cup', $little['in'] ?? null);
        self::assertGreaterThan(self::clock(6.0, 23)->waitFor(6.0)['min'] ?? INF, $much['min'], 'thicker takes longer');
        self::assertGreaterThan(0, self::clock(6.0, 23)->waitFor(6.0)['left_min'] ?? 0.0);
        self::assertEqualsWithDelta(0.0, $much['left_min'], 1e-9, 'by then it has set');
    }

    public function test_when_it_is_that_thick_its_thickness_says_so(): void
    {
        $dish = self::clock(1.6, 23)->compared()['dish'];
        foreach ([3.0, 6.0, 10.0, 20.0] as $paS) {
            self::assertEqualsWithDelta($paS, $dish->viscosityAt($dish->minutesToViscosity($paS) ?? -1.0), 0.01 * $paS);
        }
    }

    public function test_warm_bottles_pour_thinner_and_last_shorter(): void
    {
        $clock = self::clock(1.6, 21);
        $last = ['thinner' => 1.0, 'pot_life_min' => INF];
        foreach ([25.0, 30.0, 35.0, 40.0] as $celsius) {
            $warmed = $clock->warmedTo($celsius);
            self::assertGreaterThan($last['thinner'], $warmed['thinner']);
            self::assertLessThan($last['pot_life_min'], $warmed['pot_life_min']);
            self::assertLessThan($warmed['pot_life_in_room_min'], $warmed['pot_life_min']);
            $last = $warmed;
        }
        self::assertEqualsWithDelta(1.0, $clock->warmedTo(21.0)['thinner'], 1e-9);
        self::assertEqualsWithDelta($clock->warmedTo(21.0)['pot_life_in_room_min'], $clock->warmedTo(21.0)['pot_life_min'], 1e-9);
    }

    public function test_a_label_that_says_nothing_has_no_clock(): void
    {
        [$plan, $batch] = self::batch(['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => new Gone]);
        self::assertNull(CupClock::of($batch));
    }

    public function test_what_is_left_over_coats_whole_pieces_only(): void
    {
        [, $batch] = self::batch(['/pieces/0/quantity' => 3]);
        $each = $batch->turns[0]->pouredMl / 3;
        foreach ([0.0, 0.99, 1.0, 2.5] as $share) {
            self::assertSame((int) floor($share), Spares::of($batch, $share * $each)[0]['count']);
        }
        self::assertSame([], Spares::named($batch, 0.5 * $each));
        self::assertSame(['2 more of Autumn sky'], array_map(English::say(...), Spares::named($batch, 2.2 * $each)));
    }

    private static function clock(float $mm, float $celsius): CupClock
    {
        [$plan, $batch] = self::batch(['/studio/temperature_c' => $celsius, '/coats/0/size_by/thickness_mm' => $mm, '/resins/0/max_pour_mm' => 10, '/pieces/0/coated_edges' => 'none', '/pieces/0/surface' => 'sealed']);
        $clock = CupClock::of($batch);
        self::assertNotNull($clock);

        return $clock;
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array{Plan, BatchResult}
     */
    private static function batch(array $changes): array
    {
        $plan = (new PlanReader)->read(Plans::with([...$changes, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood']]]]));

        return [$plan, (new BatchPlanner)->plan($plan, (new Planner)->plan($plan))[0]];
    }
}
