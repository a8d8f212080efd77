<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

/**
 * Puts shares into as few batches as it finds: the fewest there are for a handful of shares, else the best of
 * first fit in the given order, by time and by amount.
 *
 * Source: bin packing; the handful by dynamic programming over subsets.
 */
final readonly class Packing
{
    /** So many batches at a time are looked at for room. */
    private const MOST_OPEN = 400;

    /** Up to so many shares every way is looked at. */
    private const HANDFUL = 9;

    public function __construct(private Allowance $allowance)
    {
    }

    /**
     * @param  list<Share>  $shares  each of which goes into a batch of its own
     * @return list<non-empty-list<Share>>
     */
    public function pack(array $shares): array
    {
        $best = $this->firstFit($shares);
        foreach ([static fn (Share $share): float => $share->layingMin(), static fn (Share $share): float => $share->pouredMl] as $measure) {
            $falling = $shares;
            usort($falling, static fn (Share $a, Share $b): int => $measure($b) <=> $measure($a));
            $other = $this->firstFit($falling);
            $best = count($other) < count($best) ? $other : $best;
        }

        return count($best) > 1 && count($shares) <= self::HANDFUL ? $this->fewest($shares, $best) : $best;
    }

    /**
     * Each into the first batch that takes it. One that would not take even the least of them is looked at no
     * more, and of many that would only the last.
     *
     * @param  list<Share>  $shares
     * @return list<non-empty-list<Share>>
     */
    private function firstFit(array $shares): array
    {
        if ($shares === []) {
            return [];
        }
        $least = $shares[0];
        foreach ($shares as $share) {
            $least = $share->layingMin() < $least->layingMin() ? $share : $least;
        }
        $batches = $open = [];
        foreach ($shares as $share) {
            foreach ($open as $at => $together) {
                if (! $this->fits([...$together, $share])) {
                    continue;
                }
                $batches[$at][] = $share;
                $open[$at][] = $share;
                if (! $this->fits([...$open[$at], $least])) {
                    unset($open[$at]);
                }

                continue 2;
            }
            $open[count($batches)] = [$share];
            $batches[] = [$share];
            if (count($open) > self::MOST_OPEN) {
                unset($open[array_key_first($open)]);
            }
        }

        return array_values($batches);
    }

    /**
     * @param  list<Share>  $shares
     * @param  list<non-empty-list<Share>>  $best  so far
     * @return list<non-empty-list<Share>>
     */
    private function fewest(array $shares, array $best): array
    {
        $all = (1 << count($shares)) - 1;
        $together = [];
        for ($set = 1; $set <= $all; $set++) {
            $some = $this->of($shares, $set);
            $together[$set] = $some !== [] && $this->fits($some);
        }
        [$count, $last] = [[0 => 0], []];
        for ($set = 1; $set <= $all; $set++) {
            $count[$set] = PHP_INT_MAX;
            // the lowest share that is left goes into the batch that is looked at: each way is met once
            $lowest = $set & -$set;
            for ($batch = $set; $batch > 0; $batch = ($batch - 1) & $set) {
                if (($batch & $lowest) !== 0 && $together[$batch] && $count[$set] > $count[$set ^ $batch] + 1) {
                    [$count[$set], $last[$set]] = [$count[$set ^ $batch] + 1, $batch];
                }
            }
        }
        if ($count[$all] >= count($best)) {
            return $best;
        }
        $batches = [];
        for ($set = $all; $set > 0; $set ^= $last[$set]) {
            $batch = $this->of($shares, $last[$set]);
            if ($batch !== []) {
                $batches[] = $batch;
            }
        }

        return $batches;
    }

    /**
     * @param  list<Share>  $shares
     * @return list<Share>
     */
    private function of(array $shares, int $set): array
    {
        return array_values(array_filter($shares, static fn (int $at): bool => ($set >> $at & 1) === 1, ARRAY_FILTER_USE_KEY));
    }

    /**
     * Whether one of them would be poured on another.
     *
     * @param  non-empty-list<Share>  $shares
     */
    private static function liesOnWhatIsWet(array $shares): bool
    {
        $layers = [];
        foreach ($shares as $share) {
            $case = $share->coat->case;
            if (($layers[$case->piece->id] ??= $case->ground->layer) !== $case->ground->layer) {
                return true;
            }
        }

        return false;
    }

    /** @param  non-empty-list<Share>  $shares */
    public function fits(array $shares): bool
    {
        return ! self::liesOnWhatIsWet($shares) && $this->allowance->lasts(
            array_sum(array_map(static fn (Share $share): float => $share->pouredMl, $shares)),
            Timing::of(Share::inPourOrder($shares)),
        );
    }
}
