<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Models\Mixing;
use App\Models\Pour;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Spares;
use OpenGlaze\Core\Weighing\Weighing;
use OpenGlaze\Core\Weighing\WeighStep;

/** A mixing as its page shows it. */
final class MixingState
{
    /** @return array<string, mixed> */
    public static function of(Mixing $mixing, BatchResult $batch, Weighing $weighing): array
    {
        $surplus = $weighing->surplusMl();

        return [
            'id' => $mixing->id,
            'title' => $mixing->title,
            'batch' => $mixing->batch_key,
            'now' => (int) CarbonImmutable::now()->valueOf(),
            'steps' => array_map(static fn (WeighStep $step): array => [
                'id' => $step->id,
                'kind' => $step->kind->value,
                'what' => $step->what,
                'target_g' => $step->targetG,
                'got_g' => $step->gotG,
                'past_g' => $step->pastG(),
            ], $weighing->steps),
            'next' => $weighing->next()?->id,
            'measured' => $weighing->isMeasured(),
            'off_pct' => $weighing->offPct(),
            'tolerance_pct' => $batch->resin->ratioTolerancePct->value,
            'surplus_ml' => $surplus,
            'spares' => $surplus > 0 ? Spares::words($batch, $surplus) : null,
            'stirred_from' => $mixing->stirred_from === null ? null : (int) $mixing->stirred_from->valueOf(),
            'mixed_at' => $mixing->mixed_at === null ? null : (int) $mixing->mixed_at->valueOf(),
            'stir_min' => $batch->resin->mixMin?->value,
            'pours' => $mixing->pours()->whereNull('finished_at')->get()->map(fn (Pour $pour): array => ['id' => $pour->id, 'title' => $pour->title])->values()->all(),
        ];
    }
}
