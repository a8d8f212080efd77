<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A skim on relief: thicker than its slopes keep, it runs off the heights and fills the hollows. */
final class ReliefRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $stays = $result->case->staysOnReliefMm();
        $film = $result->case->thicknessMm?->value;
        if ($stays === null || $film === null || $film <= $stays) {
            return [];
        }

        return [Advice::caution(Topic::Thickness, Message::of('advice.film_runs_off_relief', most: Measure::thickness(floor($stays * 1000) / 1000)))];
    }
}
