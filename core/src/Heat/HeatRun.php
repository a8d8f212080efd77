<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** How one body of resin warmed itself: minutes from its start, °C, and age in minutes at the reference temperature. */
final readonly class HeatRun
{
    public float $peakC;

    public float $peakMin;

    /**
     * @param  non-empty-list<float>  $mins  rising
     * @param  non-empty-list<float>  $celsius
     * @param  non-empty-list<float>  $ages  rising
     * @param  float  $oldestMin  where ages end: older is the same
     */
    public function __construct(
        public array $mins,
        public array $celsius,
        public array $ages,
        private float $oldestMin = INF,
    ) {
        $at = array_search(max($celsius), $celsius, true);
        $this->peakC = $celsius[$at];
        $this->peakMin = $mins[$at];
    }

    /** Minutes until it has an age; null when it was not followed so far. */
    public function minutesToAge(float $ageMin): ?float
    {
        return Course::at($this->ages, $this->mins, $ageMin);
    }

    /** Minutes until it is as warm as that; null when it never is. */
    public function minutesToC(float $celsius): ?float
    {
        foreach ($this->celsius as $i => $here) {
            if ($here >= $celsius) {
                return $i === 0 ? 0.0 : $this->mins[$i - 1]
                    + ($this->mins[$i] - $this->mins[$i - 1]) * ($celsius - $this->celsius[$i - 1]) / ($here - $this->celsius[$i - 1]);
            }
        }

        return null;
    }

    /** °C after so many minutes; null past what was followed. */
    public function celsiusAt(float $min): ?float
    {
        return Course::at($this->mins, $this->celsius, $min);
    }

    /** Age after so many minutes, at most where ages end; null past what was followed. */
    public function ageAt(float $min): ?float
    {
        $age = Course::at($this->mins, $this->ages, $min);
        if ($age === null && $this->ages[count($this->ages) - 1] >= $this->oldestMin) {
            return $this->oldestMin;
        }

        return $age === null ? null : min($age, $this->oldestMin);
    }
}
