<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\Step;

/** All that a coat wants done, by the rules of the work, with what the person said of each, and their own steps. */
final class StepList
{
    /** @return list<PlannedStep> before the pour first, then after it */
    public static function of(CoatCase $case): array
    {
        $steps = [];
        foreach (self::sources() as $source) {
            array_push($steps, ...$source->of($case));
        }
        $said = $case->coat->ground->steps;
        foreach ($said as $index => $one) {
            if ($one->text !== null) {
                $steps[] = PlannedStep::own($one->step === '' ? 'own-'.($index + 1) : $one->step, $one->text, $one->after)->being($one->state, $one->reason);
            }
        }
        $steps = array_map(static fn (PlannedStep $step): PlannedStep => $step->isOwn ? $step : self::asSaid($step, $said), $steps);

        return [
            ...array_values(array_filter($steps, static fn (PlannedStep $step): bool => ! $step->after)),
            ...array_values(array_filter($steps, static fn (PlannedStep $step): bool => $step->after)),
        ];
    }

    /** @param  list<Step>  $said */
    private static function asSaid(PlannedStep $step, array $said): PlannedStep
    {
        foreach ($said as $one) {
            if ($one->text === null && $one->step === $step->id) {
                return $step->being($one->state, $one->reason);
            }
        }

        return $step;
    }

    /** @return list<StepSource> */
    private static function sources(): array
    {
        return [new BelowSteps, new SurfaceSteps, new DamSteps, new InclusionSteps, new BenchSteps, new AfterSteps];
    }
}
