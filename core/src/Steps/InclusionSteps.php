<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Plan\Inclusion;

/** How embedded things are readied and set. */
final class InclusionSteps implements StepSource
{
    public function of(CoatCase $case): array
    {
        $named = static fn (callable $does): array => array_values(array_map(static fn (Inclusion $one): string => $one->name, array_filter($case->coat->asked->coverage->inclusions, $does)));
        $steps = [];
        if (($names = $named(static fn (Inclusion $one): bool => $one->traits->drinks || $one->traits->trapsAir)) !== []) {
            $steps[] = PlannedStep::before('seal_inclusions', names: Listed::commas($names));
        }
        if (($names = $named(static fn (Inclusion $one): bool => $one->traits->floats)) !== []) {
            $steps[] = PlannedStep::before('glue_inclusions', names: Listed::commas($names));
        }
        if (($names = $named(static fn (Inclusion $one): bool => ! $one->place->onTop && ! $one->traits->floats && ! $one->traits->drinks)) !== []) {
            $steps[] = PlannedStep::before('set_inclusions', names: Listed::commas($names));
        }
        if (($names = $named(static fn (Inclusion $one): bool => $one->place->onTop)) !== []) {
            $steps[] = PlannedStep::after('place_on_top', names: Listed::commas($names));
        }

        return $steps;
    }
}
