<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\PieceKind;

/** How the piece stands for the pour. */
final class BenchSteps implements StepSource
{
    /** A canvas larger than this sags in the middle, mm. */
    private const SAGS_FROM_MM = 300.0;

    public function of(CoatCase $case): array
    {
        $steps = [];
        if ($case->piece->kind === PieceKind::Canvas && ($case->face->longestMm ?? 0.0) >= self::SAGS_FROM_MM) {
            $steps[] = PlannedStep::before('support');
        }
        if ($case->drainingFace() !== null) {
            $steps[] = PlannedStep::before('raise');
        }
        if ($case->coat->mustLevel()) {
            $steps[] = PlannedStep::before('level');
        }

        return $steps;
    }
}
