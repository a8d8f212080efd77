<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Held\HeldFilm;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** How much an edge holds before it gives way. */
final class HeldRule implements CoatRule
{
    public function judge(CoatResult $result): array
    {
        $held = $result->case->held;
        if ($held === null || $held->share <= HeldFilm::NEAR_SHARE) {
            return [];
        }
        if ($held->share > 1) {
            $most = floor($held->limitThicknessMm * 100) / 100;

            return [Advice::stop(Topic::Thickness, Message::of('advice.dome_over_limit.held', most: Measure::thickness($most)), ...($most > 0 ? [Remedy::film($most)] : []))];
        }

        return [Advice::caution(Topic::Thickness, Message::of(
            'advice.dome_near_limit',
            limit: Measure::thickness($held->limitThicknessMm),
            share: Measure::percent($held->share * 100),
        ))];
    }
}
