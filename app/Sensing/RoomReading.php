<?php

declare(strict_types=1);

namespace App\Sensing;

/** What the air of the room was like, as a sensor said. */
final readonly class RoomReading
{
    public function __construct(
        public float $celsius,
        /** relative, per cent */
        public float $humidityPct,
        /** what is left in the sensor's battery; null where it does not say */
        public ?float $batteryPct,
    ) {
    }
}
