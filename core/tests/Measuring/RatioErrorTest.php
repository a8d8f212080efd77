<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Measuring;

use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\Mending;
use OpenGlaze\Core\Measuring\RatioError;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\TestCase;

final class RatioErrorTest extends TestCase
{
    use ChecksValues;

    public function test_the_check_cases_of_cups_one_cup_and_a_scale(): void
    {
        $cups = RatioError::of(20, 20, 5, MeasuredBy::Cups);
        self::assertClosed(28.57, (float) $cups->worstPct);
        self::assertClosed(20.41, (float) $cups->likelyPct);
        $one = RatioError::of(20, 20, 5, MeasuredBy::OneCup);
        self::assertClosed(50.00, (float) $one->worstPct);
        self::assertClosed(25.00, (float) $one->likelyPct);
        self::assertClosed(0.466, (float) RatioError::of(22.8, 20.4, 0.1, MeasuredBy::Scale)->worstPct);
    }

    public function test_no_reading_that_rounds_to_the_plan_is_further_off_than_the_worst(): void
    {
        mt_srand(4);
        foreach ([MeasuredBy::Cups, MeasuredBy::OneCup, MeasuredBy::Scale, MeasuredBy::ScaleUntared] as $by) {
            $error = RatioError::of(40, 20, 2, $by);
            $within = 0;
            $draws = 4000;
            for ($i = 0; $i < $draws; $i++) {
                $off = static fn (): float => 2 * (mt_rand() / mt_getrandmax() - 0.5);
                $first = $off();
                $second = $by->isByDifference() ? $off() - $off() : $off();
                $pct = abs(100 * ((40 + $first) / (20 + $second) / 2 - 1));
                self::assertLessThanOrEqual($error->worstPct + 1e-9, $pct);
                $within += $pct <= $error->likelyPct ? 1 : 0;
            }
            self::assertGreaterThan(0.94, $within / $draws, $by->value);
        }
    }

    public function test_a_scale_that_is_tared_is_never_worse_and_a_larger_batch_is_always_better(): void
    {
        $last = INF;
        foreach ([1, 2, 5, 10] as $times) {
            $tared = RatioError::of(10 * $times, 5 * $times, 1, MeasuredBy::Scale);
            self::assertLessThan(RatioError::of(10 * $times, 5 * $times, 1, MeasuredBy::ScaleUntared)->worstPct, $tared->worstPct);
            self::assertLessThan($last, $tared->worstPct);
            $last = $tared->worstPct;
        }
    }

    public function test_less_than_half_a_step_cannot_be_measured_and_less_than_a_step_not_by_difference(): void
    {
        self::assertNull(RatioError::of(5, 2.5, 5, MeasuredBy::Cups)->likelyPct);
        self::assertNotNull(RatioError::of(5.2, 2.6, 5, MeasuredBy::Cups)->likelyPct);
        $one = RatioError::of(10, 5, 5, MeasuredBy::OneCup);
        self::assertNull($one->likelyPct);
        self::assertSame(1.0, $one->measurableFrom);
        self::assertSame(INF, $one->factorWithin(5));
    }

    public function test_a_batch_grown_by_the_factor_is_within_the_tolerance(): void
    {
        $error = RatioError::of(20, 10, 1, MeasuredBy::Cups);
        $factor = $error->factorWithin(5);
        self::assertGreaterThan(1, $factor);
        self::assertEqualsWithDelta(5.0, RatioError::of(20 * $factor, 10 * $factor, 1, MeasuredBy::Cups)->likelyPct, 1e-9);
        self::assertSame(1.0, RatioError::of(2000, 1000, 1, MeasuredBy::Cups)->factorWithin(5));
    }

    public function test_too_much_of_one_part_is_followed_by_the_other_until_the_ratio_is_right(): void
    {
        $mending = Mending::of(200, 100, 220, 0);
        self::assertEqualsWithDelta(0, $mending->addA, 1e-9);
        self::assertEqualsWithDelta(110, $mending->addB, 1e-9);
        self::assertEqualsWithDelta(1.1, $mending->grown, 1e-9);
        mt_srand(7);
        for ($i = 0; $i < 200; $i++) {
            [$plannedA, $plannedB, $a, $b] = array_map(static fn (): float => 1 + mt_rand(0, 10000) / 10, [0, 0, 0, 0]);
            $mending = Mending::of($plannedA, $plannedB, $a, $b);
            self::assertEqualsWithDelta(0.0, Mending::offPct($plannedA, $plannedB, $a + $mending->addA, $b + $mending->addB), 1e-9);
            self::assertGreaterThanOrEqual($plannedA + $plannedB - 1e-9, $a + $mending->addA + $b + $mending->addB);
            self::assertEqualsWithDelta(0.0, min($mending->addA, $mending->addB, $mending->grown - 1), 1e-9, 'nothing is poured that need not be');
        }
        self::assertNull(Mending::offPct(2, 1, 10, 0));
    }
}
