<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Tracing;

use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tracing\Knot;
use OpenGlaze\Core\Tracing\KnownLength;
use OpenGlaze\Core\Tracing\KnownSheet;
use OpenGlaze\Core\Tracing\SmoothLoop;
use OpenGlaze\Core\Tracing\Tracing;
use OpenGlaze\Core\Tracing\TracingException;
use PHPUnit\Framework\TestCase;

/** Traces known shapes as a hand would, and asks for their area. */
final class TracingTest extends TestCase
{
    private const JITTER_PX = 2.0;

    public function test_a_circle_clicked_with_an_unsteady_hand_is_right_within_a_percent(): void
    {
        mt_srand(11);
        for ($try = 0; $try < 20; $try++) {
            $knots = self::circle(new Point(700, 500), 320, 24);
            $area = Outlines::path(Tracing::pathData([self::jittered($knots)], KnownLength::between(new Point(100, 900), new Point(900, 900), 400)))->areaMm2();
            self::assertEqualsWithDelta(M_PI * 160 ** 2, $area, M_PI * 160 ** 2 * 0.01);
        }
    }

    public function test_corners_stay_sharp_and_straight(): void
    {
        $square = array_map(static fn (array $at): Knot => new Knot(new Point(...$at), true), [[10, 10], [210, 10], [210, 110], [10, 110]]);
        $loop = SmoothLoop::through($square);
        self::assertEqualsWithDelta(20_000, $loop->areaMm2(), 1e-9);
        self::assertEqualsWithDelta(600, $loop->lengthMm(), 1e-9);
    }

    public function test_a_smooth_loop_passes_through_its_knots_and_hardly_bulges(): void
    {
        $loop = SmoothLoop::through(self::circle(new Point(0, 0), 100, 16));
        self::assertEqualsWithDelta(M_PI * 1e4, $loop->areaMm2(), M_PI * 1e4 * 2e-3);
        $uneven = SmoothLoop::through(array_map(static fn (array $at): Knot => new Knot(new Point(...$at), false), [[0, 0], [100, 0], [101, 1], [100, 100], [0, 100]]));
        self::assertLessThan(130, $uneven->box()->widthMm(), 'close points make no loop');
    }

    /** The sheet lies on the piece; beside it, what the hand is off is stretched with the distance. */
    public function test_a_photo_taken_at_a_slant_is_put_straight(): void
    {
        mt_srand(5);
        foreach ([30, 40, 50] as $tilt) {
            for ($try = 0; $try < 10; $try++) {
                $camera = self::camera($tilt, 20);
                $sheet = self::jittered(array_map(static fn (array $at): Knot => new Knot($camera(new Point(...$at)), true), [[0, 0], [297, 0], [297, 210], [0, 210]]));
                $traced = self::jittered(array_map(static fn (Knot $knot): Knot => new Knot($camera($knot->at), false), self::circle(new Point(200, 150), 150, 24)));
                $area = Outlines::path(Tracing::pathData([$traced], KnownSheet::at([$sheet[0]->at, $sheet[1]->at, $sheet[2]->at, $sheet[3]->at], 297, 210)))->areaMm2();
                self::assertEqualsWithDelta(M_PI * 150 ** 2, $area, M_PI * 150 ** 2 * 0.01, 'tilted by '.$tilt.' degrees');
            }
        }
    }

    public function test_without_a_hand_a_slanted_photo_is_exact_and_never_mirrored(): void
    {
        $camera = self::camera(40, 30);
        $corners = array_map(static fn (array $at): Point => $camera(new Point(...$at)), [[0, 0], [297, 0], [297, 210], [0, 210]]);
        $place = new Point(400, -120);
        foreach ([$corners, [$corners[1], $corners[0], $corners[3], $corners[2]]] as $way) {
            $found = KnownSheet::at([$way[0], $way[1], $way[2], $way[3]], 297, 210)->onPiece($camera($place));
            self::assertEqualsWithDelta([400, -120], [$found->x, $found->y], 1e-6);
        }
        $turned = KnownSheet::at([$corners[2], $corners[3], $corners[0], $corners[1]], 297, 210)->onPiece($camera($place));
        self::assertEqualsWithDelta([297 - 400, 210 + 120], [$turned->x, $turned->y], 1e-6);
    }

    public function test_a_hole_is_traced_with_the_edge(): void
    {
        $data = Tracing::pathData([self::circle(new Point(300, 300), 200, 32), self::circle(new Point(300, 200), 20, 16)], KnownLength::between(new Point(0, 0), new Point(100, 0), 100));
        $outline = Outlines::path($data);
        self::assertCount(1, $outline->holes());
        self::assertEqualsWithDelta(M_PI * (200 ** 2 - 20 ** 2), $outline->areaMm2(), 250);
        self::assertEqualsWithDelta(400, $outline->boxWidthMm(), 1);
    }

    public function test_what_gives_no_scale_is_a_sentence(): void
    {
        $far = new Point(900, 900);
        foreach ([
            static fn () => KnownLength::between(new Point(5, 5), new Point(6, 6), 100),
            static fn () => KnownSheet::at([new Point(0, 0), $far, new Point(900, 0), new Point(0, 900)], 297, 210),
            static fn () => KnownSheet::at([new Point(0, 0), new Point(1, 0), new Point(1, 1), new Point(0, 1)], 297, 210),
        ] as $scale) {
            try {
                $scale();
                self::fail('That gives no scale.');
            } catch (TracingException $exception) {
                self::assertStringEndsWith('.', English::say($exception->said));
            }
        }
        $this->expectException(OutlineException::class);
        Tracing::pathData([[new Knot($far, false)]], KnownLength::between(new Point(0, 0), $far, 100));
    }

    /** @return list<Knot> */
    private static function circle(Point $centre, float $radius, int $knots): array
    {
        $points = [];
        for ($i = 0; $i < $knots; $i++) {
            $angle = 2 * M_PI * $i / $knots;
            $points[] = new Knot(new Point($centre->x + $radius * cos($angle), $centre->y + $radius * sin($angle)), false);
        }

        return $points;
    }

    /**
     * @param  list<Knot>  $knots
     * @return list<Knot>
     */
    private static function jittered(array $knots): array
    {
        $off = static fn (): float => (mt_rand() / mt_getrandmax() * 2 - 1) * self::JITTER_PX;

        return array_map(static fn (Knot $knot): Knot => new Knot($knot->at->plus(new Point($off(), $off())), $knot->isCorner), $knots);
    }

    /**
     * A camera a metre away that looks at the table at a slant, turned a little.
     *
     * @return callable(Point): Point from mm on the table to px of a large photo
     */
    private static function camera(float $tiltDeg, float $turnDeg): callable
    {
        [$ct, $st, $cr, $sr] = [cos(deg2rad($tiltDeg)), sin(deg2rad($tiltDeg)), cos(deg2rad($turnDeg)), sin(deg2rad($turnDeg))];

        return static function (Point $mm) use ($ct, $st, $cr, $sr): Point {
            [$x, $y] = [$mm->x - 300, $mm->y - 250];
            [$x, $y] = [$cr * $x - $sr * $y, $sr * $x + $cr * $y];
            $depth = 1200 + $y * $st;

            return new Point(2000 + 3600 * $x / $depth, 1500 + 3600 * $y * $ct / $depth);
        };
    }
}
