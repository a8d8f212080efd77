<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\Dam;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Safety\Caution;

/** What is left to do once the film is laid. */
final class AfterSteps implements StepSource
{
    public function of(CoatCase $case): array
    {
        $steps = [];
        if ($case->piece->outline !== null && $case->piece->outline->holes() !== []) {
            $steps[] = PlannedStep::after('open_holes');
        }
        if ($case->coat->asked->edge->taped) {
            $steps[] = PlannedStep::after('pull_tape');
        }
        $steps = [...$steps, ...match ($case->coat->asked->edge->dam) {
            Dam::Tape, Dam::Border, Dam::Drape => [PlannedStep::after('strip_dam', Caution::Demould)],
            Dam::Mould => [PlannedStep::after('demould', Caution::Demould)],
            default => [],
        }];
        if ($case->piece->kind === PieceKind::Vessel) {
            $steps[] = PlannedStep::after('water_test', Caution::Food);
        }

        return $steps;
    }
}
