<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Level;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A bench out of level gathers the film at one side. */
final class BenchLevelRule implements CoatRule
{
    /** More than this end to end shows, mm. */
    public const SHOWS_MM = 0.1;

    public function judge(CoatResult $result): array
    {
        $endToEnd = 2 * ($result->film->level->driftMm ?? 0.0);
        if ($endToEnd <= self::SHOWS_MM || $result->film->level->withinMmPerM === null) {
            return [];
        }

        return [Advice::caution(Topic::Bench, Message::of(
            'advice.out_of_level',
            slope: Measure::slope($result->film->level->withinMmPerM),
            thicker: Measure::thickness($endToEnd),
        ))];
    }
}
