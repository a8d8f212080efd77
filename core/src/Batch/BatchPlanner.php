<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Batch;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Heat\ResinInCup;
use OpenGlaze\Core\Measuring\EqualFills;
use OpenGlaze\Core\Measuring\FillLines;
use OpenGlaze\Core\Measuring\Markable;
use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\RatioError;
use OpenGlaze\Core\Measuring\Residue;
use OpenGlaze\Core\Measuring\RoundedParts;
use OpenGlaze\Core\Measuring\VesselException;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Plan\Batch;
use OpenGlaze\Core\Plan\ColourCup;
use OpenGlaze\Core\Plan\Faults;
use OpenGlaze\Core\Plan\PartName;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\Studio;

/**
 * Computes batches: what its coats take without their own residue and margin, what its own cups keep, the
 * margin on all of it; then how it warms and ages until it is emptied.
 *
 * A coat that is poured in lifts is mixed lift by lift. Of several equal cups heat, capacity and the error of
 * measuring are those of one.
 */
final readonly class BatchPlanner
{
    /**
     * @param  list<CoatResult>  $coats  all coats of the plan
     * @param  string|null  $only  id of the one batch whose heat is followed; of the others amounts and colours are enough
     * @return list<BatchResult> in the plan's order
     *
     * @throws PlanException when a batch cannot be mixed so, with its pointer
     */
    public function plan(Plan $plan, array $coats, ?string $only = null): array
    {
        $byId = [];
        foreach ($coats as $coat) {
            $byId[$coat->case->coat->id] = $coat;
        }
        $faults = new Faults;
        $grounds = Grounds::of($coats);
        $results = [];
        foreach ($plan->batches as $index => $batch) {
            $own = array_map(static fn (string $id): CoatResult => $byId[$id], $batch->coatIds);
            foreach ($own as $at => $coat) {
                if ($coat->lifts !== [] && $batch->lift > count($coat->lifts)) {
                    $faults->add("/batches/$index/lift", Message::of('plan.lifts', coat: $coat->case->coat->id, count: count($coat->lifts)));
                }
                if (abs($coat->case->mixture()->split(1.0)->aMl - $own[0]->case->mixture()->split(1.0)->aMl) > 1e-9) {
                    $faults->add("/batches/$index/coats/$at", Message::of('plan.other_catalyst'));
                }
            }
            if ($batch->measure->by === MeasuredBy::Fills && EqualFills::of($own[0]->case->mixture()->split(1.0), EqualFills::USUAL_ML) === null) {
                $faults->add("/batches/$index/measure/by", Message::of('plan.equal_fills'));
            }
            try {
                $results[] = $this->compute($plan->studio, $batch, $own, $grounds, $only === null || $batch->id === $only);
            } catch (VesselException $exception) {
                $faults->add("/batches/$index/".'vessel', $exception->said);
            }
        }
        $faults->throwIfAny();

        return $results;
    }

    /**
     * @param  non-empty-list<CoatResult>  $coats  in the order in which they are poured
     * @param  bool  $followed  whether its heat is followed; without that it has no run
     *
     * @throws VesselException when its vessel is too small
     */
    public function compute(Studio $studio, Batch $batch, array $coats, ?Grounds $grounds = null, bool $followed = true): BatchResult
    {
        $case = $coats[0]->case;
        $shares = array_map(static fn (CoatResult $coat): Share => new Share($coat, $batch->counts[$coat->case->coat->id] ?? $coat->case->piece->quantity, $batch->lift), $coats);
        $poured = array_sum(array_map(static fn (Share $share): float => $share->pouredMl, $shares));
        $timing = Timing::of($shares, $batch->pouring, Colouring::count($batch, $coats));
        $each = $batch->in->residueMlPerCup?->value;
        $residue = $batch->in->cups * ($each ?? Residue::ml($batch->in->cup, $poured / $batch->in->cups, $studio->hands->residueFilmMm->value))
            + array_sum(array_map(static fn (ColourCup $cup): float => Colouring::residueMl($cup, self::resinIn($cup, $poured), $studio, $each), $batch->stirredIn->colours));
        $margin = ($poured + $residue) * $studio->hands->marginPct->value / 100;
        $mix = $case->mixture()->split($poured + $residue + $margin);
        $emptied = $batch->in->emptiedMin->value ?? $timing->emptiedMin();
        $curing = $case->selfHeating?->inCup();
        $standing = $curing === null || ! $followed ? null : Standing::of($curing, new ResinInCup($mix->totalMl() / $batch->in->cups, $case->liquid->densityKgM3, $batch->in->cup, $studio->room->temperatures, $batch->in->mixedAtC->value ?? $studio->room->temperatures->at(0.0), $studio->pace->heatLossWM2K->value, $batch->in->bath), max($emptied, $timing->emptiedMin()));
        $run = $standing?->run;
        $clock = new PourClock($case, $run);
        $colours = self::colours($batch, $poured, $mix, $studio);

        return new BatchResult(
            $batch,
            $case->resin,
            new BatchMix($residue, $margin, $mix, self::ratioError($batch, $mix, $case->resin->parts->firstPart)),
            $clock->turns($timing, $emptied),
            new InTheCup($run, $curing?->heatKjKg, $curing === null ? $case->resin->times->potLifeMin?->value : $standing?->potLifeMin, $emptied, $clock->ageInCupMin($emptied)),
            $timing,
            new ColouredBatch($colours, self::swatches($colours, $coats, $grounds ?? Grounds::of($coats))),
        );
    }

    /** What of an amount of mixed resin goes into a colour cup, ml. */
    private static function resinIn(ColourCup $cup, float $allMl): float
    {
        return $cup->ml ?? $allMl * ($cup->sharePct ?? 0.0) / 100;
    }

    /** @return list<ColourShare> in the order to colour in */
    private static function colours(Batch $batch, float $pouredMl, Portions $mix, Studio $studio): array
    {
        return Colouring::inOrder(array_map(static fn (ColourCup $cup): ColourShare => new ColourShare(
            $cup,
            self::resinIn($cup, $mix->totalMl()),
            Colouring::residueMl($cup, self::resinIn($cup, $pouredMl), $studio, $batch->in->residueMlPerCup?->value),
        ), $batch->stirredIn->colours));
    }

    /**
     * @param  list<ColourShare>  $colours
     * @param  list<CoatResult>  $coats
     * @return list<Swatch>
     */
    private static function swatches(array $colours, array $coats, Grounds $grounds): array
    {
        $swatches = [];
        foreach ($coats as $coat) {
            $ground = $grounds->under($coat);
            $most = 0.0;
            foreach ($colours as $share) {
                if (! $share->cup->isFor($coat->case->coat->id)) {
                    continue;
                }
                $seen = $share->seenOver($ground, $coat->case->filmMm() ?? Swatch::USUAL_MM);
                $swatches[] = new Swatch($share, $coat, $ground, $seen);
                if ($share->resinMl > $most) {
                    $most = $share->resinMl;
                    $grounds->lay($coat, $seen);
                }
            }
        }

        return $swatches;
    }

    /** Of one of its cups. @throws VesselException when pen lines do not fit into the cup */
    private static function ratioError(Batch $batch, Portions $mix, PartName $first): ?RatioError
    {
        $isA = $first === PartName::A;
        [$aMl, $bMl] = [$mix->aMl / $batch->in->cups, $mix->bMl / $batch->in->cups];
        if ($batch->measure->by === null) {
            return null;
        }
        if ($batch->measure->step === null) {
            return $batch->in->cup instanceof Markable ? FillLines::of($batch->in->cup, $isA ? $aMl : $bMl, $isA ? $bMl : $aMl)->error : null;
        }
        if ($batch->measure->by === MeasuredBy::Fills) {
            return EqualFills::of($mix, $batch->measure->fillMl ?? EqualFills::USUAL_ML)?->error($batch->measure->step->value, $isA);
        }
        $step = $batch->measure->step->value;
        if ($batch->measure->by->isByVolume()) {
            return RatioError::ofRounded(RoundedParts::of($aMl, $bMl, RoundedParts::stepMl(min($aMl, $bMl))), $step, $batch->measure->by, $isA);
        }

        return $mix->bG === null ? null : RatioError::ofRounded(RoundedParts::of($mix->aG / $batch->in->cups, $mix->bG / $batch->in->cups, $step), $step, $batch->measure->by, $isA);
    }
}
