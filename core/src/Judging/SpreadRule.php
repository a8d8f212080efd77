<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Whether the last piece is spread while the mix still levels. */
final class SpreadRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $open = $result->resin->times->openMin->value;
        foreach ($result->turns as $turn) {
            if ($turn->ageMin !== null && $turn->ageMin > Hands::SPREAD_BY * $open) {
                return [Advice::caution(Topic::Heat, Message::of(
                    'advice.spread_longer_than_open_time',
                    piece: $turn->coat->case->piece->name,
                    after: Measure::minutes($turn->toMin),
                ))];
            }
        }

        return [];
    }
}
