<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Moment;
use App\Models\Mixing;
use App\Models\Pour;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Batch\Spares;
use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Weighing\Mark;
use OpenGlaze\Core\Weighing\WeighStep;

/** A mixing as its page shows it. */
final class MixingState
{
    /** @return array<string, mixed> */
    public static function of(Mixing $mixing, CupReader $cups, Person $person, CarbonImmutable $now): array
    {
        $evening = $cups->evening($mixing);
        $batch = $evening->batches[0];
        $weighing = $cups->weighing($batch, $mixing->weighed);
        $surplus = $weighing->surplusMl();
        $potLife = $mixing->result()->potLifeMin();

        return [
            'id' => $mixing->id,
            'title' => $mixing->title,
            'planned_at' => self::plannedAt($mixing),
            'by_volume' => $batch->batch->measure->by?->isByVolume() === true,
            'now' => Moment::ms($now),
            'steps' => array_map(static fn (WeighStep $step): array => [
                'id' => $step->id,
                'kind' => $step->kind->value,
                'what' => $person->say($step->what),
                'target_g' => $step->targetG,
                'got_g' => $step->gotG,
                'past_g' => $step->pastG(),
                'g_ml' => $step->densityGMl,
                'counted' => $step->counted === null ? null : ['amount' => $step->counted->amount, 'unit' => $step->counted->unit->value],
                'short' => $step->isShort,
                'mark' => self::mark(Mark::of($batch, $weighing->steps, $step)),
            ], $weighing->steps),
            'next' => $weighing->next()?->id,
            'measured' => $weighing->isMeasured(),
            'off_pct' => $weighing->offPct(),
            'tolerance_pct' => $batch->resin->limits->ratioTolerancePct->value,
            'surplus_ml' => $surplus,
            'spares' => $surplus > 0 ? self::spares($batch, $surplus, $person) : null,
            'last_reading' => $mixing->last_reading,
            'stirred_from' => Moment::ms($mixing->stirred_from),
            'first_stirred_at' => Moment::ms($mixing->first_stirred_at),
            'second_cup_ml' => Residue::ml($batch->batch->in->cup, $batch->mixed->portions->totalMl() / $batch->batch->in->cups, $evening->plan->studio->hands->residueFilmMm->value) * $batch->batch->in->cups,
            'mixed_at' => Moment::ms($mixing->mixed_at),
            'mixed_event' => $mixing->mixed_event,
            'discarded_at' => Moment::ms($mixing->discarded_at),
            // without a recoat time it cannot be worked out for this cup: as the label prints it
            'pot_life_min' => $potLife ?? $batch->resin->times->potLifeMin?->value,
            'pot_life_of_label' => $batch->standing->heatKjKg === null,
            'stir_min' => $batch->resin->times->mixMin->value ?? Hands::STIR_MIN,
            'stir_is_assumed' => $batch->resin->times->mixMin === null,
            'pours' => $mixing->pours()->whereNull('off_at')->get()->map(fn (Pour $pour): array => ['id' => $pour->id, 'title' => $pour->title])->values()->all(),
        ];
    }

    /** @return array<string, mixed>|null */
    private static function mark(?Mark $mark): ?array
    {
        return $mark === null ? null : ['up_to_ml' => $mark->upToMl, 'up_to_mm' => $mark->upToMm, 'fills' => $mark->fills, 'fill_ml' => $mark->fillMl];
    }

    /** The page that this cup was begun from. */
    private static function plannedAt(Mixing $mixing): string
    {
        $coat = CoatAlone::coatId($mixing->batch_key);

        return $coat === null ? "/plans/{$mixing->plan_id}/batches/{$mixing->batch_key}" : "/coats/$coat/mix";
    }

    private static function spares(BatchResult $batch, float $surplusMl, Speaker $say): ?string
    {
        $spares = Spares::named($batch, $surplusMl);

        return $spares === [] ? null : $say->say(Message::of('batches.spares', more: Listed::orOf($spares)));
    }
}
