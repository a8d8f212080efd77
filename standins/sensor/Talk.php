<?php

declare(strict_types=1);

namespace OpenGlaze\StandIns\Sensor;

use JsonException;
use stdClass;

/** The sensor's side of its protocol: one line of JSON asks, one line answers. Described in docs/room-sensor.md. */
final readonly class Talk
{
    /** @param  float  $switchedOnS  s since midnight */
    public function __construct(
        private RoomSensor $sensor,
        private float $switchedOnS,
    ) {
    }

    /** @return string|null null where its battery is dead: it says nothing */
    public function answer(string $line, float $afterS): ?string
    {
        $now = $this->switchedOnS + $afterS;
        try {
            $asked = json_decode($line, false, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            $asked = null;
        }
        if ($asked instanceof stdClass && isset($asked->hand)) {
            return self::line($this->hand($asked, $now));
        }
        if ($this->sensor->isDead($now)) {
            return null;
        }

        return self::line($asked instanceof stdClass && ($asked->ask ?? null) === 'reading' ? [
            'celsius' => $this->sensor->celsius($now),
            'humidity_pct' => $this->sensor->humidity($now),
            'battery_pct' => round($this->sensor->battery($now)),
            'standin' => true,
        ] : ['fault' => 'not_understood']);
    }

    /**
     * What a hand does to the room or to it: no real sensor has these.
     *
     * @return array<string, mixed>
     */
    private function hand(stdClass $asked, float $now): array
    {
        $number = static fn (mixed $value): float => is_int($value) || is_float($value) ? (float) $value : 0.0;
        match ($asked->hand) {
            'door' => $this->sensor->openDoor($now, 60 * $number($asked->min ?? null)),
            'battery' => $this->sensor->setBattery($number($asked->pct ?? null)),
            default => null,
        };

        return ['heeded' => in_array($asked->hand, ['door', 'battery'], true), 'standin' => true];
    }

    /** @param  array<string, mixed>  $said */
    private static function line(array $said): string
    {
        return json_encode($said, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n";
    }
}
