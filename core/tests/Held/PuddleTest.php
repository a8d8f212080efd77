<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Held;

use OpenGlaze\Core\Held\Dome;
use OpenGlaze\Core\Held\DomeEdge;
use OpenGlaze\Core\Held\Puddle;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The check values, with the density of 1090 kg/m³ that they are given for. */
final class PuddleTest extends TestCase
{
    use ChecksValues;

    private const CAPILLARY_MM = 1.83518;

    #[TestWith([20.0, 60.0, 1.9186, 1.6272, 2.045])]
    #[TestWith([20.0, 120.0, 3.2952, 3.0037, 3.775])]
    #[TestWith([45.0, 60.0, 1.8711, 1.7415, 11.079])]
    #[TestWith([300.0, 60.0, 1.8404, 1.8210, 514.87])]
    #[TestWith([300.0, 120.0, 3.1862, 3.1667, 895.37])]
    public function test_the_check_table(float $radius, float $angle, float $centre, float $mean, float $ml): void
    {
        $puddle = Puddle::meetingAt($radius, $angle, self::CAPILLARY_MM);
        self::assertWithin(0.1, $centre, $puddle->centreMm);
        self::assertWithin(0.1, $mean, $puddle->meanMm());
        self::assertWithin(0.1, $ml, $puddle->volumeMl);
    }

    /** What is drawn holds what is promised: the surface turned about its middle. */
    public function test_the_surface_that_is_drawn_holds_its_own_volume(): void
    {
        $random = new Randomizer(new Mt19937(31));
        for ($times = 0; $times < Draws::of(10); $times++) {
            [$radius, $angle] = [10 ** ($random->getInt(0, 130) / 100), $random->getInt(10, 90)];
            $puddle = Puddle::meetingAt($radius, $angle, self::CAPILLARY_MM);
            $points = $puddle->at(array_map(static fn (int $i): float => deg2rad($angle) * (1 - $i / 600) ** 2, range(0, 600)), self::CAPILLARY_MM);
            self::assertEqualsWithDelta([0.0, 0.0], $points[0], 1e-3 * $radius, 'it begins at the edge');
            self::assertEqualsWithDelta([$radius, $puddle->centreMm], $points[600], 1e-3 * $radius, 'and ends in the middle');
            $volume = 0.0;
            foreach (array_slice($points, 1) as $i => [$in, $up]) {
                [$inBefore, $upBefore] = $points[$i];
                $volume += M_PI * (($radius - $in) ** 2 + ($radius - $inBefore) ** 2) / 2 * ($up - $upBefore);
            }
            self::assertWithin(2.0, $puddle->volumeMl, $volume / 1000, "radius $radius, {$angle}°");
        }
    }

    public function test_it_is_what_small_steps_along_the_surface_give(): void
    {
        $random = new Randomizer(new Mt19937(29));
        $cases = [[0.1, 180.0], [0.01, 180.0], [0.03, 170.0], [40.0, 179.0]];
        for ($times = 0; $times < Draws::of(10); $times++) {
            $cases[] = [10 ** ($random->getInt(-120, 160) / 100), $random->getInt(2, 179)];
        }
        foreach ($cases as [$radius, $angle]) {
            $puddle = Puddle::meetingAt($radius, $angle, self::CAPILLARY_MM);
            [$height, $volume] = self::stepped($radius, deg2rad($angle));
            self::assertWithin(0.3, $height, $puddle->centreMm, "radius $radius, {$angle}°");
            self::assertWithin(0.5, $volume / 1000, $puddle->volumeMl, "radius $radius, {$angle}°");
        }
    }

    /**
     * By bisection over the curvature of the apex, each profile in steps of a thousandth of the angle or less.
     *
     * @return array{float, float} height in mm and volume in mm³
     */
    private static function stepped(float $radius, float $angle): array
    {
        [$flat, $steep] = [-60.0, log(4 / $radius)];
        $found = [NAN, NAN];
        for ($halving = 0; $halving < 60; $halving++) {
            $middle = ($flat + $steep) / 2;
            [$r, $z, $volume] = self::profile(exp($middle), $angle, 1.5 * $radius + 3);
            if ($r > $radius) {
                $flat = $middle;
            } else {
                $steep = $middle;
            }
            $found = [$z, $volume];
        }

        return $found;
    }

    /** @return array{float, float, float} radius, depth and volume where it comes to its angle, or is too wide to */
    private static function profile(float $b, float $angle, float $tooWide): array
    {
        $s = min(1e-3, 1e-3 / $b) * min(1.0, $angle);
        [$r, $z, $phi, $volume] = [$s, $b * $s ** 2 / 2, $b * $s, M_PI * $b * $s ** 4 / 4];
        $bend = static fn (float $r, float $z, float $phi): float => 2 * $b + $z / self::CAPILLARY_MM ** 2 - sin($phi) / $r;
        while ($phi < $angle && $r < $tooWide && $r > 0) {
            $here = $bend($r, $z, $phi);
            $ds = min(0.02 * self::CAPILLARY_MM, 0.05 * $r, 0.002 * $angle / max(1e-9, $here));
            [$rm, $zm, $pm] = [$r + cos($phi) * $ds / 2, $z + sin($phi) * $ds / 2, $phi + $here * $ds / 2];
            $turn = $bend($rm, $zm, $pm) * $ds;
            if ($turn > 0 && $phi + $turn > $angle) {
                $ds *= ($angle - $phi) / $turn;
                [$rm, $pm, $turn] = [$r + cos($phi) * $ds / 2, $phi + $here * $ds / 2, $angle - $phi];
            }
            $r += cos($pm) * $ds;
            $z += sin($pm) * $ds;
            $volume += M_PI * $rm ** 2 * sin($pm) * $ds;
            $phi += $turn;
        }

        return [$r, $z, $volume];
    }

    public function test_turned_to_another_angle_it_is_the_one_that_meets_at_it(): void
    {
        foreach ([3.0, 12.0, 40.0, 300.0] as $radius) {
            $puddle = Puddle::meetingAt($radius, 120, self::CAPILLARY_MM);
            foreach ([15.0, 60.0, 95.0, 140.0] as $angle) {
                self::assertEqualsWithDelta(Puddle::meetingAt($radius, $angle, self::CAPILLARY_MM)->meanMm(), $puddle->turnedTo($angle, self::CAPILLARY_MM)->meanMm(), 1e-5);
            }
        }
    }

    public function test_a_tiny_drop_is_a_cap_of_a_sphere(): void
    {
        $radius = 0.02;
        foreach ([20.0, 90.0, 140.0] as $angle) {
            $sphere = $radius / sin(deg2rad($angle));
            $height = $sphere * (1 - cos(deg2rad($angle)));
            $puddle = Puddle::meetingAt($radius, $angle, self::CAPILLARY_MM);
            self::assertWithin(0.1, $height, $puddle->centreMm);
            self::assertWithin(0.2, M_PI * $height ** 2 * ($sphere - $height / 3) / 1000, $puddle->volumeMl);
        }
    }

    public function test_steeper_edges_hold_more_and_there_is_a_most(): void
    {
        foreach ([5.0, 20.0, 45.0, 450.0] as $radius) {
            $before = 0.0;
            foreach ([5, 35, 80, 125, 180] as $angle) {
                $mean = Puddle::meetingAt($radius, $angle, self::CAPILLARY_MM)->meanMm();
                self::assertGreaterThan($before, $mean);
                $before = $mean;
            }
            self::assertNull(Dome::holding(DomeEdge::round($radius), 1.01 * $before, self::CAPILLARY_MM));
            self::assertNull(Dome::holding(DomeEdge::round($radius), 0.99 * $before, self::CAPILLARY_MM, 125));
        }
    }

    public function test_the_integral_and_the_closed_form_meet_where_one_takes_over(): void
    {
        foreach ([30.0, 60.0, 120.0] as $angle) {
            $edge = Puddle::WIDE * self::CAPILLARY_MM;
            $within = Puddle::meetingAt($edge * 0.9999, $angle, self::CAPILLARY_MM);
            $beyond = Puddle::meetingAt($edge * 1.0001, $angle, self::CAPILLARY_MM);
            self::assertWithin(0.3, $within->meanMm(), $beyond->meanMm());
            self::assertWithin(0.3, $within->centreMm, $beyond->centreMm);
        }
    }
}
