<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/** What one film does by itself. Units in the names; null where it never happens, or where the film's depth is not known. */
final readonly class FilmBehaviour
{
    private function __construct(
        public float $rate,
        public float $viscosityPaS,
        public float $openMin,
        /** until it cannot be poured any more; 0 when it cannot already */
        public float $gelsMin,
        /** until it does not flow at all, and a drip is hard */
        public float $flowsUntilMin,
        public float $mobility,
        public ?float $levelsUpToMm,
        public ?float $thinnestMm,
        public ?float $settleMin,
        public ?float $smallestBubbleUm,
        public ?float $rise100Min,
        public ?float $rise50Min,
        public ?float $rise30Min,
        public ?float $driftMm,
        public ?float $levelWithinMmPerM,
        public float $wettingHeightMm,
        public TorchPlan $torch,
    ) {
    }

    public static function of(
        ?float $filmMm,
        Kinetics $kinetics,
        float $markMm,
        ?float $longestMm,
        float $slopeMmPerM,
        float $spreadMin,
        float $secondTorchMin,
        float $advancingAngleDeg,
        HeatTool $tool,
        bool $airFromBelow,
        Liquid $liquid,
        FilmClock $clock,
    ): self {
        $levelling = new Levelling($liquid, $clock);
        $bubbles = new Bubbles($liquid, $clock);
        $drift = new Drift($liquid, $clock);
        $openMin = $clock->minutesToAge($kinetics->openMin);
        $rise = static fn (float $um): ?float => $filmMm === null ? null : $bubbles->riseMin($filmMm, $um);

        return new self(
            $clock->rate(),
            $clock->viscosityAt(0.0),
            $openMin,
            $clock->minutesToAge($kinetics->gelAgeMin()),
            $clock->minutesToAge($kinetics->stiffAgeMin()),
            $clock->mobilityInTheEnd(),
            $filmMm === null ? null : $levelling->longestWavelengthMm($filmMm),
            $levelling->thinnestMm($markMm),
            $filmMm === null ? null : $levelling->settleMin($filmMm),
            $filmMm === null ? null : $bubbles->smallestThatEscapesUm($filmMm),
            $rise(100),
            $rise(50),
            $rise(30),
            $filmMm !== null && $longestMm !== null ? $drift->driftMm($filmMm, $slopeMmPerM, $longestMm) : null,
            $filmMm !== null && $longestMm !== null ? $drift->levelWithinMmPerM($filmMm, $longestMm) : null,
            $liquid->wettingHeightMm($advancingAngleDeg),
            TorchPlan::of($filmMm, $openMin, $clock, $levelling, $bubbles, $spreadMin, $secondTorchMin, $tool, $airFromBelow ? TorchPlan::LOOK_EVERY_AGE_MIN / $clock->rate() : null),
        );
    }
}
