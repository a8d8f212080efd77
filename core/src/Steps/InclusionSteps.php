<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\Inclusion;

/** How embedded things are readied and set. */
final class InclusionSteps implements StepSource
{
    public function of(CoatCase $case): array
    {
        $named = static function (callable $does) use ($case): string {
            return implode(', ', array_map(static fn (Inclusion $one): string => $one->name, array_filter($case->coat->inclusions, $does)));
        };
        $steps = [];
        if (($names = $named(static fn (Inclusion $one): bool => $one->drinks || $one->trapsAir)) !== '') {
            $steps[] = PlannedStep::before('seal_inclusions', "Seal $names", 'Set them while the sealer is tacky, so that they stay; then let it dry before the pour.');
        }
        if (($names = $named(static fn (Inclusion $one): bool => $one->floats)) !== '') {
            $steps[] = PlannedStep::before('glue_inclusions', "Glue $names down", 'What floats rises into the film.');
        }
        if (($names = $named(static fn (Inclusion $one): bool => ! $one->onTop && ! $one->floats && ! $one->drinks)) !== '') {
            $steps[] = PlannedStep::before('set_inclusions', "Set $names", 'In the film they can be nudged for about half an hour.');
        }
        if (($names = $named(static fn (Inclusion $one): bool => $one->onTop)) !== '') {
            $steps[] = PlannedStep::after('place_on_top', "Place $names on top", 'After the last heat, when the film is thick. It cannot be moved later.');
        }

        return $steps;
    }
}
