<?php

declare(strict_types=1);

namespace App\Planning;

use App\Models\Coat;
use App\Models\Plan;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/**
 * How coats of all open plans are named in the one evening of the studio: those of its own plan by their key,
 * those of others with their plan before it, "2:flood".
 */
final class CoatKeys
{
    public static function of(Coat $coat): string
    {
        return self::name($coat->plan_id, $coat->key);
    }

    /** The name of anything of a plan, in the evening. */
    public static function name(int $planId, string $key): string
    {
        return $planId === Plan::ownId() ? $key : "$planId:$key";
    }

    /**
     * The coats of such names that are there, of pieces that were not taken away and plans that were not put away.
     *
     * @param  list<string>  $keys
     * @return Collection<int, Coat>
     */
    public static function find(array $keys): Collection
    {
        return self::query($keys)->with(['piece', 'resin'])->get();
    }

    /**
     * The pieces that those lie on.
     *
     * @param  list<string>  $keys
     * @return list<int>
     */
    public static function pieces(array $keys): array
    {
        return array_values(self::query($keys)->get(['piece_id'])->map(static fn (Coat $coat): int => $coat->piece_id)->unique()->all());
    }

    /**
     * @param  list<string>  $keys
     * @return Builder<Coat>
     */
    private static function query(array $keys): Builder
    {
        $own = Plan::ownId();
        $byPlan = [];
        foreach ($keys as $key) {
            [$plan, $name] = preg_match('/^(\d+):(.+)$/s', $key, $found) === 1 ? [(int) $found[1], $found[2]] : [$own, $key];
            $byPlan[$plan][] = $name;
        }

        return Coat::query()->where(function ($any) use ($byPlan): void {
            $any->whereRaw('0');
            foreach ($byPlan as $plan => $names) {
                $any->orWhere(fn ($those) => $those->where('coats.plan_id', $plan)->whereIn('coats.key', $names));
            }
        })->whereHas('piece', fn ($piece) => $piece->whereNull('deleted_at'))->whereIn('plan_id', Plan::open()->select('id'))->orderBy('plan_id')->orderBy('position');
    }
}
