<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Edge;

use OpenGlaze\Core\Edge\FaceFlow;
use OpenGlaze\Core\Edge\FaceShape;
use OpenGlaze\Core\Edge\FlowTable;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FaceFlowTest extends TestCase
{
    /** @param  array<string, float>  $means  by time */
    #[TestWith([1.2, ['0.001' => 1.1921, '0.01' => 1.1749, '0.1' => 1.1206, '0.5' => 1.0382]])]
    #[TestWith([2.0, ['0.001' => 1.9411, '0.01' => 1.8137, '0.1' => 1.4339, '0.5' => 1.0969]])]
    #[TestWith([4.0, ['0.001' => 3.6306, '0.01' => 2.8532, '0.1' => 1.6210, '0.5' => 1.1159]])]
    #[TestWith([1.2, ['0.001' => 1.1921, '0.01' => 1.1755, '0.1' => 1.1272, '0.5' => 1.0583], FaceShape::Round])]
    #[TestWith([2.0, ['0.001' => 1.9419, '0.01' => 1.8222, '0.1' => 1.4999, '0.5' => 1.1646], FaceShape::Round])]
    #[TestWith([4.0, ['0.001' => 3.6444, '0.01' => 2.9740, '0.1' => 1.7918, '0.5' => 1.2046], FaceShape::Round])]
    public function test_the_check_values(float $laid, array $means, FaceShape $shape = FaceShape::Straight): void
    {
        $flow = new FaceFlow($laid, 120, 0.1, $shape);
        foreach ($means as $time => $mean) {
            self::assertEqualsWithDelta($mean, $flow->to((float) $time)->mean(), 2e-4 * $mean, "solved, $time");
            self::assertEqualsWithDelta($mean, FlowTable::mean($laid, (float) $time, self::share($shape)), 2e-4 * $mean, "looked up, $time");
        }
    }

    public function test_what_runs_over_is_what_was_laid_less_what_stays(): void
    {
        mt_srand(14);
        for ($draw = 0; $draw < Draws::of(8); $draw++) {
            $laid = exp(self::between(0.001, log(3000)));
            $flow = new FaceFlow($laid, shape: self::shape($draw));
            foreach ([1e-9, 1e-4, 0.02, 0.4, 3.0, 1e9] as $time) {
                $flow->to($time);
                self::assertEqualsWithDelta($laid, $flow->mean() + $flow->ranOver(), 1e-9 * $laid);
            }
        }
    }

    public function test_it_only_thins_is_never_below_what_the_edge_keeps_and_falls_towards_the_edge(): void
    {
        foreach ([1.001, 1.6, 7.0, 900.0] as $draw => $laid) {
            $flow = new FaceFlow($laid, shape: self::shape($draw));
            $before = $laid;
            $flows = INF;
            foreach ([1e-6, 1e-3, 0.05, 0.3, 2.0, 11.0] as $time) {
                $flow->to($time);
                $profile = array_column($flow->profile(), 1);
                for ($at = 1; $at < count($profile); $at++) {
                    self::assertLessThanOrEqual($profile[$at - 1] + 1e-12, $profile[$at], "$laid at $time");
                }
                self::assertGreaterThanOrEqual(1 - 1e-9, min($profile));
                self::assertLessThanOrEqual($before + 1e-12, $flow->mean());
                self::assertLessThanOrEqual($flows, $flow->flow());
                [$before, $flows] = [$flow->mean(), $flow->flow()];
            }
            self::assertEqualsWithDelta(1.0, $before, 1e-6, 'in the end what the edge keeps is everywhere');
        }
    }

    /** A little above what the edge keeps, it is the law of heat. */
    public function test_a_film_hardly_too_thick_thins_as_heat_leaves_a_wall(): void
    {
        foreach ([0.02, 0.1, 0.5, 1.5] as $time) {
            $left = 0.0;
            for ($k = 0; $k < 400; $k++) {
                $left += 8 / (M_PI * (2 * $k + 1)) ** 2 * exp(-((M_PI * (2 * $k + 1)) ** 2) * $time / 4);
            }
            self::assertEqualsWithDelta($left, ((new FaceFlow(1 + 1e-6, 160, 0.06))->to($time)->mean() - 1) / 1e-6, 1e-3 * $left);
            self::assertEqualsWithDelta($left, (FlowTable::mean(1 + 1e-6, $time) - 1) / 1e-6, 1e-3 * $left);
        }
    }

    /** Once far above the limit, how much was laid is forgotten. */
    public function test_what_stays_hardly_hangs_on_what_was_laid(): void
    {
        self::assertLessThan(0.01, abs(FlowTable::mean(60.0, 0.3) / FlowTable::mean(12.0, 0.3) - 1));
        self::assertGreaterThan(FlowTable::mean(12.0, 0.3), FlowTable::mean(60.0, 0.3));
    }

    public function test_the_table_is_what_the_solver_says(): void
    {
        mt_srand(3);
        $worst = 0.0;
        for ($draw = 0; $draw < Draws::of(14); $draw++) {
            $laid = $draw % 6 === 0 ? 1 + 10 ** self::between(-4, 0) : exp(self::between(0.0, log(64)));
            $time = 10 ** self::between(-6, 1);
            $shape = self::shape($draw);
            $flow = (new FaceFlow($laid, 90, 0.1, $shape))->to($time);
            $worst = max($worst, abs(FlowTable::mean($laid, $time, self::share($shape)) / $flow->mean() - 1));
            if ($time > 1e-4 && $flow->mean() > 1.0001) {
                self::assertEqualsWithDelta(1.0, FlowTable::flow($laid, $time, self::share($shape)) / $flow->flow(), 0.01, "the flow of $laid at $time");
            }
        }
        self::assertLessThan(0.001, $worst);
    }

    public function test_the_flow_is_how_fast_the_mean_falls(): void
    {
        foreach ([1.05, 1.6, 3.3, 20.0, 63.0] as $laid) {
            foreach ([1e-3, 0.03, 0.4, 1.9, 5.0] as $time) {
                $step = 1e-4 * $time;
                foreach ([0.0, 0.64, 1.0] as $round) {
                    $falls = (FlowTable::mean($laid, $time - $step, $round) - FlowTable::mean($laid, $time + $step, $round)) / 2 / $step;
                    self::assertEqualsWithDelta(1.0, FlowTable::flow($laid, $time, $round) / $falls, 0.01, "$laid at $time, $round round");
                }
            }
        }
    }

    public function test_more_laid_never_leaves_less_and_later_never_more(): void
    {
        for ($time = 1e-5; $time < 10; $time *= 1.7) {
            $before = 0.0;
            for ($laid = 0.3; $laid < 90; $laid *= 1.09) {
                $mean = FlowTable::mean($laid, $time);
                // what very thick films differ by is less than the table is told to
                self::assertGreaterThan($before * (1 - 5e-6), $mean, "$laid at $time");
                self::assertLessThanOrEqual($mean + 1e-12, FlowTable::mean($laid, 1.7 * $time));
                $before = $mean;
            }
        }
    }

    public function test_a_rounder_face_never_keeps_less(): void
    {
        for ($time = 1e-5; $time < 10; $time *= 2.3) {
            foreach ([0.8, 1.1, 1.7, 4.0, 20.0, 90.0] as $laid) {
                $before = 0.0;
                foreach ([0.0, 0.3, 0.64, 0.9585, 1.0] as $round) {
                    $mean = FlowTable::mean($laid, $time, $round);
                    self::assertGreaterThanOrEqual($before * (1 - 1e-4), $mean, "$laid at $time, $round round");
                    $before = $mean;
                }
            }
        }
    }

    public function test_below_the_limit_and_at_the_beginning_nothing_runs_over(): void
    {
        self::assertSame([0.7, 0.0], [FlowTable::mean(0.7, 3.0), FlowTable::flow(0.7, 3.0)]);
        self::assertSame([5.0, INF], [FlowTable::mean(5.0, 0.0), FlowTable::flow(5.0, 0.0)]);
    }

    public function test_a_film_far_too_thick_is_told_within_a_twentieth_and_at_once(): void
    {
        foreach ([70.0, 300.0, 3000.0, 110.0] as $draw => $laid) {
            $shape = self::shape($draw);
            $flow = new FaceFlow($laid, 90, 0.1, $shape);
            foreach ([1e-12, 1e-9, 1e-7, 1e-5, 1e-4, 0.01, 0.5, 10.0] as $time) {
                self::assertEqualsWithDelta(1.0, FlowTable::mean($laid, $time, self::share($shape)) / $flow->to($time)->mean(), 0.05, "$laid at $time");
            }
        }
        self::assertSame(FlowTable::flow(3000.0, 0.5), FlowTable::flow(64.0, 0.5));
    }

    private static function shape(int $draw): FaceShape
    {
        return $draw % 2 === 0 ? FaceShape::Straight : FaceShape::Round;
    }

    private static function share(FaceShape $shape): float
    {
        return $shape === FaceShape::Straight ? 0.0 : 1.0;
    }

    private static function between(float $low, float $high): float
    {
        return $low + ($high - $low) * mt_rand() / mt_getrandmax();
    }
}
