<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Measuring;

use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\RatioError;
use OpenGlaze\Core\Measuring\RoundedParts;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\TestCase;

/** What is shown is what is measured: in whole steps, and in the ratio. */
final class RoundedPartsTest extends TestCase
{
    use ChecksValues;

    public function test_the_check_value(): void
    {
        $parts = RoundedParts::of(3.648 * 100 / 143, 3.648 * 43 / 143, 0.1);
        self::assertEqualsWithDelta([2.8, 1.2, 0.0033, 4.0], [$parts->a, $parts->b, $parts->offShare, $parts->total()], 5e-5);
        self::assertEqualsWithDelta(0.0965, $parts->grownShare, 1e-4);
        self::assertEqualsWithDelta(0.106, abs(1.0 / 2.6 / 0.43 - 1), 1e-3, 'as it stood before');
    }

    public function test_whatever_is_mixed_the_ratio_is_within_a_hundredth_wherever_ten_steps_allow_it(): void
    {
        mt_srand(23);
        for ($draw = 0; $draw < 3000; $draw++) {
            [$ratio, $a, $step] = [mt_rand(8, 130) / 100, exp(mt_rand(-100, 700) / 100), [0.01, 0.1, 1.0, 5.0][mt_rand(0, 3)]];
            $parts = RoundedParts::of($a, $a * $ratio, $step);
            self::assertEqualsWithDelta(round($parts->a / $step), $parts->a / $step, 1e-6);
            self::assertEqualsWithDelta(round($parts->b / $step), $parts->b / $step, 1e-6);
            self::assertEqualsWithDelta($parts->offShare, abs($parts->b / $parts->a / $ratio - 1), 1e-9);
            $first = max(1.0, round($a / $step));
            $best = min(array_map(static fn (int $more): float => abs(max(1.0, round(($first + $more) * $ratio)) / ($first + $more) / $ratio - 1), range(0, 10)));
            self::assertTrue($best > 0.01 ? abs($parts->offShare - $best) < 1e-9 : $parts->offShare <= 0.01 + 1e-9, "$a, $ratio, $step");
            self::assertGreaterThanOrEqual($a - $step / 2 - 1e-9, max($parts->a, $step));
            self::assertLessThanOrEqual(max($step, $a) + 10.5 * $step + 1e-9, $parts->a);
        }
    }

    public function test_equal_parts_are_shown_equal_in_every_step(): void
    {
        foreach ([0.03, 4.44, 8.79, 29.37, 99.6, 1234.5] as $ml) {
            foreach ([RoundedParts::STEP_G, RoundedParts::stepMl($ml), RoundedParts::stepFlOz($ml)] as $step) {
                $parts = RoundedParts::of($ml, $ml, $step);
                self::assertSame([$parts->a, 0.0], [$parts->b, $parts->offShare]);
            }
        }
        self::assertSame([0.1, 1.0, 0.01, 0.05], [RoundedParts::stepMl(49.9), RoundedParts::stepMl(50.0), RoundedParts::stepFlOz(1.99), RoundedParts::stepFlOz(2.0)]);
    }

    public function test_what_rounding_does_to_the_ratio_is_part_of_the_error(): void
    {
        $exact = RatioError::of(28.0, 12.04, 0.1, MeasuredBy::Scale);
        $rounded = RatioError::ofRounded(RoundedParts::of(2.551, 1.09693, 0.1), 0.1, MeasuredBy::Scale);
        self::assertSame([2.8, 1.2], [round($rounded->first, 6), round($rounded->second, 6)]);
        self::assertClosed(100 * (2.85 / 1.15 * 0.43 - 1), $rounded->worstPct);
        self::assertClosed(200 * sqrt((0.1 / sqrt(12) / 2.8) ** 2 + (0.1 / sqrt(12) / 1.2) ** 2) + 100 * abs(1.2 / 2.8 / 0.43 - 1), $rounded->likelyPct);
        self::assertLessThan($rounded->likelyPct, $exact->likelyPct);
    }

    public function test_the_worst_is_the_worse_of_both_ways_and_never_better_than_the_rounding_alone(): void
    {
        mt_srand(20261203);
        for ($i = 0; $i < 400; $i++) {
            $a = exp(mt_rand(0, 600) / 100);
            $parts = RoundedParts::of($a, $a * mt_rand(20, 150) / 100, 0.1);
            $off = $parts->b / $parts->a / $parts->ratio;
            $worst = RatioError::ofRounded($parts, 0.1, MeasuredBy::Scale)->worstPct;
            if ($worst !== null) {
                self::assertGreaterThan(100 * (max($off, 1 / $off) - 1), $worst, "$parts->a to $parts->b");
            }
        }
        $parts = RoundedParts::of(43.6, 43.6 * 0.87069, 0.1);
        $error = RatioError::ofRounded($parts, 0.1, MeasuredBy::Scale);
        self::assertSame([43.6, 38.0], [$parts->a, $parts->b]);
        self::assertGreaterThan($error->likelyPct, $error->worstPct, 'rounded upwards, more of it is the worse');
    }
}
