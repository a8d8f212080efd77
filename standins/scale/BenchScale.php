<?php

declare(strict_types=1);

namespace OpenGlaze\StandIns\Scale;

/**
 * A bench scale that is not there: what lies on it, and what its display would say. It settles slowly,
 * drifts a little, trembles, and what was still in the air when the hand stopped falls after.
 *
 * All times are seconds on a clock that the caller keeps; grams as on the display.
 */
final class BenchScale
{
    public const RESOLUTION_G = 0.1;

    public const CAPACITY_G = 5000.0;

    /** How quickly the display follows, s. */
    private const SETTLES_S = 0.35;

    /** How long a stream is in the air, s. */
    private const IN_THE_AIR_S = 0.25;

    private const NOISE_G = 0.04;

    private const DRIFT_G_PER_MIN = 0.03;

    /** The display counts as steady when it followed to within this, g. */
    private const STEADY_G = 0.06;

    private float $onG = 0.0;

    private float $shownG = 0.0;

    private float $tareG = 0.0;

    private float $flowGPerS = 0.0;

    private float $driftG = 0.0;

    /** @var list<array{float, float}> when a stream stops landing, g/s */
    private array $falling = [];

    private bool $isPlugged = true;

    private float $now = 0.0;

    /** @param  callable(): float  $chance  from 0 to 1 */
    public function __construct(private $chance)
    {
    }

    /** Lets time pass, up to a moment in s. */
    public function passTo(float $now): void
    {
        $seconds = max(0.0, $now - $this->now);
        $landing = $this->flowGPerS * $seconds;
        foreach ($this->falling as [$until, $flow]) {
            $landing += $flow * max(0.0, min($now, $until) - $this->now);
        }
        $this->falling = array_values(array_filter($this->falling, static fn (array $stream): bool => $stream[0] > $now));
        $this->onG += $landing;
        $this->driftG += (2 * ($this->chance)() - 1) * self::DRIFT_G_PER_MIN * $seconds / 60;
        $this->shownG += ($this->onG - $this->shownG) * (1 - exp(-$seconds / self::SETTLES_S));
        $this->now = $now;
    }

    public function pourAt(float $gramsPerS): void
    {
        $this->stop();
        $this->flowGPerS = max(0.0, $gramsPerS);
    }

    /** What is in the air still falls. */
    public function stop(): void
    {
        if ($this->flowGPerS > 0) {
            $this->falling[] = [$this->now + self::IN_THE_AIR_S, $this->flowGPerS];
        }
        $this->flowGPerS = 0.0;
    }

    /** Puts something on it, or with a negative amount takes some off, g. */
    public function put(float $grams): void
    {
        $this->onG = max(0.0, $this->onG + $grams);
    }

    public function clear(): void
    {
        $this->stop();
        $this->falling = [];
        $this->onG = 0.0;
    }

    public function tare(): void
    {
        $this->tareG = $this->shownG + $this->driftG;
    }

    public function unplug(): void
    {
        $this->isPlugged = false;
        $this->stop();
    }

    /** Switched on again it shows nothing for what lies on it. */
    public function plug(): void
    {
        $this->isPlugged = true;
        $this->shownG = $this->onG;
        $this->tare();
    }

    public function isPlugged(): bool
    {
        return $this->isPlugged;
    }

    public function isOverloaded(): bool
    {
        return $this->onG > self::CAPACITY_G;
    }

    /** What its display says, g: rounded to its resolution. */
    public function display(): float
    {
        $noise = (2 * ($this->chance)() - 1) * self::NOISE_G;
        $shown = round(($this->shownG + $this->driftG + $noise - $this->tareG) / self::RESOLUTION_G) * self::RESOLUTION_G;

        return round($shown, 3) + 0.0;
    }

    public function isSteady(): bool
    {
        return $this->flowGPerS === 0.0 && $this->falling === [] && abs($this->onG - $this->shownG) < self::STEADY_G;
    }
}
