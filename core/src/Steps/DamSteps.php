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
        $steps = $case->coat->dam === null ? [] : [self::build($case->coat->dam, $case->piece->release), ...self::check($case->coat->dam)];
        if ($case->coat->taped) {
            $steps[] = PlannedStep::before('tape_underside', 'Tape the underside', 'Up to the edge, and trimmed: the drips come away with it.');
        }

        return $steps;
    }

    private static function build(Dam $dam, ?string $release): PlannedStep
    {
        return match ($dam) {
            Dam::Tape => PlannedStep::before('dam_tape', 'Tape the edge, and prop it', 'Tape sags under a deep pour: blocks behind it, all round.'),
            Dam::Frame => PlannedStep::before('dam_frame', 'Fit and seal the frame', 'Glued, every seam sealed from outside.'),
            Dam::Border => PlannedStep::before('dam_border', 'Seat the border all round', 'Slick side in, every seam sealed with hot glue.'),
            Dam::Mould => PlannedStep::before('release', 'Clean the mould, and spray release', 'A thin mist, dry before the pour.'.($release === null ? ' Write down which.' : " Last time: $release.")),
            Dam::Lip => PlannedStep::before('lip', 'Look along the lip', 'Its lowest point sets what it holds.'),
            Dam::Drape => PlannedStep::before('dam_drape', 'Drape the plastic over the former', 'No seams, but nobody knows what it holds: pour in stages, and add up.'),
        };
    }

    /** @return list<PlannedStep> */
    private static function check(Dam $dam): array
    {
        return in_array($dam, [Dam::Lip, Dam::Mould], true) ? [] : [PlannedStep::before('check_leaks', 'Check for leaks', 'A lamp behind every seam. Resin finds each one, all night.')];
    }
}
