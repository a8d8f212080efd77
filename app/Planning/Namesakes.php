<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Piece;
use Illuminate\Support\Facades\DB;

/** Pieces of one plan that bear one name: each is told by its number then. */
final class Namesakes
{
    /**
     * Which of these pieces have a namesake in their plan, among these or not.
     *
     * @param  iterable<Piece>  $pieces
     * @return array<int, true> by the piece's number
     */
    public static function among(iterable $pieces): array
    {
        $names = $plans = [];
        foreach ($pieces as $piece) {
            $names[$piece->id] = [$piece->plan_id, $piece->name()];
            $plans[$piece->plan_id] = true;
        }
        if ($names === []) {
            return [];
        }
        $called = "json_extract(spec, '\$.name')";
        $twice = DB::table('pieces')->whereNull('deleted_at')->whereIn('plan_id', array_keys($plans))
            ->groupBy('plan_id', DB::raw($called))->havingRaw('count(*) > 1')
            ->selectRaw("plan_id || ' ' || $called as named")->pluck('named')->flip();
        $found = [];
        foreach ($names as $id => [$plan, $name]) {
            if (isset($twice["$plan $name"])) {
                $found[$id] = true;
            }
        }

        return $found;
    }

    /** What a piece is called where others of its name may stand beside it. */
    public static function told(Piece $piece, bool $hasNamesake): string
    {
        return $hasNamesake ? "{$piece->name()} ({$piece->id})" : $piece->name();
    }
}
