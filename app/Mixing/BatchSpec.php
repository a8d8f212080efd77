<?php

declare(strict_types=1);

namespace App\Mixing;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Measuring\EqualFills;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\MeasuringTools;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\ColourCup;
use OpenGlaze\Core\Plan\ResinSheet;

/** A proposed batch as the plan file writes it. */
final class BatchSpec
{
    /**
     * @param  non-empty-list<CoatResult>  $coats  of the batch
     * @param  string|null  $vessel  that it is mixed in
     * @param  list<ColourCup>  $colours
     * @param  MeasuredBy|null  $usual  how this studio measures, where it has said so
     */
    public static function of(string $id, Batch $batch, array $coats, ?string $vessel, array $colours, ?MeasuredBy $usual): BatchEntry
    {
        $counts = [];
        foreach ($coats as $coat) {
            $count = $batch->counts[$coat->case->coat->id] ?? null;
            if ($count !== null && $count !== $coat->case->piece->quantity) {
                $counts[$coat->case->coat->id] = $count;
            }
        }

        return BatchEntry::from([
            'id' => $id,
            'coats' => $batch->coatIds,
            ...$counts === [] ? [] : ['counts' => Entry::from($counts)],
            ...$batch->lift > 1 ? ['lift' => $batch->lift] : [],
            ...$vessel === null ? [] : ['vessel' => $vessel],
            'measure' => self::measure($coats[0]->case->resin, $usual),
            ...$colours === [] ? [] : ['colours' => array_map(self::cup(...), $colours)],
        ]);
    }

    /** As the studio measures, or weighed; by the marks of cups where its densities are only typical, or its label gives none of part B. */
    public static function measure(ResinSheet $resin, ?MeasuredBy $usual): Entry
    {
        $by = $usual ?? MeasuredBy::Scale;
        if (! $by->isByVolume() && ($resin->weighedOffPct() > 0 || $resin->parts->densityBGMl === null)) {
            $by = MeasuredBy::Cups;
        }

        return Entry::from(match ($by) {
            MeasuredBy::PenLines => ['by' => $by->value],
            MeasuredBy::Fills => ['by' => $by->value, 'fill_ml' => EqualFills::USUAL_ML, 'graduation_ml' => EqualFills::USUAL_STEP_ML],
            MeasuredBy::Cups, MeasuredBy::OneCup => ['by' => $by->value, 'graduation_ml' => MeasuringTools::GRADUATION_ML],
            MeasuredBy::Scale, MeasuredBy::ScaleUntared => ['by' => $by->value, 'resolution_g' => MeasuringTools::RESOLUTION_G],
        });
    }

    private static function cup(ColourCup $cup): Entry
    {
        return Entry::from([
            ...is_string($cup->name) ? ['name' => $cup->name] : [],
            'share_pct' => $cup->sharePct,
            ...$cup->colour->recipeId === null ? ['doses' => []] : ['recipe' => $cup->colour->recipeId],
            ...$cup->coatIds === null ? [] : ['coats' => $cup->coatIds],
        ]);
    }
}
