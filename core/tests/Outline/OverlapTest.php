<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Outline;

use OpenGlaze\Core\Outline\Circle;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Overlap;
use OpenGlaze\Core\Outline\Point;
use PHPUnit\Framework\TestCase;

/** Zones on their pieces, held to shapes that have closed forms. */
final class OverlapTest extends TestCase
{
    public function test_upright_shapes_share_what_their_sides_say(): void
    {
        mt_srand(53);
        for ($i = 0; $i < 60; $i++) {
            [$w, $h, $zw, $zh, $x, $y] = [mt_rand(20, 300), mt_rand(20, 300), mt_rand(10, 300), mt_rand(10, 300), mt_rand(-100, 200), mt_rand(-100, 200)];
            $across = max(0, min($w, $x + $zw) - max(0, $x));
            $down = max(0, min($h, $y + $zh) - max(0, $y));
            $shared = Overlap::areaMm2(self::upright($w, $h), new Point(0, 0), self::upright($zw, $zh), new Point($x, $y));
            self::assertEqualsWithDelta($across * $down, $shared, 1e-6 * $w * $h, "$w × $h, $zw × $zh at $x, $y");
        }
    }

    public function test_two_discs_share_a_lens(): void
    {
        foreach ([[100.0, 60.0, 50.0], [100.0, 100.0, 80.0], [80.0, 30.0, 20.0]] as [$one, $other, $apart]) {
            [$r, $s] = [$one / 2, $other / 2];
            $lens = $r ** 2 * acos(($apart ** 2 + $r ** 2 - $s ** 2) / (2 * $apart * $r)) + $s ** 2 * acos(($apart ** 2 + $s ** 2 - $r ** 2) / (2 * $apart * $s))
                - sqrt((-$apart + $r + $s) * ($apart + $r - $s) * ($apart - $r + $s) * ($apart + $r + $s)) / 2;
            // both boxes begin at their own top left
            $at = new Point($r + $apart - $s, $r - $s);
            $apartOrWithin = $apart <= abs($r - $s) ? M_PI * min($r, $s) ** 2 : $lens;
            self::assertEqualsWithDelta($apartOrWithin, Overlap::areaMm2(Circle::ofDiameter($one), new Point(0, 0), Circle::ofDiameter($other), $at), 4e-3 * $apartOrWithin);
        }
    }

    public function test_the_share_of_an_edge_is_that_of_its_length(): void
    {
        // an upright piece of 200 × 100 mm, and what a zone takes of its edge of 600 mm
        foreach ([[[60, 300, 70, -50], 120.0], [[300, 300, -50, -50], 600.0], [[50, 50, 20, 20], 0.0], [[100, 100, -50, -50], 100.0], [[300, 60, -10, 20], 120.0]] as [[$zw, $zh, $x, $y], $mm]) {
            self::assertEqualsWithDelta($mm / 600, Overlap::shareOfEdge(self::upright(200, 100), self::upright($zw, $zh), new Point($x, $y)), 0.006, "$zw × $zh at $x, $y");
        }
        // the upper half of a disc
        self::assertEqualsWithDelta(0.5, Overlap::shareOfEdge(Circle::ofDiameter(100), self::upright(200, 100), new Point(-50, -50)), 0.005);
        self::assertEqualsWithDelta(1 / 3, Overlap::shareOfEdge(Circle::ofDiameter(100), self::upright(200, 100), new Point(-50, -75)), 0.005);
    }

    private static function upright(float $width, float $height): Outline
    {
        return Outlines::path("M0 0H{$width}V{$height}H0Z");
    }
}
