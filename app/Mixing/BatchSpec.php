<?php

declare(strict_types=1);

namespace App\Mixing;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\WayToMeasure;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\ColourCup;
use OpenGlaze\Core\Plan\ResinSheet;
use OpenGlaze\Core\Plan\VesselSheet;
use stdClass;

/** A proposed batch as the plan file writes it. */
final class BatchSpec
{
    /**
     * @param  non-empty-list<CoatResult>  $coats  of the batch
     * @param  array<string, VesselSheet>  $vessels
     * @param  list<ColourCup>  $colours
     */
    public static function of(Batch $batch, array $coats, array $vessels, array $colours): stdClass
    {
        $spec = (object) ['id' => $batch->id, 'coats' => $batch->coatIds];
        $counts = [];
        foreach ($coats as $coat) {
            $count = $batch->counts[$coat->case->coat->id] ?? null;
            if ($count !== null && $count !== $coat->case->piece->quantity) {
                $counts[$coat->case->coat->id] = $count;
            }
        }
        if ($counts !== []) {
            $spec->counts = (object) $counts;
        }
        if ($batch->lift > 1) {
            $spec->lift = $batch->lift;
        }
        foreach ($vessels as $vessel) {
            if ($vessel->shape === $batch->cup) {
                $spec->vessel = $vessel->id;
            }
        }
        $spec->measure = self::measure($coats[0]->case->resin);
        if ($colours !== []) {
            $spec->colours = array_map(self::cup(...), $colours);
        }

        return $spec;
    }

    /** Weighed, unless its densities are only typical or its label gives none of part B. */
    public static function measure(ResinSheet $resin): stdClass
    {
        return $resin->weighedOffPct() > 0 || $resin->densityBGMl === null
            ? (object) ['by' => MeasuredBy::Cups->value, 'graduation_ml' => WayToMeasure::USUAL_GRADUATION_ML]
            : (object) ['by' => MeasuredBy::Scale->value, 'resolution_g' => WayToMeasure::USUAL_RESOLUTION_G];
    }

    private static function cup(ColourCup $cup): stdClass
    {
        $spec = (object) ['name' => $cup->name, 'share_pct' => $cup->sharePct];
        if ($cup->recipeId !== null) {
            $spec->recipe = $cup->recipeId;
        } else {
            $spec->doses = [];
        }
        if ($cup->coatIds !== null) {
            $spec->coats = $cup->coatIds;
        }

        return $spec;
    }
}
