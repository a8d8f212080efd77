<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Outline;

use OpenGlaze\Core\Outline\Inset;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Outlines;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class InsetTest extends TestCase
{
    public function test_a_template_is_smaller_all_round_and_its_holes_are_larger(): void
    {
        $area = static fn ($outline, float $by): float => Outlines::path(Inset::pathData($outline, $by))->areaMm2();
        self::assertEqualsWithDelta(98 * 58, $area(Outlines::rectangle(100, 60), 1), 1e-2);
        self::assertEqualsWithDelta(M_PI * 49 ** 2, $area(Outlines::ellipse(100, 100), 1), 10);
        self::assertEqualsWithDelta(M_PI * 4 ** 2, $area(Outlines::ellipse(10, 10), 1), 0.2, 'drawn in steps of less than 1 mm');
        self::assertEqualsWithDelta(M_PI * (49 ** 2 - 11 ** 2), $area(Outlines::ring(100, 20), 1), 10);
        self::assertEqualsWithDelta(2 * 92, $area(Outlines::rectangle(100, 10), 4), 1e-2, 'as long as something is left');
        $round = Outlines::rectangle(100, 60, 10);
        self::assertEqualsWithDelta($round->areaMm2(), $area($round, 0), 2);
        self::assertEqualsWithDelta(98 * 58 - (4 - M_PI) * 81, $area($round, 1), 3);
    }

    #[TestWith([10.0, 3.0, 1.5])]
    #[TestWith([100.0, 40.0, 25.0])]
    #[TestWith([40.0, 100.0, 25.0])]
    #[TestWith([100.0, 0.8, 0.45])]
    public function test_nothing_is_left_of_what_is_too_small(float $width, float $height, float $by): void
    {
        $this->expectException(OutlineException::class);
        Inset::pathData(Outlines::rectangle($width, $height), $by);
    }

    public function test_a_nook_that_would_close_is_refused(): void
    {
        $this->expectException(OutlineException::class);
        Inset::pathData(Outlines::path('M0 0H40V40H22V20H21.5V40H0Z'), -1);
    }

    /** The corner of a needle would move in without end: it moves at most four times as far as its sides. */
    public function test_a_sharp_corner_moves_in_at_most_four_times_as_far(): void
    {
        foreach ([[60.0, 2.0], [20.0, 3.9], [5.0, 4.0], [2.0, 4.0]] as [$degrees, $times]) {
            $half = tan(deg2rad($degrees) / 2) * 200;
            $height = Outlines::path(Inset::pathData(Outlines::path(sprintf('M0 0L200 %F V%F Z', -$half, $half)), 0.5))->boxWidthMm();
            self::assertEqualsWithDelta(min(4.0, 1 / sin(deg2rad($degrees) / 2)) * 0.5 + 0.5, 200 - $height, 0.01, "$degrees degrees");
        }
    }
}
