<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Outline;

use OpenGlaze\Core\Outline\Circle;
use OpenGlaze\Core\Outline\Cubic;
use OpenGlaze\Core\Outline\Loop;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Pierced;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Outline\Rectangle;
use OpenGlaze\Core\Outline\Side;
use OpenGlaze\Core\Outline\SvgPath;
use OpenGlaze\Core\Tests\Support\Draws;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ShapesTest extends TestCase
{
    public function test_an_ellipse_that_is_round_is_the_circle(): void
    {
        $ellipse = Outlines::ellipse(300, 300);
        $circle = Circle::ofDiameter(300);
        self::assertEqualsWithDelta($circle->areaMm2(), $ellipse->areaMm2(), 1e-8);
        self::assertEqualsWithDelta($circle->perimeterMm(), $ellipse->perimeterMm(), 1e-8);
        self::assertEqualsWithDelta(150, $ellipse->effectiveRadiusMm(), 1e-9);
    }

    /** Complete elliptic integrals of the second kind: Abramowitz and Stegun, table 17.1; a needle's edge is twice its length. */
    public function test_the_edge_of_an_ellipse_is_no_rough_approximation(): void
    {
        self::assertEqualsWithDelta(4 * 1.211056027568, Outlines::ellipse(2, 1)->perimeterMm(), 1e-6);
        self::assertEqualsWithDelta(2 * 1000, Outlines::ellipse(1000, 1)->perimeterMm(), 0.02);
        self::assertEqualsWithDelta(M_PI / 4 * 620 * 410, Outlines::ellipse(620, 410)->areaMm2(), 1e-6);
    }

    public function test_a_rounded_rectangle_lies_between_the_rectangle_and_the_round(): void
    {
        $rounded = Outlines::rectangle(300, 200, 25);
        self::assertEqualsWithDelta(300 * 200 - (4 - M_PI) * 25 ** 2, $rounded->areaMm2(), 1e-8);
        self::assertEqualsWithDelta(2 * (250 + 150) + 2 * M_PI * 25, $rounded->perimeterMm(), 1e-8);
        self::assertEqualsWithDelta(M_PI * 100 ** 2, Outlines::rectangle(200, 200, 100)->areaMm2(), 1e-6);
        self::assertEqualsWithDelta(Rectangle::of(300, 200)->areaMm2(), Outlines::rectangle(300, 200, 0)->areaMm2(), 1e-9);
    }

    public function test_closed_forms_and_curves_agree(): void
    {
        foreach ([Rectangle::of(620, 410), Circle::ofDiameter(900), Outlines::rectangle(300, 200, 25)] as $outline) {
            self::assertEqualsWithDelta($outline->areaMm2(), $outline->edge()->areaMm2(), 1e-6);
            self::assertEqualsWithDelta($outline->perimeterMm(), $outline->edge()->lengthMm(), 1e-8);
            self::assertEqualsWithDelta($outline->boxWidthMm(), $outline->edge()->box()->widthMm(), 1e-9);
        }
        $rounded = Outlines::rectangle(300, 200, 25);
        self::assertEqualsWithDelta($rounded->perimeterMm(), array_sum(array_map($rounded->sideMm(...), Side::cases())), 1e-9);
    }

    /** Curves and arcs of any kind, drawn as a path: the box is that of their points, taken close together. */
    public function test_the_box_of_a_curve_is_that_of_its_points(): void
    {
        mt_srand(41);
        $any = static fn (int $most): float => mt_rand(-10 * $most, 10 * $most) / 10;
        for ($i = 0; $i < Draws::of(60); $i++) {
            $data = sprintf('M%.1f %.1f C%.1f %.1f %.1f %.1f %.1f %.1f', $any(300), $any(300), $any(300), $any(300), $any(300), $any(300), $any(300), $any(300));
            $arc = sprintf('M0 0 A%.1f %.1f %d %d %d %.1f %.1f', abs($any(200)) + 20, abs($any(200)) + 20, mt_rand(-180, 180), mt_rand(0, 1), mt_rand(0, 1), $any(150), $any(150));
            foreach ([$data, $arc] as $path) {
                $edge = SvgPath::loops($path)[0];
                $points = $edge->points(1e-4);
                [$x, $y] = [array_map(static fn (Point $one): float => $one->x, $points), array_map(static fn (Point $one): float => $one->y, $points)];
                $box = $edge->box();
                self::assertEqualsWithDelta([max($x) - min($x), max($y) - min($y)], [$box->widthMm(), $box->heightMm()], 0.01, $path);
                self::assertEqualsWithDelta([min($x), min($y)], [$box->left, $box->top], 0.01, $path);
            }
        }
    }

    /** What is drawn of a curve is never farther off it than was asked for. */
    public function test_the_points_of_a_curve_are_as_near_as_is_asked(): void
    {
        mt_srand(43);
        $any = static fn (): Point => new Point(mt_rand(-1000, 1000) / 10, mt_rand(-1000, 1000) / 10);
        for ($i = 0; $i < Draws::of(20); $i++) {
            [$a, $b, $c, $d] = [$any(), $any(), $any(), $any()];
            // the bend lies at one end in half of them
            $curve = new Cubic($a, $i % 2 === 0 ? $b : $a->plus($d->minus($a)->times(1 / 3)), $c, $d);
            $points = [$a, ...$curve->pointsAfterStart(0.5)];
            $fine = [$a, ...$curve->pointsAfterStart(0.005)];
            $worst = 0.0;
            foreach ($fine as $on) {
                $off = INF;
                for ($at = 1; $at < count($points); $at++) {
                    $side = $points[$at]->minus($points[$at - 1]);
                    $along = $on->minus($points[$at - 1]);
                    $share = $side->length() > 0 ? max(0.0, min(1.0, ($along->x * $side->x + $along->y * $side->y) / $side->length() ** 2)) : 0.0;
                    $off = min($off, $along->minus($side->times($share))->length());
                }
                $worst = max($worst, $off);
            }
            self::assertLessThanOrEqual(0.506, $worst);
            $length = 0.0;
            for ($at = 1; $at < count($fine); $at++) {
                $length += $fine[$at]->minus($fine[$at - 1])->length();
            }
            self::assertEqualsWithDelta($length, $curve->lengthMm(), 2e-4 * $length, 'as long as its points are apart');
        }
    }

    public function test_an_outline_lies_at_the_top_left_wherever_it_was_drawn(): void
    {
        foreach ([Outlines::path('M50 60H110V100H50Z'), Outlines::path('M-50 -60H10V-20H-50Z'), Outlines::ellipse(60, 40), Outlines::polygon([new Point(5, 7), new Point(65, 7), new Point(65, 47), new Point(5, 47)])] as $outline) {
            $box = $outline->edge()->box();
            self::assertEqualsWithDelta([0.0, 0.0, 60.0, 40.0], [$box->left, $box->top, $box->right, $box->bottom], 1e-9);
        }
    }

    public function test_a_path_that_begins_with_a_relative_move_begins_at_the_origin(): void
    {
        $box = SvgPath::loops('m10 10L60 10L60 60L10 60z')[0]->box();
        self::assertEqualsWithDelta([10.0, 10.0, 60.0, 60.0], [$box->left, $box->top, $box->right, $box->bottom], 1e-12);
        self::assertEqualsWithDelta(2500.0, Outlines::path('m10 10L60 10L60 60L10 60z')->areaMm2(), 1e-9);
    }

    public function test_a_ring_counts_its_inner_edge_apart(): void
    {
        $ring = Outlines::ring(300, 100);
        self::assertEqualsWithDelta(M_PI / 4 * (300 ** 2 - 100 ** 2), $ring->areaMm2(), 1e-8);
        self::assertEqualsWithDelta(M_PI * 300, $ring->perimeterMm(), 1e-8);
        self::assertEqualsWithDelta(M_PI * 100, $ring->holePerimeterMm(), 1e-8);
        self::assertEqualsWithDelta(100, $ring->effectiveRadiusMm(), 1e-9);
        $hole = $ring->holes()[0]->box();
        self::assertEqualsWithDelta([100.0, 100.0, 200.0, 200.0], [$hole->left, $hole->top, $hole->right, $hole->bottom], 1e-9, 'in the middle');
    }

    public function test_a_path_is_what_it_draws(): void
    {
        $square = Outlines::path('M10 10 h100 v100 h-100 z');
        self::assertEqualsWithDelta(10_000, $square->areaMm2(), 1e-9);
        self::assertEqualsWithDelta(400, $square->perimeterMm(), 1e-9);
        self::assertEqualsWithDelta(100, $square->boxWidthMm(), 1e-9);

        $disc = Outlines::path('M0 50a50 50 0 0150-50 50 50 0 1 1-50 50z');
        self::assertEqualsWithDelta(M_PI * 50 ** 2, $disc->areaMm2(), 1e-6);
        self::assertEqualsWithDelta(100, $disc->boxHeightMm(), 1e-9);

        $frame = Outlines::path('M0 0H200V100H0Z M50 25V75H150V25Z');
        self::assertEqualsWithDelta(20_000 - 5_000, $frame->areaMm2(), 1e-9);
        self::assertEqualsWithDelta(300, $frame->holePerimeterMm(), 1e-9);
    }

    /** The area under a parabola: two thirds of its box. */
    public function test_curves_enclose_exactly(): void
    {
        self::assertEqualsWithDelta(2 / 3 * 100 * 50, Outlines::path('M0 0Q50 100 100 0Z')->areaMm2(), 1e-9);
        self::assertEqualsWithDelta(50, Outlines::path('M0 0Q50 100 100 0Z')->boxHeightMm(), 1e-9);
        $cubic = Outlines::path('M0 0C33.3333333333 66.6666666667 66.6666666667 66.6666666667 100 0Z');
        self::assertEqualsWithDelta(2 / 3 * 100 * 50, $cubic->areaMm2(), 1e-6);
        $smooth = Outlines::path('M0 0Q25 50 50 0T100 0V-100H0Z');
        self::assertEqualsWithDelta(100 * 100, $smooth->areaMm2(), 1e-9);
    }

    public function test_turning_and_moving_a_shape_changes_nothing_of_it(): void
    {
        $points = array_map(static fn (array $p): Point => new Point(...$p), [[0, 0], [300, 40], [260, 210], [130, 120], [20, 190]]);
        $first = Outlines::polygon($points);
        foreach ([0.3, 1.2, 2.9, 4.4] as $angle) {
            $turned = Outlines::polygon(array_map(static fn (Point $p): Point => new Point(
                1000 + cos($angle) * $p->x - sin($angle) * $p->y,
                -500 + sin($angle) * $p->x + cos($angle) * $p->y,
            ), $points));
            self::assertEqualsWithDelta($first->areaMm2(), $turned->areaMm2(), 1e-6);
            self::assertEqualsWithDelta($first->perimeterMm(), $turned->perimeterMm(), 1e-9);
        }
        self::assertEqualsWithDelta($first->areaMm2(), Outlines::polygon(array_reverse($points))->areaMm2(), 1e-9);
    }

    public function test_points_for_drawing_keep_to_the_edge(): void
    {
        foreach ([Outlines::ellipse(620, 410), Outlines::rectangle(98, 98, 20), Outlines::path('M0 0C0 300 400 -200 400 200L0 220Z')] as $outline) {
            $fine = Outlines::polygon($outline->edge()->points(0.1));
            self::assertLessThan(0.1 * $outline->perimeterMm(), abs($outline->areaMm2() - $fine->areaMm2()));
            self::assertEqualsWithDelta($outline->perimeterMm(), $fine->perimeterMm(), 0.002 * $outline->perimeterMm());
        }
    }

    #[TestWith(['M0 0L100 100L100 0L0 100Z', 'crosses itself near 50, 50 mm'])]
    #[TestWith(['M0 0H100V100H0Z M150 10h20v20h-20z', 'A hole lies outside'])]
    #[TestWith(['M0 0H100V100H0Z M90 10h20v20h-20z', 'A hole lies outside'])]
    #[TestWith(['M0 0H100V100H0Z M10 10h40v40h-40z M30 30h40v40h-40z', 'Two holes overlap'])]
    #[TestWith(['M0 0H100V100H0Z M10 10h60v60h-60z M20 20h10v10h-10z', 'Two holes overlap'])]
    #[TestWith(['M0 0L100 0Z', 'encloses nothing'])]
    #[TestWith(['', 'encloses nothing'])]
    #[TestWith(['M0 0L50 zebra', 'not path data from its character 9'])]
    #[TestWith(['10 10 L 20 20', 'not path data from its character 1'])]
    #[TestWith(['M0 0A10 10 0 2 0 20 20Z', 'not path data'])]
    #[TestWith(['M0 0L1e9 0L0 5Z', 'not path data'])]
    #[TestWith(['M0 0L1050000 0L0 5Z', 'not path data'])]
    public function test_what_cannot_be_is_refused_by_name(string $path, string $sentence): void
    {
        self::assertStringContainsString($sentence, English::refusal(static fn () => Outlines::path($path)));
    }

    public function test_shapes_that_cannot_be_are_refused_by_name(): void
    {
        foreach ([
            'half of the shorter side, 50 mm' => static fn () => Outlines::rectangle(100, 200, 60),
            'must be smaller than the outer' => static fn () => Outlines::ring(100, 100),
            'this one has 2' => static fn () => Outlines::polygon([new Point(0, 0), new Point(1, 1)]),
        ] as $sentence => $make) {
            try {
                $make();
                self::fail("Nothing was said of $sentence.");
            } catch (OutlineException $exception) {
                self::assertStringContainsString($sentence, English::say($exception->said));
            }
        }
    }

    public function test_five_thousand_points_are_checked_and_one_crossing_among_them_is_found(): void
    {
        $star = static function (int $count): array {
            $points = [];
            for ($i = 0; $i < $count; $i++) {
                $reach = 400 + 60 * sin(37 * 2 * M_PI * $i / $count);
                $points[] = new Point($reach * cos(2 * M_PI * $i / $count), $reach * sin(2 * M_PI * $i / $count));
            }

            return $points;
        };
        $points = $star(5000);
        self::assertGreaterThan(M_PI * 390 ** 2, Outlines::polygon($points)->areaMm2());
        [$points[1200], $points[1203]] = [$points[1203], $points[1200]];
        $this->expectException(OutlineException::class);
        Outlines::polygon($points);
    }

    public function test_a_hole_may_lie_anywhere_inside(): void
    {
        $hole = Loop::ellipse(new Point(0, 0), 10, 6);
        foreach ([[20, 20], [200, 150], [385, 290]] as [$x, $y]) {
            $region = Pierced::by(Rectangle::of(400, 300), [$hole->moved(new Point($x, $y))]);
            self::assertSame(400.0, $region->sideMm(Side::Top));
            self::assertEqualsWithDelta(400 * 300 - M_PI * 60, $region->areaMm2(), 1e-6);
        }
    }

    public function test_an_edge_is_least_round_where_it_is_flattest(): void
    {
        self::assertEqualsWithDelta(1 / 40, Outlines::ellipse(80, 80)->leastCurvature(), 1e-12);
        self::assertEqualsWithDelta(1 / 40, Outlines::ring(80, 20)->leastCurvature(), 1e-12);
        // half axes b and a: b/a²
        self::assertEqualsWithDelta(20 / 50 ** 2, Outlines::ellipse(100, 40)->leastCurvature(), 1e-12);
        self::assertEqualsWithDelta(20 / 50 ** 2, Outlines::ellipse(40, 100)->leastCurvature(), 1e-12);
        self::assertSame([0.0, 0.0], [Outlines::rectangle(100, 40)->leastCurvature(), Outlines::rectangle(100, 40, 10)->leastCurvature()]);
    }

    public function test_a_curve_whose_controls_lie_at_its_ends_is_a_line(): void
    {
        $straight = Outlines::path('M0 0 C0 0 0 0 100 0 C100 0 100 60 100 60 C100 60 0 60 0 60 Z');
        self::assertEqualsWithDelta(6000, $straight->areaMm2(), 1e-9);
        self::assertEqualsWithDelta(320, $straight->perimeterMm(), 1e-9);
        self::assertEqualsWithDelta(6000, Outlines::path('M0 0 C0 0 0 0 0 0 L100 0 V60 H0 Z')->areaMm2(), 1e-9, 'one that goes nowhere is none');
    }
}
