<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Heat\Heating;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How hot the rest gets that is left in the cup. */
final class LeftInCupRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $run = $result->standing->run;
        $hot = $run?->minutesToC(Heating::HOT_C);

        return $run === null || $hot === null ? [] : [Advice::note(Topic::Heat, Message::of(
            $run->peakC > Heating::RUNAWAY_C ? 'advice.never_leave_in_cup.runs_away' : 'advice.never_leave_in_cup.reaches',
            hot: Measure::temperature(Heating::HOT_C),
            after: Measure::minutes($hot),
        ))];
    }
}
