<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Outline;

use OpenGlaze\Core\Outline\Clash;
use OpenGlaze\Core\Outline\EllipticArc;
use OpenGlaze\Core\Outline\Line;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\LoopCheck;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\SvgPath;
use OpenGlaze\Core\Outline\Sweep;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\TestCase;

final class SweepTest extends TestCase
{
    /** The sweep finds a crossing exactly when comparing every pair of edges does. */
    public function test_the_sweep_sees_what_comparing_all_pairs_sees(): void
    {
        mt_srand(3);
        $found = $clear = 0;
        for ($i = 0; $i < Draws::of(250); $i++) {
            $points = [];
            // of tabletops, and of things smaller than a millimetre
            $scale = intdiv($i, 2) % 2 === 0 ? 0.1 : 0.0007;
            for ($n = mt_rand(3, 12); $n > 0; $n--) {
                $points[] = new Point(mt_rand(0, 1000) * $scale, mt_rand(0, 1000) * $scale);
            }
            if ($i % 2 === 0) {
                $middle = 500 * $scale;
                usort($points, static fn (Point $a, Point $b): int => atan2($a->y - $middle, $a->x - $middle) <=> atan2($b->y - $middle, $b->x - $middle));
            }
            $crosses = Sweep::clash([$points]) !== null;
            self::assertSame(self::anyPairCrosses($points), $crosses, json_encode($points, JSON_THROW_ON_ERROR));
            $crosses ? $found++ : $clear++;
        }
        self::assertGreaterThan(50, min($found, $clear));
    }

    /** Of edges by the hundred, which are kept in blocks, a single crossing is found wherever it is. */
    public function test_one_crossing_among_hundreds_of_edges_is_found(): void
    {
        mt_srand(23);
        for ($i = 0; $i < 12; $i++) {
            $points = [];
            $count = mt_rand(200, 450);
            for ($at = 0; $at < $count; $at++) {
                $reach = 40 + mt_rand(0, 1000) / 500 + 6 * sin(9 * $at / $count * 2 * M_PI);
                $points[] = new Point(50 + $reach * cos(2 * M_PI * $at / $count), 50 + $reach * sin(2 * M_PI * $at / $count));
            }
            self::assertNull(Sweep::clash([$points]));
            // one corner is pulled out over the other side
            $from = mt_rand(0, $count - 1);
            $own = $points[$from];
            $points[$from] = new Point(150 - 2 * $own->x, 150 - 2 * $own->y);
            self::assertNotNull(Sweep::clash([$points]), "corner $from of $count");
            // two corners that follow one another change places
            $points[$from] = $own;
            $next = ($from + 1) % $count;
            [$points[$from], $points[$next]] = [$points[$next], $points[$from]];
            self::assertSame(self::anyPairCrosses($points), Sweep::clash([$points]) !== null, "corners $from and $next of $count");
        }
    }

    public function test_an_edge_that_turns_back_on_itself_crosses(): void
    {
        self::assertNotNull(Sweep::clash([[new Point(0, 0), new Point(100, 0), new Point(40, 0), new Point(40, 50)]]));
        self::assertNull(Sweep::clash([[new Point(0, 0), new Point(40, 0), new Point(100, 0), new Point(40, 50)]]));
    }

    public function test_it_turns_back_whichever_way_it_goes_and_wherever(): void
    {
        mt_srand(29);
        for ($i = 0; $i < Draws::of(50); $i++) {
            $turn = mt_rand(0, 6283) / 1000;
            $at = new Point(mt_rand(-500, 500), mt_rand(-500, 500));
            $point = static fn (float $along, float $aside): Point => $at->plus(new Point($along * cos($turn) - $aside * sin($turn), $along * sin($turn) + $aside * cos($turn)));
            self::assertNotNull(Sweep::clash([[$point(0, 0), $point(100, 0), $point(40, 0), $point(40, 50)]]), "turned by $turn");
            self::assertNull(Sweep::clash([[$point(0, 0), $point(100, 0), $point(140, 30), $point(40, 50)]]));
        }
    }

    public function test_two_holes_that_share_a_stretch_of_edge_touch(): void
    {
        $square = static fn (float $x): array => [new Point($x, 0), new Point($x + 10, 0), new Point($x + 10, 10), new Point($x, 10)];
        $edge = [new Point(-5, -5), new Point(50, -5), new Point(50, 15), new Point(-5, 15)];
        self::assertNotNull(Sweep::clash([$edge, $square(0), $square(10)]));
        self::assertNull(Sweep::clash([$edge, $square(0), $square(10.5)]));
    }

    /** Holes scattered at random are taken exactly when each lies inside the edge and apart from all others. */
    public function test_holes_are_taken_when_comparing_all_of_them_finds_them_apart(): void
    {
        mt_srand(11);
        $taken = $refused = 0;
        for ($i = 0; $i < Draws::of(200); $i++) {
            $loops = [self::star(new Point(50, 50), mt_rand(30, 50), mt_rand(3, 9))];
            for ($n = mt_rand(1, 4); $n > 0; $n--) {
                $loops[] = self::star(new Point(mt_rand(100, 900) / 10, mt_rand(100, 900) / 10), mt_rand(10, 120) / 10, mt_rand(3, 7));
            }
            $isApart = self::areApart($loops);
            self::assertSame($isApart, Sweep::clash($loops) === null, json_encode($loops, JSON_THROW_ON_ERROR));
            $isApart ? $taken++ : $refused++;
        }
        self::assertGreaterThan(Draws::of(200) / 8, min($taken, $refused));
    }

    public function test_a_hole_out_of_place_is_named_by_what_it_lies_in(): void
    {
        $round = static fn (float $x, float $reach): array => self::star(new Point($x, 50), $reach, 12);
        self::assertEquals([1, 0], self::loops(Sweep::clash([$round(50, 40), $round(150, 10)])), 'right of the edge');
        self::assertEquals([1, 0], self::loops(Sweep::clash([$round(150, 40), $round(50, 10)])), 'left of it');
        self::assertEquals([1, 0], self::loops(Sweep::clash([$round(50, 10), $round(50, 40)])), 'all round it');
        self::assertEquals([2, 1], self::loops(Sweep::clash([$round(50, 40), $round(50, 20), $round(50, 10)])), 'in another hole');
        self::assertEquals([1, 2], self::loops(Sweep::clash([$round(50, 40), $round(50, 10), $round(50, 20)])), 'in a later one');
        self::assertNull(Sweep::clash([$round(50, 40), $round(35, 10), $round(65, 10)]));
    }

    /** A comb of a thousand teeth that the line meets all at once, turned every way; then with one tooth bent across. */
    public function test_many_edges_met_at_once_are_kept_in_their_order(): void
    {
        foreach ([0.0, M_PI / 4, M_PI / 2, 2.0] as $turn) {
            $comb = [];
            for ($i = 0; $i < 2000; $i++) {
                $comb[] = self::turned(new Point($i * 0.25, $i % 2 === 1 ? 900.0 : 0.0), $turn);
            }
            $comb[] = self::turned(new Point(500, 1000), $turn);
            $comb[] = self::turned(new Point(-10, 1000), $turn);
            self::assertNull(Sweep::clash([$comb]), "turned by $turn");
            array_splice($comb, 1000, 1, [self::turned(new Point(1000 * 0.25 + 0.6, 0), $turn)]);
            $clash = Sweep::clash([$comb]);
            self::assertNotNull($clash, "bent, turned by $turn");
            self::assertLessThan(1.0, abs(self::turned($clash->at, -$turn)->x - 250.0));
        }
    }

    public function test_an_arc_ends_where_it_should_whatever_its_radii_turn_and_flags(): void
    {
        mt_srand(5);
        for ($i = 0; $i < Draws::of(60); $i++) {
            $start = new Point(mt_rand(-500, 500) / 10, mt_rand(-500, 500) / 10);
            $end = new Point(mt_rand(-500, 500) / 10, mt_rand(-500, 500) / 10);
            $arc = EllipticArc::between($start, $end, mt_rand(1, 900) / 10, mt_rand(1, 900) / 10, mt_rand(-360, 360), mt_rand(0, 1) === 1, mt_rand(0, 1) === 1);
            self::assertEqualsWithDelta([$start->x, $start->y], [$arc->start()->x, $arc->start()->y], 1e-6);
            self::assertEqualsWithDelta([$end->x, $end->y], [$arc->end()->x, $arc->end()->y], 1e-6);
            self::assertGreaterThanOrEqual($end->minus($start)->length() - 1e-6, $arc->lengthMm());
        }
    }

    public function test_an_arc_without_a_radius_is_a_line_and_one_of_radius_one_is_none(): void
    {
        [$start, $end] = [new Point(0, 0), new Point(1.5, 0)];
        foreach ([[0.0, 5.0], [5.0, 0.0], [0.0, 0.0]] as [$rx, $ry]) {
            self::assertInstanceOf(Line::class, EllipticArc::between($start, $end, $rx, $ry, 30, false, true));
        }
        foreach ([[1.0, 1.0], [0.5, 2.0]] as [$rx, $ry]) {
            self::assertInstanceOf(EllipticArc::class, EllipticArc::between($start, $end, $rx, $ry, 30, false, true));
        }
        self::assertInstanceOf(Line::class, EllipticArc::between($start, $start, 5, 5, 30, true, true), 'nowhere to go');
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

    /** @return non-empty-list<Point> */
    private static function star(Point $centre, float $reach, int $corners): array
    {
        $from = mt_rand(0, 628) / 100;
        $way = mt_rand(0, 1) === 1 ? 1 : -1;

        return array_map(static function (int $i) use ($centre, $reach, $corners, $from, $way): Point {
            $angle = $from + $way * 2 * M_PI * $i / $corners;

            return $centre->plus((new Point(cos($angle), sin($angle)))->times($reach));
        }, range(0, $corners - 1));
    }

    private static function turned(Point $point, float $by): Point
    {
        return new Point($point->x * cos($by) - $point->y * sin($by), $point->x * sin($by) + $point->y * cos($by));
    }

    /** @return array{int, int}|null */
    private static function loops(?Clash $clash): ?array
    {
        return $clash === null ? null : [$clash->loop, $clash->otherLoop];
    }

    /** @param  non-empty-list<non-empty-list<Point>>  $loops */
    private static function areApart(array $loops): bool
    {
        foreach ($loops as $one => $points) {
            if ($one > 0 && ! LoopCheck::holds($loops[0], $points[0])) {
                return false;
            }
            foreach ($loops as $other => $others) {
                if ($one !== $other && (self::anyEdgeCrosses($points, $others) || ($one > 0 && $other > 0 && LoopCheck::holds($others, $points[0])))) {
                    return false;
                }
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<Point>  $one
     * @param  non-empty-list<Point>  $other
     */
    private static function anyEdgeCrosses(array $one, array $other): bool
    {
        foreach ($one as $i => $a) {
            foreach ($other as $j => $c) {
                if (self::crosses($a, $one[($i + 1) % count($one)], $c, $other[($j + 1) % count($other)])) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function crosses(Point $a, Point $b, Point $c, Point $d): bool
    {
        $side = static fn (Point $p, Point $q, Point $r): float => $q->minus($p)->cross($r->minus($p));

        return $side($a, $b, $c) * $side($a, $b, $d) <= 0 && $side($c, $d, $a) * $side($c, $d, $b) <= 0;
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
                if (self::crosses($points[$i], $points[$i + 1], $points[$j], $points[($j + 1) % $count])) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Teeth lie one above the other by the hundred; whichever leans over its neighbour is found. */
    public function test_whichever_of_many_neighbours_cross_is_found(): void
    {
        mt_srand(31);
        self::assertEveryLeanIsFound(150);
        // so many edges that they lie in two blocks
        self::assertEveryLeanIsFound(80);
    }

    private static function assertEveryLeanIsFound(int $teeth): void
    {
        $comb = static function (int $leaning) use ($teeth): array {
            $points = [];
            for ($at = 0; $at < $teeth; $at++) {
                $notch = 10 + mt_rand(0, 4000) / 100;
                array_push($points, new Point($notch, 2 * $at), new Point(100, 2 * $at), new Point(100, 2 * $at + ($at === $leaning ? 2.5 : 1)), new Point(10 + mt_rand(0, 4000) / 100, 2 * $at + 1));
            }

            return [...$points, new Point(0, 2 * $teeth), new Point(0, -1)];
        };
        for ($leaning = 0; $leaning < $teeth - 1; $leaning++) {
            self::assertNotNull(Sweep::clash([$comb($leaning)]), "tooth $leaning");
            self::assertNotNull(Sweep::clash([array_reverse($comb($leaning))]), "tooth $leaning, the other way round");
        }
        self::assertNull(Sweep::clash([$comb(-1)]));
    }

    /** What lay between two of them ends: from there on they are neighbours. */
    public function test_two_that_cross_behind_the_end_of_what_lay_between_them_are_found(): void
    {
        foreach ([80, 150] as $teeth) {
            for ($short = 1; $short < $teeth - 1; $short++) {
                $points = [];
                for ($at = 0; $at < $teeth; $at++) {
                    $end = $at === $short ? 20 : 100;
                    array_push($points, new Point(10 + $at % 3, 2 * $at), new Point($end, 2 * $at), new Point($end, 2 * $at + ($at === $short - 1 ? 2.5 : 1)), new Point(10 + $at % 4, 2 * $at + 1));
                }
                $shape = [...$points, new Point(0, 2 * $teeth), new Point(0, -1)];
                self::assertNull(Sweep::clash([$shape]), "tooth $short of $teeth");
                $shape[4 * ($short - 1) + 2] = new Point(100, 2 * $short + 2.5);
                self::assertNotNull(Sweep::clash([$shape]), "tooth $short of $teeth");
            }
        }
    }

    /** Edges on one line touch where they share a stretch of it, whichever of them begins first and however they run. */
    public function test_edges_on_one_line_touch_where_they_share_a_stretch(): void
    {
        foreach ([-9, -4, 4, 9, -11, 11] as $aside) {
            foreach ([0.0, 0.5, M_PI / 2, 2.0] as $turn) {
                $square = static fn (float $x, float $y, bool $back): array => array_map(
                    static fn (array $corner): Point => new Point(cos($turn) * $corner[0] - sin($turn) * $corner[1], sin($turn) * $corner[0] + cos($turn) * $corner[1]),
                    $back ? [[$x, $y], [$x, $y + 10], [$x + 10, $y + 10], [$x + 10, $y]] : [[$x, $y], [$x + 10, $y], [$x + 10, $y + 10], [$x, $y + 10]],
                );
                $edge = [new Point(-90, -90), new Point(90, -90), new Point(90, 90), new Point(-90, 90)];
                foreach ([[false, false], [false, true], [true, false], [true, true]] as [$one, $other]) {
                    $meets = abs($aside) < 10;
                    // turned by a part of a right angle they share a line only up to rounding
                    if (fmod($turn, M_PI / 2) === 0.0 || ! $meets) {
                        self::assertSame($meets, Sweep::clash([$edge, $square(0, 0, $one), $square(10, $aside, $other)]) !== null, "$aside aside, turned by $turn");
                    }
                }
            }
        }
    }

    public function test_a_point_said_twice_counts_once_wherever_it_stands(): void
    {
        $square = [new Point(0, 0), new Point(10, 0), new Point(10, 10), new Point(0, 10)];
        for ($twice = 0; $twice < 4; $twice++) {
            $said = [...array_slice($square, 0, $twice + 1), ...array_slice($square, $twice)];
            self::assertNull(Sweep::clash([$said]), "corner $twice");
            $bowTie = [$square[0], $square[2], $square[1], $square[3]];
            self::assertNotNull(Sweep::clash([[...array_slice($bowTie, 0, $twice + 1), ...array_slice($bowTie, $twice)]]));
        }
        self::assertNull(Sweep::clash([[...$square, $square[0]]]), 'closed by its first');
        self::assertNotNull(Sweep::clash([[$square[0], $square[2], $square[1], $square[3], $square[0]]]));
    }
}
