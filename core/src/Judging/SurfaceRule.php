<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Quantity\Wording;
use OpenGlaze\Core\Surface\Surface;

/** A porous face drinks the first coat, darkens and feeds bubbles. */
final class SurfaceRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        $soak = $case->face->soakMlPerM2->value;
        if (! $case->isFirstCoat() || $soak <= 0) {
            return [];
        }
        $surface = $case->face->surface->words();
        if ($soak >= Surface::SEAL_FROM_ML_M2 && $case->coat->kind !== CoatKind::Seal) {
            return [Advice::caution('surface_drinks', Topic::Surface, sprintf(
                'Seal it first with two thin coats, dry, not a pinhole missed: %s drinks about %s, darkens, and feeds bubbles for an hour.',
                $surface,
                $say->soak($soak),
            ))];
        }

        return [Advice::note('surface_drinks', Topic::Surface, sprintf(
            'Counted in: %s drinks about %s of the first coat, an estimate.',
            $surface,
            $say->soak($soak),
        ))];
    }
}
