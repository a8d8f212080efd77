<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Stock;

use OpenGlaze\Core\Stock\Packs;
use PHPUnit\Framework\TestCase;

final class PacksTest extends TestCase
{
    public function test_as_little_over_as_can_be_then_as_few_as_can_be(): void
    {
        self::assertSame(['750' => 1, '500' => 1], Packs::of(1200, [500, 750, 1500]));
        self::assertSame(['1500' => 1], Packs::of(1500, [500, 750, 1500]));
        self::assertSame([], Packs::of(0, [500]));
        self::assertSame([], Packs::of(300, []));
    }

    public function test_it_is_enough_and_nothing_is_less_over(): void
    {
        mt_srand(11);
        for ($i = 0; $i < 200; $i++) {
            $needed = (float) mt_rand(1, 6000);
            $sizes = array_map(static fn (): float => 50.0 * mt_rand(2, 40), range(1, mt_rand(1, 3)));
            $bought = 0.0;
            foreach (Packs::of($needed, $sizes) as $ml => $count) {
                $bought += (float) $ml * $count;
            }
            self::assertGreaterThanOrEqual($needed - 1e-6, $bought);
            self::assertEqualsWithDelta($this->least($needed, $sizes), $bought, 1e-6, json_encode([$needed, $sizes]) ?: '');
        }
    }

    /**
     * The least amount that is enough, by trying every sum.
     *
     * @param  list<float>  $sizes
     */
    private function least(float $needed, array $sizes): float
    {
        $reached = [0 => true];
        $most = (int) ceil(($needed + max($sizes)) / 50);
        for ($sum = 0; $sum <= $most; $sum++) {
            foreach ($sizes as $size) {
                if (isset($reached[$sum])) {
                    $reached[$sum + (int) round($size / 50)] = true;
                }
            }
        }
        ksort($reached);
        foreach (array_keys($reached) as $sum) {
            if ($sum * 50 >= $needed) {
                return $sum * 50.0;
            }
        }

        return INF;
    }
}
