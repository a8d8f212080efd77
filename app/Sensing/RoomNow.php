<?php

declare(strict_types=1);

namespace App\Sensing;

use Carbon\CarbonImmutable;
use OpenGlaze\Core\Cure\DewPoint;
use OpenGlaze\Core\Document\Entry;

/** The room as it was last measured: while its sensor is quiet, its last word holds, and that is said. */
final readonly class RoomNow
{
    private const FLAT_BATTERY_PCT = 10.0;

    public function __construct(
        public RoomReading $reading,
        /** ms since 1970 */
        public int $atMs,
        public bool $isQuiet,
    ) {
    }

    /** @param  int  $atMs  when it was said, ms since 1970 */
    public static function said(RoomReading $reading, int $atMs, CarbonImmutable $now): self
    {
        // who reads it by hand does not come every minute
        return new self($reading, $atMs, ! $reading->isByHand && (int) $now->valueOf() - $atMs > RoomLog::QUIET_AFTER_MIN * 60_000);
    }

    /** The room as it was entered, with what was measured of it. */
    public function over(Entry $room): Entry
    {
        return $room->without('temperatures')->with('temperature_c', $this->reading->celsius)->with('humidity_pct', $this->reading->humidityPct);
    }

    /** @return array{celsius: float, humidity_pct: float, dew_point_c: float, at: int, by_hand: bool, quiet: bool, battery_low: bool} as pages show it */
    public function state(): array
    {
        return [
            'celsius' => $this->reading->celsius,
            'humidity_pct' => $this->reading->humidityPct,
            'dew_point_c' => DewPoint::celsius($this->reading->celsius, $this->reading->humidityPct),
            'at' => $this->atMs,
            'by_hand' => $this->reading->isByHand,
            'quiet' => $this->isQuiet,
            'battery_low' => $this->reading->batteryPct !== null && $this->reading->batteryPct < self::FLAT_BATTERY_PCT,
        ];
    }
}
