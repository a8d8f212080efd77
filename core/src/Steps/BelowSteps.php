<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\OverHard;
use OpenGlaze\Core\Plan\PieceKind;
use OpenGlaze\Core\Safety\Caution;

/** What the coat below wants before the next one bonds to it. */
final class BelowSteps implements StepSource
{
    public function of(CoatCase $case): array
    {
        $coat = $case->coat;
        $steps = [];
        if ($coat->ground->turnFirst) {
            $steps[] = PlannedStep::before('turn', Caution::Demould);
        }
        if ($coat->ground->turnFirst && in_array($case->piece->kind, [PieceKind::Casting, PieceKind::Mould], true)) {
            $steps[] = PlannedStep::before('wash_release');
            $steps[] = PlannedStep::before('file_lip', Caution::Sanding);
        }
        if ($case->isFirstCoat()) {
            return $steps;
        }

        return [...$steps, ...match (true) {
            $case->isAfterOil() => [
                PlannedStep::before('degrease', Caution::Solvent),
                $this->sand(),
            ],
            $coat->ground->overHard === OverHard::Wipe => [PlannedStep::before('wipe')],
            $coat->ground->turnFirst => [$this->sand()],
            default => [PlannedStep::before('window_or_sand', Caution::Sanding)],
        }];
    }

    private function sand(): PlannedStep
    {
        return PlannedStep::before('sand', Caution::Sanding);
    }
}
