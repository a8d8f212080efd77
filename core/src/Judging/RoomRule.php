<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** The room from the pour until the piece can be handled: too cold, too warm, too damp, near its dew point. */
final class RoomRule implements CoatRule
{
    /** How long the room is watched when the label says neither when to handle nor when it is cured, hours. */
    public const WATCHED_H = 24.0;

    public function judge(CoatResult $result): array
    {
        $case = $result->case;
        $room = $case->studio->room->temperatures;
        $resin = $case->resin;
        $lowest = $room->lowestUntil(self::watchedMin($result));
        $highest = $room->highestUntil(self::watchedMin($result));
        $humidity = $case->studio->room->humidityPct->value;
        $advice = [];

        if ($lowest < $resin->room->minRoomC->value) {
            $advice[] = Advice::caution(Topic::Room, Message::of('advice.room_too_cold', least: Measure::temperature($resin->room->minRoomC->value), at: Measure::temperature($lowest)));
        }
        if ($highest > $resin->room->maxRoomC->value) {
            $advice[] = Advice::caution(Topic::Room, Message::of('advice.room_too_warm', most: Measure::temperature($resin->room->maxRoomC->value), at: Measure::temperature($highest)));
        }
        if ($humidity > $resin->room->maxHumidityPct->value) {
            $advice[] = Advice::caution(Topic::Room, Message::of('advice.damp_air', most: Measure::percent($resin->room->maxHumidityPct->value), at: Measure::percent($humidity)));
        }
        $dew = DewPoint::celsius($case->airC(), $humidity);
        $surface = self::surfaceC($result);
        if ($surface - $dew <= DewPoint::NEAR_C) {
            $advice[] = Advice::caution(Topic::Room, Message::of(
                'advice.near_dew_point',
                surface: Measure::temperature($surface),
                near: Measure::temperatureDifference(DewPoint::NEAR_C),
                dewPoint: Measure::temperature($dew),
            ));
        }

        return $advice;
    }

    /** The piece's surface in °C: measured, else as cold as the room gets until it can be handled. */
    public static function surfaceC(CoatResult $result): float
    {
        $studio = $result->case->studio;

        return $studio->room->surfaceC->value
            ?? $studio->room->temperatures->lowestUntil(self::watchedMin($result));
    }

    private static function watchedMin(CoatResult $result): float
    {
        return ($result->windows->handleH ?? $result->windows->fullCureH ?? self::WATCHED_H) * 60;
    }
}
