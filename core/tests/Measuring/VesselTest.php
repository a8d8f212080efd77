<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Measuring;

use OpenGlaze\Core\Measuring\FillLines;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Measuring\VesselException;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class VesselTest extends TestCase
{
    use ChecksValues;

    public function test_the_check_case_of_a_floor_that_is_half_a_ball(): void
    {
        self::assertEqualsWithDelta(12.3, Vessel::of(50, 50, 80, 25)->heightOfMm(10), 0.05);
        self::assertEqualsWithDelta(5.1, Vessel::straight(50, 80)->heightOfMm(10), 0.05);
    }

    /** @return iterable<string, array{Vessel}> */
    public static function vessels(): iterable
    {
        yield 'straight' => [Vessel::straight(70, 90)];
        yield 'opening' => [Vessel::of(55, 80, 95)];
        yield 'closing' => [Vessel::of(90, 60, 70)];
        yield 'rounded' => [Vessel::of(60, 70, 80, 8)];
        yield 'closing and rounded' => [Vessel::of(80, 70, 60, 12)];
        yield 'half a ball' => [Vessel::of(50, 50, 80, 25)];
        yield 'a bowl' => [Vessel::of(30, 60, 40, 20)];
    }

    #[DataProvider('vessels')]
    public function test_volume_is_the_sum_of_its_slices(Vessel $vessel): void
    {
        $slices = 20_000;
        $thick = $vessel->heightMm / $slices;
        $ml = 0.0;
        for ($i = 0; $i < $slices; $i++) {
            $ml += $vessel->sectionMm2(($i + 0.5) * $thick) * $thick / 1000;
        }
        self::assertEqualsWithDelta(1.0, $vessel->capacityMl() / $ml, 1e-5);
    }

    #[DataProvider('vessels')]
    public function test_the_wetted_wall_is_the_sum_of_its_rings(Vessel $vessel): void
    {
        $rings = 40_000;
        $height = $vessel->heightMm * 0.8;
        $area = M_PI * $vessel->radiusMm(0) ** 2;
        for ($i = 0; $i < $rings; $i++) {
            [$low, $high] = [$vessel->radiusMm($height * $i / $rings), $vessel->radiusMm($height * ($i + 1) / $rings)];
            $area += M_PI * ($low + $high) * hypot($high - $low, $height / $rings);
        }
        self::assertEqualsWithDelta(1.0, $vessel->wallMm2($height) / $area, 1e-4);
    }

    #[DataProvider('vessels')]
    public function test_a_height_found_for_an_amount_holds_that_amount_and_more_stands_higher(Vessel $vessel): void
    {
        $last = 0.0;
        foreach ([0.001, 0.02, 0.1, 0.3, 0.5, 0.75, 0.99, 1.0] as $share) {
            $ml = $vessel->capacityMl() * $share;
            $height = $vessel->heightOfMm($ml);
            self::assertEqualsWithDelta($ml, $vessel->volumeMl($height), 1e-6);
            self::assertGreaterThan($last, $height);
            $last = $height;
        }
        self::assertSame(0.0, $vessel->volumeMl(0.0));
        self::assertSame(0.0, $vessel->heightOfMm(0.0));
    }

    public function test_what_does_not_go_in_is_said(): void
    {
        self::assertStringContainsString('ml do not go into a vessel of', English::refusal(static fn () => Vessel::straight(50, 40)->heightOfMm(100)));
    }

    public function test_a_floor_rounder_than_half_a_ball_and_a_length_of_nothing_are_refused(): void
    {
        foreach ([[50, 50, 80, 26], [50, 50, 20, 25], [0, 50, 80, 0], [50, 50, -1, 0], [50, 50, 80, -1]] as [$bottom, $top, $height, $floor]) {
            try {
                Vessel::of($bottom, $top, $height, $floor);
                self::fail("{$bottom} {$top} {$height} {$floor} was taken.");
            } catch (VesselException $exception) {
                self::assertNotSame('', English::say($exception->said));
            }
        }
    }

    public function test_the_check_case_of_pen_lines_and_that_both_lines_hold_their_parts(): void
    {
        $cup = Vessel::straight(70, 100);
        self::assertClosed(3.848, $cup->sectionMm2(20) / 1000);
        $lines = FillLines::of($cup, 100, 50);
        self::assertEqualsWithDelta(100, $cup->volumeMl($lines->firstMm), 1e-6);
        self::assertEqualsWithDelta(150, $cup->volumeMl($lines->bothMm), 1e-6);
        self::assertNotNull($lines->error->likelyPct);
        $narrow = FillLines::of(Vessel::straight(50, 100), 100, 50);
        self::assertLessThan($lines->error->likelyPct, $narrow->error->likelyPct, 'a narrower cup is the finer measure');
    }
}
