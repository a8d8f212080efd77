<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * The room's temperature over the hours from a coat's time 0: points joined by straight lines, ends held.
 */
final readonly class Temperatures
{
    /** Straight lines that an exponential is drawn in. */
    private const LINES = 32;

    /** The last of them, in time constants: then nothing of it is left. */
    private const TAIL = [4.0, 5.0, 7.0, 12.0];

    /** @param  non-empty-list<TemperaturePoint>  $points strictly rising in time */
    private function __construct(public array $points)
    {
    }

    public static function steady(float $celsius): self
    {
        return new self([new TemperaturePoint(0.0, $celsius)]);
    }

    /** @param  non-empty-list<TemperaturePoint>  $points strictly rising in time */
    public static function through(array $points): self
    {
        return new self($points);
    }

    public function isSteady(): bool
    {
        foreach ($this->points as $point) {
            if ($point->celsius !== $this->points[0]->celsius) {
                return false;
            }
        }

        return true;
    }

    /** Temperature in °C so many minutes after time 0. */
    public function at(float $min): float
    {
        $hours = $min / 60;
        [$low, $high] = [0, count($this->points) - 1];
        if ($hours <= $this->points[0]->atH || $high === 0) {
            return $this->points[0]->celsius;
        }
        if ($hours >= $this->points[$high]->atH) {
            return $this->points[$high]->celsius;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->points[$middle]->atH < $hours ? $low = $middle : $high = $middle;
        }
        [$before, $after] = [$this->points[$low], $this->points[$high]];

        return $before->celsius + ($after->celsius - $before->celsius) * ($hours - $before->atH) / ($after->atH - $before->atH);
    }

    /**
     * What a film has that begins off the room's temperature and comes to it: room + off·e^(−t/τ), in straight lines.
     *
     * @param  float  $offK  at time 0
     * @param  float  $timeConstantMin  τ, above 0
     */
    public function beginningOff(float $offK, float $timeConstantMin): self
    {
        $hours = array_map(static fn (TemperaturePoint $point): float => $point->atH, $this->points);
        for ($line = 0; $line < self::LINES; $line++) {
            // each takes as much of it off as the others
            $hours[] = $timeConstantMin / 60 * -log(1 - $line / self::LINES);
        }
        foreach (self::TAIL as $timeConstants) {
            $hours[] = $timeConstantMin / 60 * $timeConstants;
        }
        $hours = array_unique(array_map(static fn (float $at): float => max(0.0, $at), $hours), SORT_NUMERIC);
        sort($hours);

        return new self(array_map(fn (float $at): TemperaturePoint => new TemperaturePoint($at, $this->at(60 * $at) + $offK * exp(-60 * $at / $timeConstantMin)), $hours));
    }

    /** Between it and a temperature that does not change, by the share of that, 0 to 1. */
    public function mixedWith(float $celsius, float $share): self
    {
        return new self(array_map(static fn (TemperaturePoint $point): TemperaturePoint => new TemperaturePoint($point->atH, (1 - $share) * $point->celsius + $share * $celsius), $this->points));
    }

    /** The same, all of it warmer by so many K. */
    public function warmerBy(float $kelvin): self
    {
        return $kelvin === 0.0 ? $this : new self(array_map(static fn (TemperaturePoint $point): TemperaturePoint => new TemperaturePoint($point->atH, $point->celsius + $kelvin), $this->points));
    }

    public function lowestUntil(float $min): float
    {
        return min($this->valuesUntil($min));
    }

    public function highestUntil(float $min): float
    {
        return max($this->valuesUntil($min));
    }

    /**
     * Minutes at which the line bends, after time 0, rising, and the temperature there.
     *
     * @return list<array{float, float}>
     */
    public function bends(): array
    {
        $bends = [];
        foreach ($this->points as $point) {
            if ($point->atH > 0) {
                $bends[] = [$point->atH * 60, $point->celsius];
            }
        }

        return $bends;
    }

    /** @return non-empty-list<float> */
    private function valuesUntil(float $min): array
    {
        $values = [$this->at(0.0), $this->at($min)];
        foreach ($this->points as $point) {
            if ($point->atH > 0 && $point->atH * 60 < $min) {
                $values[] = $point->celsius;
            }
        }

        return $values;
    }
}
