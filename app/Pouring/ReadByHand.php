<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Plan;
use App\Planning\RoomDesk;
use App\Sensing\RoomLog;
use App\Sensing\RoomReading;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A room that somebody reads off a thermometer in the middle of an evening: the clocks follow it as they follow a sensor. */
final readonly class ReadByHand
{
    public function __construct(
        private RoomDesk $rooms,
        private FollowTheRoom $follow,
    ) {
    }

    /**
     * @param  Entry  $read  temperature_c; humidity_pct, where that was read too: else it is as it was last, or as it was planned
     *
     * @throws FieldException when no room is like that
     */
    public function write(Entry $read, CarbonImmutable $now): void
    {
        $celsius = $read->number('temperature_c') ?? throw self::refused('temperature_c');
        $humidity = $read->number('humidity_pct') ?? RoomLog::last($now)->reading->humidityPct ?? $this->rooms->inForce(Plan::own())->room->humidityPct->value;
        if (! RoomReading::isOfARoom($celsius, $humidity)) {
            throw self::refused($celsius < RoomReading::CELSIUS[0] || $celsius > RoomReading::CELSIUS[1] ? 'temperature_c' : 'humidity_pct');
        }
        RoomLog::write(new RoomReading($celsius, $humidity, null, true), $now);
        $this->follow->all($now);
    }

    private static function refused(string $field): FieldException
    {
        [$from, $to] = array_map(Measure::temperature(...), RoomReading::CELSIUS);

        return FieldException::at(["studio.$field" => Message::of('refused.room_reading', from: $from, to: $to)]);
    }
}
