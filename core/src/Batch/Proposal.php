<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\MixedIn;
use OpenGlaze\Core\Plan\Studio;

/**
 * Which coats share a cup, and in which order they are poured: as few batches as are emptied in time.
 *
 * A coat goes into one batch where it fits; else its pieces are split evenly over as few as it needs.
 */
final readonly class Proposal
{
    /**
     * @param  list<Batch>  $batches
     * @param  list<CoatResult>  $apart  of which not even one piece is poured in time from any vessel at hand
     */
    private function __construct(
        public array $batches,
        public array $apart,
    ) {
    }

    /**
     * @param  list<CoatResult>  $coats  to be poured, in their order
     * @param  list<Vessel>  $vessels  at hand; none for a cup as deep as it is wide
     * @param  array<string, int>  $counts  how many pieces of a coat are still to be poured, by its id, where not all
     * @param  array<string, int>  $lifts  which lift of a coat that has some is next, by its id, where not the first
     */
    public static function of(Studio $studio, array $coats, array $vessels = [], array $counts = [], array $lifts = []): self
    {
        [$groups, $apart, $allowances] = [[], [], []];
        foreach ($coats as $coat) {
            $lift = $coat->lifts === [] ? 1 : $lifts[$coat->case->coat->id] ?? 1;
            $mix = self::mixOf($coat, $lift);
            $allowance = $allowances[$mix] ??= new Allowance($studio, $coat->case, $vessels);
            $shares = self::shares($coat, $counts[$coat->case->coat->id] ?? $coat->case->piece->quantity, $lift, new Packing($allowance));
            if ($shares === []) {
                $apart[] = $coat;
            }
            foreach ($shares as $share) {
                $groups[$mix][] = $share;
            }
            $groups[$mix] ??= [];
        }
        $batches = [];
        foreach ($groups as $mix => $shares) {
            foreach ((new Packing($allowances[$mix]))->pack($shares) as $together) {
                $batches[] = self::batch(count($batches) + 1, Share::inPourOrder($together), $allowances[$mix]);
            }
        }

        return new self($batches, $apart);
    }

    /** What may share a cup: one resin in one ratio (polyester for another depth is another mix), in the same colours; lifts, one by one. */
    private static function mixOf(CoatResult $coat, int $lift): string
    {
        $colours = Colouring::coloursOf($coat);
        sort($colours);

        return implode("\n", [$coat->case->resin->id, $coat->case->mixture()->split(1.0)->aMl, $lift, ...$colours]);
    }

    /** @return list<Share> none when not even one piece fits */
    private static function shares(CoatResult $coat, int $all, int $lift, Packing $packing): array
    {
        [$most, $tooMany] = [0, $all + 1];
        while ($tooMany - $most > 1) {
            $count = $most === 0 && $tooMany > $all ? $all : intdiv($most + $tooMany, 2);
            $packing->fits([new Share($coat, $count, $lift)]) ? $most = $count : $tooMany = $count;
        }
        if ($most === 0) {
            return [];
        }
        $batches = (int) ceil($all / $most);

        return array_map(
            static fn (int $at): Share => new Share($coat, intdiv($all * ($at + 1), $batches) - intdiv($all * $at, $batches), $lift),
            range(0, $batches - 1),
        );
    }

    /** @param  non-empty-list<Share>  $shares */
    private static function batch(int $number, array $shares, Allowance $allowance): Batch
    {
        $counts = [];
        foreach ($shares as $share) {
            $counts[$share->coat->case->coat->id] = ($counts[$share->coat->case->coat->id] ?? 0) + $share->count;
        }

        return new Batch(
            "batch-$number",
            array_keys($counts),
            $counts,
            new MixedIn(1, $allowance->vesselFor(
                array_sum(array_map(static fn (Share $share): float => $share->pouredMl, $shares)),
                Timing::of($shares),
            ) ?? new UnknownCup),
            lift: $shares[0]->lift,
        );
    }
}
