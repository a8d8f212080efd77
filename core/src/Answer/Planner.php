<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Answer;

use OpenGlaze\Core\Amount\SizingException;
use OpenGlaze\Core\Amount\Volume;
use OpenGlaze\Core\Coating\AllowedHeat;
use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Lift;
use OpenGlaze\Core\Coating\Stacks;
use OpenGlaze\Core\Edge\EdgeRun;
use OpenGlaze\Core\Film\FilmBehaviour;
use OpenGlaze\Core\Film\FilmCase;
use OpenGlaze\Core\Film\Fluid;
use OpenGlaze\Core\Film\HeatHabits;
use OpenGlaze\Core\Heat\SelfHeating;
use OpenGlaze\Core\Plan\Faults;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\ResinSheet;

/** Computes plans: every coat with its amounts, its film, and its times. */
final readonly class Planner
{
    /**
     * @return list<CoatResult> in the order in which the coats are laid
     *
     * @throws PlanException when a coat's amount cannot be worked out, with every such coat at its pointer
     */
    public function plan(Plan $plan): array
    {
        $heating = array_map(static fn (ResinSheet $resin): ?SelfHeating => $resin->selfHeating($plan->studio), $plan->resins);
        $faults = new Faults;
        $stacks = new Stacks;
        $results = [];
        foreach ($plan->coats as $index => $coat) {
            try {
                $case = new CoatCase(
                    $plan->studio,
                    $plan->pieces[$coat->pieceId],
                    $plan->resins[$coat->resinId],
                    $coat,
                    $stacks->under($coat),
                    $heating[$coat->resinId],
                    $plan->colourantsIn($coat),
                    $plan->thinnerOf($coat->id),
                );
            } catch (SizingException $exception) {
                $faults->add("/coats/$index/".$exception->field, $exception->said);

                continue;
            }
            $stacks->lay($case);
            $results[] = $this->compute($case);
        }
        $faults->throwIfAny();

        return $results;
    }

    public function compute(CoatCase $case): CoatResult
    {
        $volume = Volume::sum($case->lifts->volumes);
        $edge = $case->wetEdge();
        $resin = $case->resin;

        return new CoatResult(
            $case,
            $volume,
            $case->mixture()->split($volume->totalMl()),
            $this->lifts($case),
            FilmBehaviour::of(
                new FilmCase(
                    $case->flowing()?->value,
                    $case->face->longestMm,
                    $case->coat->ground->markMm->value,
                    $case->studio->room->slopeMmPerM->value,
                    $case->studio->wetting->advancingAngleDeg->value,
                    new Fluid($resin->kinetics($case->studio), $case->liquid, $case->clock),
                    $case->heat->openMin(),
                ),
                new HeatHabits($case->studio->hands->spreadMin->value, $case->studio->hands->secondTorchMin->value, AllowedHeat::over($case)->tool, $case->airFromBelow(), $case->studio->hands->lookEveryMin?->value),
            ),
            $edge === null ? null : EdgeRun::of($edge, $case->coatedEdgeM()),
            $resin->labelWindows()->by($case->clock)->shutBy($case->heat->recoatToH()),
        );
    }

    /** @return list<Lift> */
    private function lifts(CoatCase $case): array
    {
        $depth = $case->lifts->depthMm;
        if (! $case->isInLifts() || $depth === null) {
            return [];
        }

        return array_map(
            static fn (int $at, Volume $volume): Lift => new Lift($depth, $volume, $case->mixture()->split($volume->totalMl()), $case->heat->peakOfLiftC($at)),
            array_keys($case->lifts->volumes),
            $case->lifts->volumes,
        );
    }
}
