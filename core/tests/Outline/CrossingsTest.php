<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Outline;

use OpenGlaze\Core\Outline\Crossings;
use OpenGlaze\Core\Outline\EllipticArc;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\SvgPath;
use PHPUnit\Framework\TestCase;

final class CrossingsTest extends TestCase
{
    /** The grid finds a crossing exactly when comparing every pair of edges does. */
    public function test_the_grid_sees_what_comparing_all_pairs_sees(): void
    {
        mt_srand(3);
        $found = $clear = 0;
        for ($i = 0; $i < 400; $i++) {
            $points = [];
            for ($n = mt_rand(3, 12); $n > 0; $n--) {
                $points[] = new Point(mt_rand(0, 1000) / 10, mt_rand(0, 1000) / 10);
            }
            if ($i % 2 === 0) {
                usort($points, static fn (Point $a, Point $b): int => atan2($a->y - 50, $a->x - 50) <=> atan2($b->y - 50, $b->x - 50));
            }
            $crosses = Crossings::first([$points]) !== null;
            self::assertSame(self::anyPairCrosses($points), $crosses, json_encode($points, JSON_THROW_ON_ERROR));
            $crosses ? $found++ : $clear++;
        }
        self::assertGreaterThan(50, min($found, $clear));
    }

    public function test_an_edge_that_turns_back_on_itself_crosses(): void
    {
        self::assertNotNull(Crossings::first([[new Point(0, 0), new Point(100, 0), new Point(40, 0), new Point(40, 50)]]));
        self::assertNull(Crossings::first([[new Point(0, 0), new Point(40, 0), new Point(100, 0), new Point(40, 50)]]));
    }

    public function test_two_loops_that_share_a_stretch_of_edge_touch(): void
    {
        $square = static fn (float $x): array => [new Point($x, 0), new Point($x + 10, 0), new Point($x + 10, 10), new Point($x, 10)];
        self::assertNotNull(Crossings::first([$square(0), $square(10)]));
        self::assertNull(Crossings::first([$square(0), $square(10.5)]));
    }

    public function test_an_arc_ends_where_it_should_whatever_its_radii_turn_and_flags(): void
    {
        mt_srand(5);
        for ($i = 0; $i < 300; $i++) {
            $start = new Point(mt_rand(-500, 500) / 10, mt_rand(-500, 500) / 10);
            $end = new Point(mt_rand(-500, 500) / 10, mt_rand(-500, 500) / 10);
            $arc = EllipticArc::between($start, $end, mt_rand(1, 900) / 10, mt_rand(1, 900) / 10, mt_rand(-360, 360), mt_rand(0, 1) === 1, mt_rand(0, 1) === 1);
            self::assertEqualsWithDelta([$start->x, $start->y], [$arc->start()->x, $arc->start()->y], 1e-6);
            self::assertEqualsWithDelta([$end->x, $end->y], [$arc->end()->x, $arc->end()->y], 1e-6);
            self::assertGreaterThanOrEqual($end->minus($start)->length() - 1e-6, $arc->lengthMm());
        }
    }

    public function test_the_four_arcs_between_two_points_are_two_pairs_of_one_ellipse(): void
    {
        [$start, $end] = [new Point(0, 0), new Point(60, 20)];
        $length = static fn (bool $large, bool $clockwise): float => EllipticArc::between($start, $end, 50, 30, 25, $large, $clockwise)->lengthMm();
        self::assertEqualsWithDelta($length(true, true), $length(true, false), 1e-6);
        self::assertEqualsWithDelta($length(false, true), $length(false, false), 1e-6);
        self::assertEqualsWithDelta(Outlines::ellipse(100, 60)->perimeterMm(), $length(true, true) + $length(false, true), 1e-6);
    }

    public function test_a_box_holds_every_point_and_touches_all_four_sides(): void
    {
        foreach (['M0 0C0 300 400 -200 400 200L0 220Z', 'M10 50A80 30 33 1 1 90 70Z', 'M0 0Q50 100 100 0T200 0V-90H0Z'] as $data) {
            $loop = SvgPath::loops($data)[0];
            $box = $loop->box();
            $points = $loop->points(0.001);
            $xs = array_map(static fn (Point $point): float => $point->x, $points);
            $ys = array_map(static fn (Point $point): float => $point->y, $points);
            self::assertEqualsWithDelta([$box->left, $box->right], [min($xs), max($xs)], 0.01);
            self::assertEqualsWithDelta([$box->top, $box->bottom], [min($ys), max($ys)], 0.01);
            self::assertLessThanOrEqual(min($xs) + 1e-9, $box->left);
            self::assertGreaterThanOrEqual(max($ys) - 1e-9, $box->bottom);
        }
    }

    public function test_the_same_path_in_other_words_is_the_same_shape(): void
    {
        $same = [
            'M10 10L60 10L60 40L10 40Z',
            'm10,10 50,0 0,30 -50,0z',
            'M10 10H60V40H10',
            "M10 10\n h50 v30 h-50 Z",
            'M1e1 10l50-0 0 30-50 0z',
            'M10 10L60 10M60 10L60 10',
        ];
        foreach (array_slice($same, 0, 5) as $data) {
            self::assertEqualsWithDelta(1500.0, Outlines::path($data)->areaMm2(), 1e-9, $data);
            self::assertEqualsWithDelta(160.0, Outlines::path($data)->perimeterMm(), 1e-9, $data);
        }
        $this->expectException(OutlineException::class);
        Outlines::path($same[5]);
    }

    public function test_smooth_curves_mirror_the_control_before_them(): void
    {
        $smooth = Outlines::path('M0 0C0 40 30 60 50 60S100 40 100 0Z');
        $spelled = Outlines::path('M0 0C0 40 30 60 50 60C70 60 100 40 100 0Z');
        self::assertEqualsWithDelta($spelled->areaMm2(), $smooth->areaMm2(), 1e-9);
        self::assertEqualsWithDelta($spelled->perimeterMm(), $smooth->perimeterMm(), 1e-7);
    }

    public function test_a_loop_encloses_the_same_wherever_it_begins_and_whichever_way_it_runs(): void
    {
        $points = [new Point(0, 0), new Point(80, 10), new Point(90, 70), new Point(20, 60)];
        $area = Loop::through($points)->areaMm2();
        foreach ([1, 2, 3] as $shift) {
            self::assertEqualsWithDelta($area, Loop::through([...array_slice($points, $shift), ...array_slice($points, 0, $shift)])->areaMm2(), 1e-9);
        }
        self::assertEqualsWithDelta($area, Loop::through(array_reverse($points))->areaMm2(), 1e-9);
    }

    /** @param  non-empty-list<Point>  $points */
    private static function anyPairCrosses(array $points): bool
    {
        $count = count($points);
        for ($i = 0; $i < $count; $i++) {
            for ($j = $i + 2; $j < $count; $j++) {
                if ($i === 0 && $j === $count - 1) {
                    continue;
                }
                [$a, $b, $c, $d] = [$points[$i], $points[$i + 1], $points[$j], $points[($j + 1) % $count]];
                $side = static fn (Point $p, Point $q, Point $r): float => $q->minus($p)->cross($r->minus($p));
                if ($side($a, $b, $c) * $side($a, $b, $d) <= 0 && $side($c, $d, $a) * $side($c, $d, $b) <= 0) {
                    return true;
                }
            }
        }

        return false;
    }
}
