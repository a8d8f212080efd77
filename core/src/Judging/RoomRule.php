<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Judging;

use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Advice\Topic;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Quantity\Wording;

/** The room from the pour until the piece can be handled: too cold, too warm, too damp, near its dew point. */
final class RoomRule implements Rule
{
    /** How long the room is watched when the label says neither when to handle nor when it is cured, hours. */
    public const WATCHED_H = 24.0;

    public function judge(CoatResult $result, Wording $say): array
    {
        $case = $result->case;
        $room = $case->studio->temperatures;
        $resin = $case->resin;
        $lowest = $room->lowestUntil(self::watchedMin($result));
        $highest = $room->highestUntil(self::watchedMin($result));
        $humidity = $case->studio->humidityPct->value;
        $advice = [];

        if ($lowest < $resin->minRoomC->value) {
            $advice[] = Advice::caution('room_too_cold', Topic::Room, sprintf(
                'Warm the room to %s or more until the piece can be handled: at %s the film traps bubbles and sets slowly.',
                $say->temperature($resin->minRoomC->value),
                $say->temperature($lowest),
            ));
        }
        if ($highest > $resin->maxRoomC->value) {
            $advice[] = Advice::caution('room_too_warm', Topic::Room, sprintf(
                'Cool the room to %s or less: at %s the open time is short and the cup heats up.',
                $say->temperature($resin->maxRoomC->value),
                $say->temperature($highest),
            ));
        }
        if ($humidity > $resin->maxHumidityPct->value) {
            $advice[] = Advice::caution('damp_air', Topic::Room, sprintf(
                'Dry the air to %s or less: at %s the film can blush, and the next coat would not hold on the bloom.',
                $say->percent($resin->maxHumidityPct->value),
                $say->percent($humidity),
            ));
        }
        $dew = DewPoint::celsius(self::airC($result), $humidity);
        $surface = self::surfaceC($result);
        if ($surface - $dew <= DewPoint::NEAR_C) {
            $advice[] = Advice::caution('near_dew_point', Topic::Room, sprintf(
                'Warm the piece or dry the air: its surface at %s is within %s of the dew point, %s, and moisture would get under the film.',
                $say->temperature($surface),
                $say->temperatureDifference(DewPoint::NEAR_C),
                $say->temperature($dew),
            ));
        }

        return $advice;
    }

    /** The air in °C when it is poured, which the humidity is of: what moisture it holds stays in the room. */
    public static function airC(CoatResult $result): float
    {
        return $result->case->studio->temperatures->at(0.0);
    }

    /** The piece's surface in °C: measured, else as cold as the room gets until it can be handled. */
    public static function surfaceC(CoatResult $result): float
    {
        $studio = $result->case->studio;

        return $studio->surfaceC->value
            ?? $studio->temperatures->lowestUntil(self::watchedMin($result));
    }

    private static function watchedMin(CoatResult $result): float
    {
        return ($result->windows->handleH ?? $result->windows->fullCureH ?? self::WATCHED_H) * 60;
    }
}
