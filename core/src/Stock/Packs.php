<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Stock;

/** Which packs to buy for what is planned: as little over as can be, then as few as can be. */
final class Packs
{
    /** More than so many sizes, or so many of one, nobody sells or carries. */
    private const MOST_SIZES = 6;

    private const MOST_OF_ONE = 60;

    /**
     * @param  float  $neededMl  0 or more
     * @param  list<float>  $sizesMl  each above 0
     * @return array<array-key, int> how many of each size, by the size in ml; empty when nothing is needed or sold
     */
    public static function of(float $neededMl, array $sizesMl): array
    {
        $sizes = array_slice(array_values(array_unique(array_filter($sizesMl, static fn (float $ml): bool => $ml > 0))), 0, self::MOST_SIZES);
        rsort($sizes);
        if ($neededMl <= 0 || $sizes === []) {
            return [];
        }
        $best = null;
        self::fill($neededMl, $sizes, [], $best);
        $packs = [];
        foreach ($best[2] ?? [] as $at => $count) {
            if ($count > 0) {
                $packs[(string) $sizes[$at]] = $count;
            }
        }

        return $packs;
    }

    /**
     * @param  list<float>  $sizes  falling
     * @param  list<int>  $counts  of the first of them
     * @param  array{float, int, list<int>}|null  $best  ml over, packs, counts
     */
    private static function fill(float $left, array $sizes, array $counts, ?array &$best): void
    {
        $at = count($counts);
        $most = max(0, (int) ceil($left / $sizes[$at] - 1e-9));
        if ($at === count($sizes) - 1) {
            $counts[] = $most;
            $over = $most * $sizes[$at] - $left;
            $packs = array_sum($counts);
            if ($best === null || $over < $best[0] - 1e-9 || ($over < $best[0] + 1e-9 && $packs < $best[1])) {
                $best = [$over, $packs, $counts];
            }

            return;
        }
        for ($count = min($most, self::MOST_OF_ONE); $count >= 0; $count--) {
            self::fill($left - $count * $sizes[$at], $sizes, [...$counts, $count], $best);
        }
    }
}
