<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A layer that heats itself shuts its window before the label says. */
final class WindowRule implements CoatRule
{
    /** Less than this share sooner is not worth a word. */
    private const SOONER_SHARE = 0.1;

    public function judge(CoatResult $result): array
    {
        $case = $result->case;
        $shuts = $case->heat->recoatToH();
        $byRoom = $case->resin->labelWindows()->by($case->roomClock)->recoatToH;
        if ($shuts === null || $byRoom === null || $shuts > (1 - self::SOONER_SHARE) * $byRoom) {
            return [];
        }

        return [Advice::note(Topic::Thickness, Message::of('advice.window_shuts_early', shuts: Measure::hours($shuts), label: Measure::hours($byRoom)))];
    }
}
