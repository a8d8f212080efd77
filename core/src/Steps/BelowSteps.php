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
        if ($coat->turnFirst) {
            $steps[] = PlannedStep::before('turn', 'Demould or turn it', 'Only when it can be handled: earlier it bends. A little water frees a stuck casting. It has no window then.', Caution::Demould);
        }
        if ($coat->turnFirst && in_array($case->piece->kind, [PieceKind::Casting, PieceKind::Mould], true)) {
            $steps[] = PlannedStep::before('wash_release', 'Wash the release off', 'With soap and water, and dry: what was sprayed in the mould keeps the next coat from wetting.');
            $steps[] = PlannedStep::before('file_lip', 'Snap and file the lip level', 'Level all round: its lowest point sets what it holds. Tape flush with the rim, never above.', Caution::Sanding);
        }
        if ($case->isFirstCoat()) {
            return $steps;
        }

        return [...$steps, ...match (true) {
            $case->isAfterOil() => [
                PlannedStep::before('degrease', 'Wipe the oil off', 'Let it harden first. Then wipe, sand, and wash with alcohol until no trace smears; all of it gone before any heat. Sides and bench too.', Caution::Solvent),
                $this->sand(),
            ],
            $coat->overHard === OverHard::Wipe => [PlannedStep::before('wipe', 'Wipe it with alcohol, without sanding', 'There is no key then: it can peel. It is written down, and asked about when you look back.')],
            $coat->turnFirst => [$this->sand()],
            default => [PlannedStep::before('window_or_sand', 'In its window pour on; past it, sand', 'While it is tacky and takes no print the next coat bonds by itself. Past that: sand with 220 to 320, wipe, pour. Before it, it would sink and wrinkle.', Caution::Sanding)],
        }];
    }

    private function sand(): PlannedStep
    {
        return PlannedStep::before('sand', 'Sand with 220 to 320', 'Until no gloss is left: the scratch is what the next coat holds on to. Wipe the dust off with alcohol.', Caution::Sanding);
    }
}
