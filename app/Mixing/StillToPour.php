<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Models\Pour;
use OpenGlaze\Core\Coating\CoatResult;

/** How many pieces of each coat were not poured yet. */
final readonly class StillToPour
{
    /** @param  array<int, list<int|null>>  $pours  pieces of each pour by coat; null for all of them */
    private function __construct(private array $pours)
    {
    }

    public static function now(): self
    {
        $pours = [];
        foreach (Pour::query()->whereNotNull('coat_id')->get(['coat_id', 'count']) as $pour) {
            $pours[(int) $pour->coat_id][] = $pour->count;
        }

        return new self($pours);
    }

    /** A coat in lifts is poured as often as it has lifts; any other once for each piece. */
    public function of(Coat $coat, CoatResult $result): int
    {
        $pours = $this->pours[$coat->id] ?? [];
        $all = $result->case->piece->quantity;
        if (count($result->lifts) > 1) {
            return count($pours) < count($result->lifts) ? $all : 0;
        }

        return in_array(null, $pours, true) ? 0 : max(0, $all - (int) array_sum($pours));
    }
}
