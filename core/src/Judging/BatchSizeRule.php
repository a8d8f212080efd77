<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Spares;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Whether it is as much as its label wants mixed at once, and what could be coated with the rest. */
final class BatchSizeRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $least = $result->resin->limits->minBatchMl?->value;
        $total = $result->mixed->portions->totalMl();

        if ($least === null || $total >= $least) {
            return [];
        }
        $spares = Spares::named($result, $least - $total);

        return [Advice::note(Topic::Sheet, Message::of(
            $spares === [] ? 'advice.under_min_batch.less_than_one' : 'advice.under_min_batch.spares',
            least: Measure::volume($least),
            spare: Measure::volume($least - $total),
            more: Listed::orOf($spares),
        ))];
    }
}
