<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Quantity\Physics;

/**
 * A layer of resin that warms itself on its base, in one dimension through the depth:
 * ρ·c·∂T/∂t = k·∂²T/∂z² + ρ·H·(dα/dτ)·a(T), each cell of the resin with its own age; conduction alone in the base.
 *
 * Finite volumes, implicit in time, the heat set free and the ages inside the step: taken from the step before they
 * would be a third too low near a runaway. The surfaces lose through half a cell. A model to compare choices with,
 * not a thermometer.
 *
 * Source: Fourier's law with the Arrhenius rate; the first steps after a pour backward Euler, which dies out what
 * comes of a sudden start (Rannacher 1984), then nearly the trapezoid.
 */
final class LayerHeating
{
    /** A step warms no cell by more, K. */
    private const STEP_K = 0.5;

    private const LONGEST_STEP_MIN = 10.0;

    /** Once it sets ever more slowly steps may grow with the time so far, by this share of it. */
    private const LATE_STEP_SHARE = 0.1;

    private const FIRST_STEP_MIN = 0.02;

    /** Share of a step's conduction that is taken at its end: all of it at first. */
    private const AT_END = 0.55;

    private const FIRST_STEPS = 6;

    /** The temperatures of a step are found when a round moves none by more, K. */
    private const NEAR_K = 4e-3;

    private const MOST_ROUNDS = 12;

    private const MOST_STEPS = 20_000;

    /** More lifts than these are no warmer: the last that is followed stands for those after it. */
    public const MOST_LIFTS = 6;

    private readonly float $swift;

    private readonly float $fresh;

    /** @var list<float> °C by cell, from below */
    private array $celsius = [];

    /** @var list<float> age by cell of the resin, from below, min at the reference temperature */
    private array $ages = [];

    /** @var list<float> share that has reacted, by cell of the resin */
    private array $converted = [];

    /** @var list<float> how the last step went, K/min by cell of the resin */
    private array $slopes = [];

    private readonly Conduction $conduction;

    private readonly int $baseCells;

    private readonly float $heatOfCell;

    private float $min = 0.0;

    /** When the last lift was poured. */
    private float $pouredMin = 0.0;

    private float $step = self::FIRST_STEP_MIN;

    /** Steps since the last pour. */
    private int $steps = 0;

    private function __construct(
        private readonly Curing $curing,
        private readonly PouredLayer $layer,
        private readonly LayerGrid $grid,
        private readonly bool $keepsProfiles = false,
    ) {
        [$this->swift, $this->fresh] = $curing->kinetics->arrhenius();
        $this->conduction = $layer->onBase($grid->cellsOfSlab());
        $this->baseCells = $this->conduction->cells();
        $this->celsius = array_fill(0, $this->baseCells, $layer->baseC ?? $layer->room->at(0.0));
        // all that one cell of the resin can set free, J/m²
        $this->heatOfCell = $layer->densityKgM3 * $curing->heatKjKg * 1000 * $layer->depthMm / 1000 / $grid->cellsOfResin();
    }

    /**
     * Each of its lifts in turn, until the next is poured; the last until the peak is over.
     *
     * @param  float  $untilC  followed no further once it is hotter
     * @return list<LayerRun>
     */
    public static function peaks(Curing $curing, PouredLayer $layer, float $untilC = INF, LayerGrid $grid = LayerGrid::Peaks): array
    {
        $heating = new self($curing, $layer, $grid);
        $runs = [];
        for ($lift = 1; $lift <= min($layer->lifts->count, self::MOST_LIFTS); $lift++) {
            $heating->pour();
            $isLast = $lift === min($layer->lifts->count, self::MOST_LIFTS);
            $runs[] = $heating->follow(new Until(0.0, $isLast ? $curing->fastestAgeMin() : null, $isLast ? 0.0 : $layer->lifts->intervalMin, $untilC));
            if ($runs[$lift - 1]->peakC > $untilC) {
                break;
            }
        }

        return $runs;
    }

    /**
     * The same of its hottest lift alone, with the temperatures through it and those below, for so many minutes from
     * its pour.
     *
     * @param  positive-int  $lift  counted from 1
     */
    public static function through(Curing $curing, PouredLayer $layer, int $lift, float $minutes): LayerRun
    {
        $heating = new self($curing, $layer, LayerGrid::Peaks, true);
        for ($below = 1; $below < $lift; $below++) {
            $heating->pour();
            $heating->follow(new Until(0.0, null, $layer->lifts->intervalMin));
        }
        $heating->pour();

        return $heating->follow(new Until(0.0, null, $minutes));
    }

    /** One pour of it until its top has an age, min at the reference temperature, or for some minutes. */
    public static function until(Curing $curing, PouredLayer $layer, Until $until, LayerGrid $grid = LayerGrid::OwnHeat): LayerRun
    {
        $heating = new self($curing, $layer, $grid);
        $heating->pour();

        return $heating->follow($until);
    }

    /** Another lift on top of what lies there. */
    private function pour(): void
    {
        $cells = $this->grid->cellsOfResin();
        $this->conduction->lay($this->layer->slab($this->curing), $cells);
        for ($cell = 0; $cell < $cells; $cell++) {
            $this->celsius[] = $this->layer->room->at($this->min);
            $this->ages[] = $this->layer->ageMin;
            $this->converted[] = $this->curing->conversion($this->layer->ageMin);
        }
        [$this->pouredMin, $this->step, $this->steps] = [$this->min, self::FIRST_STEP_MIN, 0];
    }

    private function follow(Until $until): LayerRun
    {
        $from = $this->min;
        $first = count($this->celsius) - $this->grid->cellsOfResin();
        $last = count($this->celsius) - 1;
        $lastAge = count($this->ages) - 1;
        [$mins, $topAges, $profiles] = [[0.0], [$this->ages[$lastAge]], [$this->profile()]];
        [$peak, $peakMin] = [$this->celsius[$last], 0.0];
        $hottest = $peak;
        for ($steps = 0; $steps < self::MOST_STEPS; $steps++) {
            $this->advance($until->min > 0 ? $until->min - ($this->min - $from) : INF);
            $here = $this->celsius[$first];
            for ($cell = $first + 1; $cell <= $last; $cell++) {
                $here = max($here, $this->celsius[$cell]);
            }
            $mins[] = $this->min - $from;
            $topAges[] = $this->ages[$lastAge];
            if ($this->keepsProfiles) {
                $profiles[] = $this->profile();
            }
            if ($here > $peak) {
                [$peak, $peakMin] = [$here, $this->min - $from];
            }
            if ($here > $until->celsius || $this->isDone($until, $this->min - $from, $here < $hottest)) {
                break;
            }
            $hottest = $here;
        }

        return new LayerRun($peak, $peakMin, $mins, $topAges, $this->keepsProfiles ? $profiles : []);
    }

    /** @return list<float> °C of the resin, from its floor to its top */
    private function profile(): array
    {
        return array_slice($this->celsius, $this->baseCells);
    }

    private function isDone(Until $until, float $min, bool $cools): bool
    {
        $lastAge = count($this->ages) - 1;
        if ($min < $until->min - 1e-9 || $this->ages[$lastAge] < $until->ageMin) {
            return false;
        }

        if ($until->slowsFromAgeMin === null) {
            return true;
        }
        foreach (array_slice($this->ages, -$this->grid->cellsOfResin()) as $age) {
            if ($age <= $until->slowsFromAgeMin) {
                return false;
            }
        }

        return $cools;
    }

    /** One step, no longer than asked, that warms no cell by much more than half a degree. */
    private function advance(float $mostMin): void
    {
        $before = [$this->celsius, $this->ages, $this->converted];
        $longest = $this->longestStep();
        $step = min($this->step, $longest, $mostMin);
        while (true) {
            $most = $this->solve($step);
            if ($most <= 1.5 * self::STEP_K || $step < 1e-6) {
                break;
            }
            [$this->celsius, $this->ages, $this->converted] = $before;
            $step *= max(0.2, 0.9 * self::STEP_K / $most);
        }
        $this->min += $step;
        $this->steps++;
        $this->step = min($longest, $step * min(2.0, 0.95 * self::STEP_K / max(1e-9, $most)));
    }

    private function longestStep(): float
    {
        return $this->ages[count($this->ages) - 1] > $this->curing->fastestAgeMin()
            ? max(self::LONGEST_STEP_MIN, self::LATE_STEP_SHARE * ($this->min - $this->pouredMin))
            : self::LONGEST_STEP_MIN;
    }

    /** What is there after so many minutes more; the most that a cell of the resin changed by, K. */
    private function solve(float $minutes): float
    {
        [$before, $agesBefore, $convertedBefore] = [$this->celsius, $this->ages, $this->converted];
        [$baseCells, $room, $half] = [$this->baseCells, $this->layer->room, $this->curing->halfAgeMin];
        [$swift, $fresh] = [$this->swift, $this->fresh];
        $this->conduction->begin($before, 60 * $minutes, $this->steps < self::FIRST_STEPS ? 1.0 : self::AT_END, $room->at($this->min), $room->at($this->min + $minutes));
        $rates = [];
        foreach ($agesBefore as $at => $age) {
            $rates[] = exp($fresh - $swift / ($before[$baseCells + $at] + Physics::ZERO_CELSIUS_K));
        }
        [$celsius, $ages, $converted] = [$before, $agesBefore, $convertedBefore];
        // a first guess: it goes on as it went
        foreach ($rates as $at => $rate) {
            $celsius[$baseCells + $at] += $minutes * ($this->slopes[$at] ?? 0.0);
        }
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $setFree = [];
            foreach ($rates as $at => $rate) {
                $ages[$at] = $agesBefore[$at] + $minutes / 2 * ($rate + exp($fresh - $swift / ($celsius[$baseCells + $at] + Physics::ZERO_CELSIUS_K)));
                $x = ($ages[$at] / $half) ** Curing::STEEPNESS;
                $converted[$at] = $x / (1 + $x);
                $setFree[] = $this->heatOfCell * ($converted[$at] - $convertedBefore[$at]);
            }
            $found = $this->conduction->end($baseCells, $setFree);
            $moved = 0.0;
            foreach ($rates as $at => $rate) {
                $moved = max($moved, abs($found[$baseCells + $at] - $celsius[$baseCells + $at]));
            }
            $celsius = $found;
            if ($moved < self::NEAR_K) {
                break;
            }
        }
        $most = 0.0;
        $this->slopes = [];
        foreach ($rates as $at => $rate) {
            $change = $celsius[$baseCells + $at] - $before[$baseCells + $at];
            $most = max($most, abs($change));
            $this->slopes[] = $change / $minutes;
        }
        [$this->celsius, $this->ages, $this->converted] = [$celsius, array_values($ages), array_values($converted)];

        return $most;
    }
}
