<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Whether the ratio can be measured so: what the scale or the cup can tell apart, and whose densities it goes by. */
final class RatioRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $error = $result->mixed->ratioError;
        if ($error === null) {
            return [];
        }
        if ($error->likelyPct === null) {
            return [Advice::stop(Topic::Sheet, Message::of('advice.cannot_be_measured', least: Measure::volume($result->mixed->portions->totalMl() * $error->measurableFrom)))];
        }
        $advice = [];
        $tolerance = $result->resin->limits->ratioTolerancePct->value;
        $off = $result->resin->weighedOffPct();
        $isWeighed = $result->batch->measure->by?->isByVolume() === false;
        if ($off > 0 && $isWeighed) {
            $advice[] = Advice::caution(Topic::Sheet, Message::of('advice.weigh_needs_density', off: Measure::percent($off, 1)));
        }
        if ($error->likelyPct > $tolerance) {
            $advice[] = Advice::caution(Topic::Sheet, Message::of(
                match (true) {
                    $isWeighed => 'advice.measuring_too_coarse.finer_scale',
                    // weighed by typical densities it would be no better
                    $off > $error->likelyPct => 'advice.measuring_too_coarse.more',
                    default => 'advice.measuring_too_coarse.weigh',
                },
                likely: Measure::percent($error->likelyPct, 1),
                tolerance: Measure::percent($tolerance, 1),
                from: Measure::volume($result->mixed->portions->totalMl() * $error->factorWithin($tolerance)),
            ));
        }

        return $advice;
    }
}
