<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Outline;

use OpenGlaze\Core\Outline\Circle;
use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Rectangle;
use OpenGlaze\Core\Outline\Side;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\TestCase;

final class OutlineTest extends TestCase
{
    public function test_a_circles_effective_radius_is_its_radius(): void
    {
        foreach ([0.1, 24.0, 900.0, 10_000.0] as $diameter) {
            self::assertEqualsWithDelta($diameter / 2, Circle::ofDiameter($diameter)->effectiveRadiusMm(), 1e-9);
            self::assertEqualsWithDelta(
                $diameter / 2,
                2 * Circle::ofDiameter($diameter)->areaMm2() / Circle::ofDiameter($diameter)->perimeterMm(),
                1e-9,
            );
        }
    }

    public function test_no_outline_holds_more_than_a_circle_of_the_same_edge(): void
    {
        foreach ([[10, 10], [620, 410], [1, 5000]] as [$width, $height]) {
            $rectangle = Rectangle::of($width, $height);
            $circle = Circle::ofDiameter($rectangle->perimeterMm() / M_PI);
            self::assertLessThan($circle->areaMm2(), $rectangle->areaMm2());
        }
    }

    public function test_area_grows_with_the_square_and_edge_with_the_length(): void
    {
        $pairs = [
            [Rectangle::of(620, 410), Rectangle::of(1240, 820)],
            [Circle::ofDiameter(300), Circle::ofDiameter(600)],
        ];
        foreach ($pairs as [$small, $large]) {
            self::assertInstanceOf(Outline::class, $small);
            self::assertEqualsWithDelta(4 * $small->areaMm2(), $large->areaMm2(), 1e-6);
            self::assertEqualsWithDelta(2 * $small->perimeterMm(), $large->perimeterMm(), 1e-9);
        }
    }

    public function test_the_four_sides_make_up_the_edge(): void
    {
        $rectangle = Rectangle::of(620, 410);
        $sum = array_sum(array_map($rectangle->sideMm(...), Side::cases()));
        self::assertEqualsWithDelta($rectangle->perimeterMm(), $sum, 1e-9);
    }

    public function test_what_cannot_be_is_refused_by_name(): void
    {
        foreach ([0.0, -4.0, NAN] as $bad) {
            try {
                Rectangle::of(10, $bad);
                self::fail('A height of '.$bad.' was taken.');
            } catch (OutlineException $exception) {
                self::assertStringContainsString('height', English::say($exception->said));
            }
        }
        $this->expectException(OutlineException::class);
        Circle::ofDiameter(10)->sideMm(Side::Top);
    }
}
