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
            $steps[] = PlannedStep::after('open_holes', 'Pull the film round the holes', 'Break any bridge over a hole before it sets.');
        }
        if ($case->coat->taped) {
            $steps[] = PlannedStep::after('pull_tape', 'Pull the tape with its drips', 'While the film is firm but not hard; warm it a little if it is.');
        }
        $steps = [...$steps, ...match ($case->coat->dam) {
            Dam::Tape, Dam::Border, Dam::Drape => [PlannedStep::after('strip_dam', 'Strip the dam', 'When it can be handled. Trim where resin leaked under it.', Caution::Demould)],
            Dam::Mould => [PlannedStep::after('demould', 'Demould when hard, snip the flash', 'Earlier it bends. Snip while the flash still cuts.', Caution::Demould)],
            default => [],
        }];
        if ($case->piece->kind === PieceKind::Vessel) {
            $steps[] = PlannedStep::after('water_test', 'Stand it full of water for half an hour', 'When it is cured. Damp outside, or water in its walls, and it wants another coat.', Caution::Food);
        }

        return $steps;
    }
}
