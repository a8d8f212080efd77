<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Measuring;

use OpenGlaze\Core\Measuring\EqualFills;
use OpenGlaze\Core\Measuring\RatioError;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Mix\Ratio;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EqualFillsTest extends TestCase
{
    use ChecksValues;

    #[TestWith([2, 1, 300.0, 60.0, 4, 2, 50.0])]
    #[TestWith([1, 1, 40.0, 50.0, 1, 1, 20.0])]
    #[TestWith([3, 2, 500.0, 50.0, 6, 4, 50.0])]
    #[TestWith([1, 4, 100.0, 30.0, 1, 4, 20.0])]
    public function test_the_fewest_fills_that_the_small_cup_takes(float $a, float $b, float $ml, float $cupMl, int $fillsA, int $fillsB, float $each): void
    {
        $fills = EqualFills::of(self::mix($a, $b, $ml), $cupMl);
        self::assertSame([$fillsA, $fillsB], [$fills?->a, $fills?->b]);
        self::assertClosed($each, (float) $fills?->ml);
    }

    public function test_together_they_are_the_mix_and_none_is_larger_than_its_cup(): void
    {
        foreach ([[1, 1], [2, 1], [3, 1], [3, 2], [5, 4], [10, 1], [1, 3]] as [$a, $b]) {
            foreach ([3.0, 47.0, 600.0, 9000.0] as $ml) {
                foreach ([5.0, 30.0, 200.0] as $cupMl) {
                    $mix = self::mix($a, $b, $ml);
                    $fills = EqualFills::of($mix, $cupMl) ?? self::fail("$a : $b");
                    self::assertEqualsWithDelta([$mix->aMl, $mix->bMl], [$fills->a * $fills->ml, $fills->b * $fills->ml], 1e-9 * $ml);
                    self::assertLessThanOrEqual($cupMl * 1.002, $fills->ml);
                    self::assertGreaterThan($cupMl, $mix->totalMl() / ($fills->a + $fills->b - $a - $b ?: 0.001), 'one round less would not go in');
                }
            }
        }
    }

    #[TestWith([1.83, 1.0])]
    #[TestWith([11, 1])]
    #[TestWith([100, 45])]
    public function test_other_ratios_are_not_measured_so(float $a, float $b): void
    {
        self::assertNull(EqualFills::of(self::mix($a, $b, 100.0), 50.0));
    }

    public function test_no_fills_that_meet_their_line_are_further_off_than_the_worst_and_most_are_within_the_likely(): void
    {
        mt_srand(8);
        $error = RatioError::ofFills(50.0, 5.0, 4, 2);
        // 4 · 2.5 of 200 too much and 2 · 2.5 of 100 too little
        self::assertClosed(100 * (210 / 95 / 2 - 1), $error->worstPct);
        $within = 0;
        for ($draw = 0; $draw < 4000; $draw++) {
            $filled = static function (int $times): float {
                $ml = 0.0;
                for ($fill = 0; $fill < $times; $fill++) {
                    $ml += 50.0 + 5.0 * (mt_rand() / mt_getrandmax() - 0.5);
                }

                return $ml;
            };
            $off = abs(100 * ($filled(4) / $filled(2) / 2 - 1));
            self::assertLessThanOrEqual($error->worstPct, $off);
            $within += $off <= $error->likelyPct ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.955, $within / 4000, 0.02);
    }

    public function test_a_larger_fill_is_measured_better_and_one_pour_of_each_as_two_cups(): void
    {
        self::assertLessThan(RatioError::ofFills(25.0, 5.0, 8, 4)->likelyPct, RatioError::ofFills(50.0, 5.0, 4, 2)->likelyPct);
        self::assertEqualsWithDelta(20.41, RatioError::ofFills(20.0, 5.0, 1, 1)->likelyPct, 0.005);
    }

    private static function mix(float $a, float $b, float $ml): Portions
    {
        return Mixture::of(Ratio::byVolume($a, $b), 1.1, 1.0)->split($ml);
    }
}
