<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Plan;
use App\PlanFile\Dig;
use App\Planning\CoatKeys;
use stdClass;

/** The cups that lead from one coat's mix sheet to its piece. */
final class Cups
{
    /**
     * Its own, with something in it, and not poured yet.
     *
     * @return array{id: string, mixed: bool}|null
     */
    public static function alone(Coat $coat): ?array
    {
        $cup = Mixing::query()->where('batch_key', CoatAlone::key($coat))->where('in_use', true)->whereNull('discarded_at')->whereDoesntHave('pours')->latest('begun_at')->first();

        return $cup === null ? null : ['id' => $cup->id, 'mixed' => $cup->mixed_at !== null];
    }

    /** Where it shares a cup with others tonight; null where it does not, or is poured from it already. */
    public static function tonight(Coat $coat): ?string
    {
        $plan = Plan::own();
        foreach (Dig::objects($plan->document, 'batches') as $batch) {
            if (self::holds($batch, CoatKeys::of($coat)) && ! self::isPoured($plan, Dig::text($batch, 'id') ?? '', $coat)) {
                return "/plans/{$plan->id}/batches/".rawurlencode(Dig::text($batch, 'id') ?? '');
            }
        }

        return null;
    }

    /** What it has of this coat is on the piece already. */
    private static function isPoured(Plan $plan, string $batch, Coat $coat): bool
    {
        return Mixing::query()->where('plan_id', $plan->id)->where('batch_key', $batch)->whereHas('pours', fn ($pours) => $pours->where('coat_id', $coat->id)->whereNull('off_at'))->exists();
    }

    private static function holds(stdClass $batch, string $key): bool
    {
        return is_array($batch->coats ?? null) && in_array($key, $batch->coats, true);
    }
}
