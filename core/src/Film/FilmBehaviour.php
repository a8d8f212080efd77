<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** What one film does by itself. */
final readonly class FilmBehaviour
{
    /** @param  float  $wettingHeightMm  the least that stands on its ground without drawing back */
    private function __construct(
        public Flowing $flowing,
        public LevelsOut $level,
        public Rising $rising,
        public float $wettingHeightMm,
        public TorchPlan $torch,
    ) {
    }

    public static function of(FilmCase $case, HeatHabits $heat): self
    {
        return new self(
            Flowing::of($case->fluid, $case->openMin()),
            LevelsOut::of($case),
            Rising::of($case),
            $case->fluid->liquid->wettingHeightMm($case->advancingAngleDeg),
            TorchPlan::of($case, $heat),
        );
    }
}
