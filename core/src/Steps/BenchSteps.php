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
            $steps[] = PlannedStep::before('support', 'Support the canvas behind its middle', 'Else the pour sags into a pool.');
        }
        if ($case->reachMm() !== null) {
            $steps[] = PlannedStep::before('raise', 'Raise it on cups or stands', 'So that drips fall free, and a finger reaches along the lower edge.');
        }
        if ($case->coat->mustLevel()) {
            $steps[] = PlannedStep::before('level', 'Level the bench, then the piece', 'In two directions, to about a millimetre in a metre or better.');
        }

        return $steps;
    }
}
