<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\Dam;

/** What has to stand before a pour that something holds, and the tape under one that runs over. */
final class DamSteps implements StepSource
{
    public function of(CoatCase $case): array
    {
        $steps = $case->coat->asked->edge->dam === null ? [] : [self::build($case->coat->asked->edge->dam, $case->piece->rim->release), ...self::check($case->coat->asked->edge->dam)];
        if ($case->coat->asked->edge->taped) {
            $steps[] = PlannedStep::before('tape_underside');
        }

        return $steps;
    }

    private static function build(Dam $dam, ?string $release): PlannedStep
    {
        return match ($dam) {
            Dam::Tape => PlannedStep::before('dam_tape'),
            Dam::Frame => PlannedStep::before('dam_frame'),
            Dam::Border => PlannedStep::before('dam_border'),
            Dam::Mould => PlannedStep::before('release', how: $release === null ? 'steps.release.write_down' : 'steps.release.last_time', release: $release),
            Dam::Lip => PlannedStep::before('lip'),
            Dam::Drape => PlannedStep::before('dam_drape'),
        };
    }

    /** @return list<PlannedStep> */
    private static function check(Dam $dam): array
    {
        return in_array($dam, [Dam::Lip, Dam::Mould], true) ? [] : [PlannedStep::before('check_leaks')];
    }
}
