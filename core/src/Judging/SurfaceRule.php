<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\CoatKind;
use OpenGlaze\Core\Surface\Surface;

/** A porous face drinks the first coat, darkens and feeds bubbles. */
final class SurfaceRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $case = $result->case;
        $soak = $case->face->soakMlPerM2->value;
        if (! $case->isFirstCoat() || $soak <= 0) {
            return [];
        }
        $drinks = ['surface' => Message::named('surfaces', $case->face->surface), 'soak' => Measure::soak($soak)];
        if ($soak >= Surface::SEAL_FROM_ML_M2 && $case->coat->kind !== CoatKind::Seal) {
            return [Advice::caution(Topic::Surface, Message::of('advice.surface_drinks.seal', ...$drinks))];
        }

        return [Advice::note(Topic::Surface, Message::of('advice.surface_drinks.counted', ...$drinks))];
    }
}
