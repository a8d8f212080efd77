<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Coating;

use OpenGlaze\Core\Advice\Advisor;
use OpenGlaze\Core\Amount\CoatVolume;
use OpenGlaze\Core\Film\DripPlan;
use OpenGlaze\Core\Film\FilmBehaviour;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Quantity\Wording;

/** Computes plans: every coat with its amounts, its film, its times and the advice on it. */
final readonly class Planner
{
    public function __construct(private Wording $wording = new Wording)
    {
    }

    /** @return list<CoatResult> in the order in which the coats are laid */
    public function plan(Plan $plan): array
    {
        $coated = [];
        $results = [];
        foreach ($plan->coats as $coat) {
            $results[] = $this->compute(new CoatCase(
                $plan->studio,
                $plan->pieces[$coat->pieceId],
                $plan->resins[$coat->resinId],
                $coat,
                ! isset($coated[$coat->pieceId]),
            ));
            $coated[$coat->pieceId] = true;
        }

        return $results;
    }

    public function compute(CoatCase $case): CoatResult
    {
        $volume = CoatVolume::of($case->studio, $case->piece, $case->coat, $case->isFirstCoat);
        $drain = $case->edgeDrain();
        $resin = $case->resin;
        $result = new CoatResult(
            $case,
            $volume,
            $resin->mixture->split($volume->totalMl()),
            FilmBehaviour::of(
                $case->coat->thicknessMm->value,
                $resin->openMin->value,
                $case->coat->markMm->value,
                $case->piece->longestSideMm(),
                $case->studio->slopeMmPerM->value,
                $case->studio->spreadMin->value,
                $case->studio->secondTorchMin->value,
                $case->studio->advancingAngleDeg->value,
                $case->heatTool(),
                $case->liquid,
                $case->clock,
            ),
            $drain === null ? null : DripPlan::of($drain, $case->clock, $case->coatedEdgeM()),
            $resin->labelWindows()->by($case->clock),
        );

        return $result->withAdvice((new Advisor($this->wording))->advise($result));
    }
}
