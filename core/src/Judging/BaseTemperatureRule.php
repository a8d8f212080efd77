<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A piece that is colder or warmer than the room sets its film slower or faster until it has come to it. */
final class BaseTemperatureRule implements CoatRule
{
    /** From here on it is worth a wait, K. */
    private const FAR_K = 5.0;

    /** So near it counts as come to the room, K. */
    private const NEAR_K = 1.0;

    public function judge(CoatResult $result): array
    {
        $case = $result->case;
        $off = $case->baseOffK();
        if (abs($off) <= self::NEAR_K) {
            return [];
        }
        $said = Message::of(
            match (true) {
                $case->heat->isFollowed() => 'advice.base_not_at_room.layer',
                $off < 0 => 'advice.base_not_at_room.colder',
                default => 'advice.base_not_at_room.warmer',
            },
            stands: Measure::minutes($case->baseTimeConstantMin() * log(abs($off) / self::NEAR_K)),
            near: Measure::temperatureDifference(self::NEAR_K),
            off: Measure::temperatureDifference(abs($off)),
            open: Measure::minutes($result->film->flowing->openMin),
            inRoom: Measure::minutes($case->roomClock->minutesToAge($case->resin->times->openMin->value)),
        );

        return [abs($off) >= self::FAR_K ? Advice::caution(Topic::Room, $said) : Advice::note(Topic::Room, $said)];
    }
}
