<?php

declare(strict_types=1);

namespace App\Sensing;

use App\Device\LineSocket;
use App\Device\NoAnswer;

/** A temperature and humidity sensor behind a local socket; see docs/room-sensor.md. */
final readonly class SocketSensor
{
    public function __construct(private LineSocket $socket)
    {
    }

    /** @return RoomReading|NoAnswer what it says now */
    public function reading(): RoomReading|NoAnswer
    {
        $said = $this->socket->ask(['ask' => 'reading']);
        if ($said instanceof NoAnswer) {
            return $said;
        }
        $number = static fn (mixed $value): ?float => is_int($value) || is_float($value) ? (float) $value : null;
        [$celsius, $humidity] = [$number($said->celsius ?? null), $number($said->humidity_pct ?? null)];
        if ($celsius === null || $humidity === null || ! RoomReading::isOfARoom($celsius, $humidity)) {
            return NoAnswer::Garbled;
        }

        return new RoomReading($celsius, $humidity, $number($said->battery_pct ?? null));
    }
}
