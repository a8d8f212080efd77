<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Plan;
use App\Planning\CoatKeys;

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
        foreach ($plan->document->batches() as $batch) {
            if (in_array(CoatKeys::of($coat), $batch->coats(), true) && ! self::isPoured($plan, $batch->id(), $coat)) {
                return "/plans/{$plan->id}/batches/".rawurlencode($batch->id());
            }
        }

        return null;
    }

    /** What it has of this coat is on the piece already. */
    private static function isPoured(Plan $plan, string $batch, Coat $coat): bool
    {
        return Mixing::query()->where('plan_id', $plan->id)->where('batch_key', $batch)->whereHas('pours', fn ($pours) => $pours->where('coat_id', $coat->id)->whereNull('off_at'))->exists();
    }
}
