<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Steps;

use OpenGlaze\Core\Coating\CoatCase;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Safety\Caution;
use OpenGlaze\Core\Surface\Surface;

/** What a bare face wants before its first coat. */
final class SurfaceSteps implements StepSource
{
    public function of(CoatCase $case): array
    {
        return [...($case->isFirstCoat() ? self::bare($case) : []), ...self::dryMedia($case)];
    }

    /** @return list<PlannedStep> */
    private static function dryMedia(CoatCase $case): array
    {
        return $case->coat->manner->dryMedia === null ? [] : [PlannedStep::before('dry_media', Caution::Powder, media: $case->coat->manner->dryMedia)];
    }

    /** @return list<PlannedStep> */
    private static function bare(CoatCase $case): array
    {
        $surface = $case->face->surface;
        $steps = [];
        if ($surface === Surface::CuredResin) {
            $steps[] = PlannedStep::before('sand', Caution::Sanding, how: 'steps.sand.old_film');
        }
        if ($surface === Surface::OldPaint) {
            $steps[] = PlannedStep::before('sand', Caution::Sanding, how: 'steps.sand.old_paint');
            $steps[] = PlannedStep::before('seal_twice', how: 'steps.seal_twice.old_paint');
        }
        if ($surface === Surface::UnsealedPaper || $surface === Surface::Fabric) {
            $steps[] = PlannedStep::before('glue_down');
        }
        if ($case->face->soakMlPerM2->value >= Surface::SEAL_FROM_ML_M2 && $case->coat->kind !== CoatKind::Seal) {
            $steps[] = PlannedStep::before('seal_twice');
        }
        $steps[] = PlannedStep::before('clean', Caution::Solvent);

        return $steps;
    }
}
