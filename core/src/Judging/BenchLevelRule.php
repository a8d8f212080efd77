<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\Drift;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A bench out of level gathers the film at one side. */
final class BenchLevelRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $level = $result->film->level;
        $film = $result->case->flowing()?->value;
        if ($film === null || $level->driftMm === null || $level->withinMmPerM === null || 2 * $level->driftMm <= Drift::SHOWS_SHARE * $film) {
            return [];
        }

        return [Advice::caution(Topic::Bench, Message::of(
            $level->driftMm < $film ? 'advice.out_of_level.ends' : 'advice.out_of_level.dry',
            slope: Measure::slope($level->withinMmPerM),
            low: Measure::thickness($film + $level->driftMm),
            high: Measure::thickness(max(0.0, $film - $level->driftMm)),
        ))];
    }
}
