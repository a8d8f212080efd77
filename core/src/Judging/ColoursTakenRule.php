<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\ColourShare;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Whether its colours take no more than is mixed. */
final class ColoursTakenRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $taken = array_sum(array_map(static fn (ColourShare $share): float => $share->resinMl, $result->coloured->shares));
        $mixed = $result->mixed->portions->totalMl();

        return $taken <= $mixed * (1 + 1e-9) ? [] : [Advice::stop(Topic::Sheet, Message::of('advice.colours_over_batch', taken: Measure::volume($taken), mixed: Measure::volume($mixed)))];
    }
}
