<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Quantity\Wording;

/** A skim on relief: thicker than its slopes keep, it runs off the heights and fills the hollows. */
final class ReliefRule implements Rule
{
    public function judge(CoatResult $result, Wording $say): array
    {
        $stays = $result->case->staysOnReliefMm();
        $film = $result->case->thicknessMm?->value;
        if ($stays === null || $film === null || $film <= $stays) {
            return [];
        }

        return [Advice::caution('film_runs_off_relief', Topic::Thickness, sprintf(
            'Skim at most %s: a thicker film runs off these slopes and drowns the detail.',
            $say->thickness(floor($stays * 1000) / 1000),
        ))];
    }
}
