<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Held;

use OpenGlaze\Core\Held\Puddle;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

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

    public function test_both_ways_meet(): void
    {
        foreach ([3.0, 12.0, 40.0, 300.0] as $radius) {
            foreach ([15.0, 60.0, 95.0, 140.0] as $angle) {
                $puddle = Puddle::meetingAt($radius, $angle, self::CAPILLARY_MM);
                self::assertEqualsWithDelta($angle, Puddle::holding($radius, $puddle->meanMm(), self::CAPILLARY_MM)?->angleDeg, 1e-3);
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
            self::assertNull(Puddle::holding($radius, 1.01 * $before, self::CAPILLARY_MM));
            self::assertNull(Puddle::holding($radius, 0.99 * $before, self::CAPILLARY_MM, 125));
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
