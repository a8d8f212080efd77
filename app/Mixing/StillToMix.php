<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Mixing;
use App\Models\Plan;
use OpenGlaze\Core\Document\BatchEntry;

/** Tonight's batches that no cup was filled for yet. One that was put out, since it smoked or gelled, is mixed again. */
final class StillToMix
{
    /**
     * @param  list<BatchEntry>  $kept  of the plan, in their order
     * @return list<BatchEntry>
     */
    public static function among(array $kept, Plan $plan): array
    {
        $filled = Mixing::query()->where('plan_id', $plan->id)->whereNull('discarded_at')->where(static fn ($cup) => $cup->whereNotNull('mixed_at')->orWhere('in_use', true))->pluck('batch_key')->all();

        return array_values(array_filter($kept, static fn (BatchEntry $batch): bool => ! in_array($batch->id(), $filled, true)));
    }
}
