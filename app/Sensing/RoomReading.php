<?php

declare(strict_types=1);

namespace App\Sensing;

/** What the air of the room was like, as a sensor said, or as somebody read it. */
final readonly class RoomReading
{
    /** What a room can sensibly be, °C. */
    public const CELSIUS = [-20.0, 60.0];

    public function __construct(
        public float $celsius,
        /** relative, per cent */
        public float $humidityPct,
        /** what is left in the sensor's battery; null where it does not say */
        public ?float $batteryPct,
        public bool $isByHand = false,
    ) {
    }

    /** Whether a room can be like that; anything else is a fault of who says so. */
    public static function isOfARoom(float $celsius, float $humidityPct): bool
    {
        return $celsius >= self::CELSIUS[0] && $celsius <= self::CELSIUS[1] && $humidityPct > 0 && $humidityPct <= 100;
    }
}
