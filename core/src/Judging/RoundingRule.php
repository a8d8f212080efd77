<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Spares;
use OpenGlaze\Core\Measuring\RoundedParts;
use OpenGlaze\Core\Message\Listed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** So little is mixed that whole steps in the ratio make it more. */
final class RoundingRule implements BatchRule
{
    /** More than this share more is said. */
    private const GROWN_SHARE = 0.1;

    public function judge(BatchResult $result): array
    {
        $mix = $result->mixed->portions;
        $way = $result->batch->measure;
        $byVolume = $way->by?->isByVolume() === true || $mix->bG === null;
        $shown = $byVolume
            ? RoundedParts::of($mix->aMl, $mix->bMl, RoundedParts::stepMl(min($mix->aMl, $mix->bMl)))
            : RoundedParts::of($mix->aG, $mix->bG ?? 0.0, $way->step->value ?? RoundedParts::STEP_G);
        if ($shown->grownShare <= self::GROWN_SHARE) {
            return [];
        }
        $more = $shown->grownShare * $mix->totalMl();
        $spares = Spares::named($result, $more);

        return [Advice::note(Topic::Heat, Message::of(
            $spares === [] ? 'advice.rounded_up.none' : 'advice.rounded_up.spares',
            share: Measure::percent(100 * $shown->grownShare),
            more: Measure::volume($more),
            spares: $spares === [] ? null : Listed::orOf($spares),
        ))];
    }
}
