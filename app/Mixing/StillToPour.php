<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Models\Pour;

/** How many pieces of each coat were not poured yet. What was taken off the bench before any of it was on its piece was not. */
final readonly class StillToPour
{
    /** @param  array<int, list<int|null>>  $pours  pieces of each pour by coat; null for all of them */
    private function __construct(private array $pours)
    {
    }

    public static function read(): self
    {
        $pours = [];
        // of many pours of one coat it is enough to know how many there were, and of how many pieces
        $grouped = Pour::query()->whereNotNull('coat_id')->where(static fn ($one) => $one->whereNotNull('poured_at')->orWhereNull('off_at'))->groupBy('coat_id', 'count')->selectRaw('coat_id, count, count(*) as times')->get();
        foreach ($grouped as $pour) {
            $pours[(int) $pour->coat_id] = [...$pours[(int) $pour->coat_id] ?? [], ...array_fill(0, is_numeric($times = $pour->getAttribute('times')) ? (int) $times : 0, $pour->count)];
        }

        return new self($pours);
    }

    /** Which of its lifts is poured next, from 1. */
    public function nextLift(Coat $coat, int $lifts): int
    {
        return 1 + count($this->pours[$coat->id] ?? []) % max(1, $lifts);
    }

    /** A coat in lifts is poured as often as it has lifts; any other once for each piece. */
    public function of(Coat $coat, int $lifts, int $all): int
    {
        $pours = $this->pours[$coat->id] ?? [];
        if ($lifts > 1) {
            return count($pours) < $lifts ? $all : 0;
        }

        return in_array(null, $pours, true) ? 0 : max(0, $all - (int) array_sum($pours));
    }
}
