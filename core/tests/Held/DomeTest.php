<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Held;

use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Held\LongPuddle;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Films that stop at straight edges, and at edges of any shape: check values, an independent integration, and laws. */
final class DomeTest extends TestCase
{
    use ChecksValues;

    private const CAPILLARY_MM = 1.83518;

    #[TestWith([5.0, 60.0, 1.2626, 1.6469])]
    #[TestWith([10.0, 60.0, 1.5436, 1.8223])]
    #[TestWith([24.5, 60.0, 1.7161, 1.8352])]
    #[TestWith([10.0, 120.0, 2.8870, null])]
    #[TestWith([24.5, 120.0, 3.0596, null])]
    public function test_the_check_values_between_straight_edges(float $halfWidth, float $angle, float $mean, ?float $centre): void
    {
        $long = LongPuddle::meetingAt($halfWidth, $angle, self::CAPILLARY_MM);
        self::assertWithin(0.1, $mean, $long->meanMm(self::CAPILLARY_MM));
        if ($centre !== null) {
            self::assertWithin(0.1, $centre, $long->centreMm);
        }
    }

    public function test_the_check_values_of_squares_and_of_an_oval(): void
    {
        $large = DomeEdge::of(Outlines::rectangle(98, 98));
        self::assertSame(0.0, $large->roundShare);
        self::assertWithin(0.1, 1.7161, Dome::meetingAt($large, 60, self::CAPILLARY_MM)->meanMm());
        self::assertWithin(0.1, 3.1430, Dome::meetingAt($large, 125, self::CAPILLARY_MM)->meanMm());
        self::assertWithin(0.1, 1.1387, Dome::meetingAt(DomeEdge::of(Outlines::rectangle(16, 16)), 60, self::CAPILLARY_MM)->meanMm());
        $oval = DomeEdge::of(Outlines::ellipse(150, 70));
        self::assertWithin(0.1, 46.187, $oval->effectiveRadiusMm);
        self::assertWithin(0.1, 0.2874, $oval->roundShare);
        self::assertWithin(0.1, 1.7186, Dome::meetingAt($oval, 60, self::CAPILLARY_MM)->meanMm());
        self::assertWithin(0.1, 1.8449, Dome::meetingAt($oval, 60, self::CAPILLARY_MM)->centreMm);
        self::assertWithin(0.1, 3.1503, Dome::meetingAt($oval, 125, self::CAPILLARY_MM)->meanMm());
    }

    public function test_between_straight_edges_it_is_what_small_steps_along_the_surface_give(): void
    {
        $random = new Randomizer(new Mt19937(17));
        for ($times = 0; $times < 60; $times++) {
            $halfWidth = 10 ** ($random->getInt(-10, 160) / 100);
            $angle = $random->getInt(3, 178);
            $long = LongPuddle::meetingAt($halfWidth, $angle, self::CAPILLARY_MM);
            $b = self::curvatureOf($long, $angle);
            [$width, $height, $under] = self::stepped($b, deg2rad($angle));
            self::assertWithin(0.05, $halfWidth, $width, "half width of $halfWidth mm, {$angle}°");
            self::assertWithin(0.05, $long->centreMm, $height);
            self::assertWithin(0.1, $long->meanMm(self::CAPILLARY_MM), $height - $under / $width);
        }
    }

    /** @return iterable<string, array{Outline}> */
    public static function outlines(): iterable
    {
        yield from [
            'circle' => [Outlines::ellipse(60, 60)],
            'oval' => [Outlines::ellipse(90, 40)],
            'sliver' => [Outlines::ellipse(200, 8)],
            'ring' => [Outlines::ring(90, 40)],
            'rectangle' => [Outlines::rectangle(60, 40)],
            'round corners' => [Outlines::rectangle(60, 40, 12)],
            'strip' => [Outlines::rectangle(300, 6)],
            'triangle' => [Outlines::polygon([new Point(0, 0), new Point(80, 0), new Point(20, 60)])],
            'tiny' => [Outlines::rectangle(0.8, 0.5)],
        ];
    }

    #[DataProvider('outlines')]
    public function test_both_ways_meet_and_steeper_edges_hold_more(Outline $outline): void
    {
        $edge = DomeEdge::of($outline);
        $before = 0.0;
        foreach ([4, 20, 60, 95, 125, 150] as $angle) {
            $dome = Dome::meetingAt($edge, $angle, self::CAPILLARY_MM);
            self::assertGreaterThan($before, $dome->meanMm());
            self::assertGreaterThan($dome->meanMm() - 1e-9, $dome->centreMm * ($angle <= 90 ? 1 : INF), 'it is highest in its middle, unless it bulges over its edge');
            $back = Dome::holding($edge, $dome->meanMm(), self::CAPILLARY_MM);
            self::assertEqualsWithDelta($angle, $back?->angleDeg, 2e-3);
            self::assertEqualsWithDelta($dome->centreMm, $back?->centreMm, 1e-4);
            $before = $dome->meanMm();
        }
        self::assertNull(Dome::holding($edge, 1.001 * $before, self::CAPILLARY_MM, 150));
    }

    public function test_the_less_of_an_edge_is_round_the_less_it_holds(): void
    {
        foreach ([0.5, 4.0, 15.0, 80.0, 400.0] as $radius) {
            foreach ([30, 90, 125] as $angle) {
                $before = 0.0;
                foreach ([0.0, 0.2, 0.7, 1.0] as $share) {
                    $mean = Dome::meetingAt(new DomeEdge($radius, $share), $angle, self::CAPILLARY_MM)->meanMm();
                    self::assertGreaterThan($before, $mean, "radius $radius, {$angle}°, share $share");
                    $before = $mean;
                }
            }
        }
    }

    public function test_a_wide_one_is_as_flat_whatever_its_edge(): void
    {
        $round = Dome::meetingAt(DomeEdge::round(5000), 90, self::CAPILLARY_MM);
        $straight = Dome::meetingAt(new DomeEdge(5000, 0.0), 90, self::CAPILLARY_MM);
        self::assertWithin(0.1, $round->meanMm(), $straight->meanMm());
        self::assertWithin(0.1, 2 * self::CAPILLARY_MM * sin(deg2rad(45)), $straight->centreMm);
    }

    public function test_the_closed_form_takes_over_where_it_is_as_good(): void
    {
        $width = 25 * self::CAPILLARY_MM;
        foreach ([20.0, 60.0, 120.0, 180.0] as $angle) {
            self::assertWithin(0.01, LongPuddle::meetingAt($width * 0.9999, $angle, self::CAPILLARY_MM)->meanMm(self::CAPILLARY_MM), LongPuddle::meetingAt($width * 1.0001, $angle, self::CAPILLARY_MM)->meanMm(self::CAPILLARY_MM));
        }
    }

    /** Some of these ran for ever. */
    public function test_every_dome_comes_to_an_end_however_small_or_steep(): void
    {
        $random = new Randomizer(new Mt19937(23));
        $cases = [[0.1, 180.0], [0.05, 179.0], [0.01, 180.0], [0.3, 175.0]];
        for ($times = 0; $times < 400; $times++) {
            $cases[] = [10 ** ($random->getInt(-150, 250) / 100), $random->getInt(1, 180)];
        }
        foreach ($cases as [$radius, $angle]) {
            foreach ([0.0, 0.5, 1.0] as $share) {
                $dome = Dome::meetingAt(new DomeEdge($radius, $share), $angle, self::CAPILLARY_MM);
                self::assertTrue(is_finite($dome->meanMm()) && $dome->meanMm() > 0, "radius $radius, {$angle}°, share $share");
                self::assertTrue(is_finite($dome->centreMm) && $dome->centreMm > 0 && $dome->centreMm < 2.1 * self::CAPILLARY_MM * (1 + self::CAPILLARY_MM / $radius));
            }
        }
    }

    #[DataProvider('outlines')]
    public function test_what_is_drawn_is_what_is_computed(Outline $outline): void
    {
        $edge = DomeEdge::of($outline);
        foreach ([25, 60, 120] as $angle) {
            $dome = Dome::meetingAt($edge, $angle, self::CAPILLARY_MM);
            $rim = $dome->rim();
            self::assertSame([0.0, 0.0], $rim[0]);
            foreach (array_slice($rim, 1) as $at => [$in, $high]) {
                self::assertGreaterThan($rim[$at][1] - 1e-9, $high, 'it rises towards the middle');
                self::assertLessThanOrEqual($dome->centreMm + 1e-6, $high);
            }
            [$in, $high] = $rim[count($rim) - 1];
            self::assertEqualsWithDelta($dome->centreMm, $high, 0.02 * $dome->centreMm);
            [$first, $rise] = $rim[1];
            if ($angle < 80) {
                self::assertGreaterThan(0.0, $first);
                self::assertEqualsWithDelta($angle, rad2deg(atan2($rise, $first)), 7, 'it leaves the edge at its angle');
            } else {
                self::assertLessThan(0.0, min(array_column($rim, 0)), 'it bulges over its edge');
            }
            self::assertGreaterThan(0.0, $in);
        }
    }

    /** The apex curvature that a solved puddle has, from its height: (cos φ = 1 at the apex) h²/(2ℓ²) + b·h = 1 − cos θ. */
    private static function curvatureOf(LongPuddle $long, float $angle): float
    {
        $h = $long->centreMm;

        return (1 - cos(deg2rad($angle)) - $h ** 2 / (2 * self::CAPILLARY_MM ** 2)) / $h;
    }

    /**
     * Small steps along the surface from its apex, by the midpoint.
     *
     * @return array{float, float, float} half width, height, and what lies between surface and apex's level, mm²
     */
    private static function stepped(float $b, float $angle): array
    {
        [$x, $z, $phi, $under] = [0.0, 0.0, 0.0, 0.0];
        $bend = static fn (float $z): float => $b + $z / self::CAPILLARY_MM ** 2;
        while ($phi < $angle) {
            // no step turns by more than a thousandth of the whole, nor is longer than a thousandth of the capillary length
            $ds = min(0.002 * self::CAPILLARY_MM, 0.001 * $angle / max(1e-300, $bend($z)));
            $half = $phi + $bend($z) * $ds / 2;
            $middle = $z + sin($phi) * $ds / 2;
            $next = $phi + $bend($middle) * $ds;
            if ($next > $angle) {
                $ds *= ($angle - $phi) / ($next - $phi);
                $half = $phi + $bend($z) * $ds / 2;
                $next = $angle;
            }
            $x += cos($half) * $ds;
            $under += $middle * cos($half) * $ds;
            $z += sin($half) * $ds;
            $phi = $next;
        }

        return [$x, $z, $under];
    }
}
