<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Remedy;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** Whether each piece is spread while the mix still levels; of what is poured too late something else is said. */
final class SpreadRule implements BatchRule
{
    public function judge(BatchResult $result): array
    {
        $pieces = array_sum(array_map(static fn (Turn $turn): int => $turn->count, $result->turns));
        $open = $result->resin->times->openMin->value;
        foreach ($result->turns as $turn) {
            if ($turn->times->ageMin <= $open && $turn->times->spreadAgeMin > Hands::SPREAD_BY * $open) {
                return [Advice::caution(Topic::Heat, Message::of(
                    'advice.spread_longer_than_open_time',
                    piece: $turn->coat->case->piece->name,
                    after: Measure::minutes($turn->times->spreadMin),
                ), ...$pieces > 1 ? [Remedy::halve()] : [])];
            }
        }

        return [];
    }
}
