<?php

declare(strict_types=1);

namespace OpenGlaze\StandIns\Sensor;

/**
 * A simulated sensor of a room's air, in a former signal workshop: mild days, cold nights, a heater on a timer, a door.
 *
 * Times in s since midnight of the first day.
 */
final class RoomSensor
{
    private const MEAN_C = 18.5;

    private const SWING_C = 2.5;

    private const WARMEST_S = 15 * 3600;

    private const DAY_S = 86_400;

    /** The heater keeps the room from getting colder, from and to. */
    private const HEATED_S = [17 * 3600, 22.5 * 3600];

    private const HEATED_C = 21.0;

    private const DOOR_C = 5.0;

    private const BACK_S = 360.0;

    /** What water is in the air hardly changes: its dew point. */
    private const DEW_C = 10.0;

    private const BATTERY_PCT_A_DAY = 0.5;

    private float $doorOpenUntil = 0.0;

    private float $doorOpenFrom = 0.0;

    private float $batteryPct = 90.0;

    /** @param  callable(): float  $trembles  from 0 to 1 */
    public function __construct(private $trembles)
    {
    }

    public function openDoor(float $nowS, float $forS): void
    {
        $this->doorOpenFrom = $nowS;
        $this->doorOpenUntil = $nowS + $forS;
    }

    public function setBattery(float $percent): void
    {
        $this->batteryPct = max(0.0, min(100.0, $percent));
    }

    public function isDead(float $nowS): bool
    {
        return $this->battery($nowS) <= 0.0;
    }

    public function battery(float $nowS): float
    {
        return max(0.0, $this->batteryPct - self::BATTERY_PCT_A_DAY * $nowS / self::DAY_S);
    }

    /** °C, in steps of 0.1. */
    public function celsius(float $nowS): float
    {
        return round($this->air($nowS) + 0.1 * (($this->trembles)() - 0.5), 1);
    }

    /** Relative humidity, per cent, whole. */
    public function humidity(float $nowS): float
    {
        $celsius = $this->air($nowS);
        // over water, Magnus
        $pressure = static fn (float $c): float => exp(17.625 * $c / (243.04 + $c));

        return round(max(20.0, min(99.0, 100 * $pressure(self::DEW_C) / $pressure($celsius))));
    }

    private function air(float $nowS): float
    {
        $ofDay = fmod($nowS, self::DAY_S);
        $celsius = self::MEAN_C + self::SWING_C * cos(2 * M_PI * ($ofDay - self::WARMEST_S) / self::DAY_S);
        if ($ofDay >= self::HEATED_S[0] && $ofDay < self::HEATED_S[1]) {
            $celsius = max($celsius, self::HEATED_C);
        }
        $open = max(0.0, min($nowS, $this->doorOpenUntil) - $this->doorOpenFrom);
        $cooled = self::DOOR_C * (1 - exp(-$open / self::BACK_S));

        return $celsius - ($nowS < $this->doorOpenFrom ? 0.0 : $cooled * exp(-max(0.0, $nowS - $this->doorOpenUntil) / self::BACK_S));
    }
}
