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
    private const STEP_K = 0.25;

    private const LONGEST_STEP_MIN = 5.0;

    /** Once it sets ever more slowly steps may grow with the time so far, by this share of it. */
    private const LATE_STEP_SHARE = 0.04;

    private const FIRST_STEP_MIN = 0.02;

    /** Share of a step's conduction that is taken at its end: all of it at first. */
    private const AT_END = 0.55;

    private const FIRST_STEPS = 6;

    /** The temperatures of a step are found when a round moves none by more, K. */
    private const NEAR_K = 2e-4;

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

    /** @var list<float> J/(m² K) by cell */
    private array $capacities = [];

    /** @var list<float> W/(m² K) below each cell, and above the last */
    private array $conductances = [];

    private int $baseCells = 0;

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
    ) {
        [$this->swift, $this->fresh] = $curing->kinetics->arrhenius();
        $this->layBase();
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

    /** One pour of it until its top has an age, min at the reference temperature, or for some minutes. */
    public static function until(Curing $curing, PouredLayer $layer, Until $until, LayerGrid $grid = LayerGrid::OwnHeat): LayerRun
    {
        $heating = new self($curing, $layer, $grid);
        $heating->pour();

        return $heating->follow($until);
    }

    private function layBase(): void
    {
        $room = $this->layer->baseC ?? $this->layer->room->at(0.0);
        $through = 1 / $this->layer->belowWM2K();
        foreach ($this->layer->base as $slab) {
            $width = $slab->depthM / $this->grid->cellsOfSlab();
            for ($cell = 0; $cell < $this->grid->cellsOfSlab(); $cell++) {
                $this->conductances[] = 1 / ($through + $width / 2 / $slab->conductivity);
                $through = $width / 2 / $slab->conductivity;
                $this->capacities[] = $slab->heatCapacity * $width;
                $this->celsius[] = $room;
                $this->baseCells++;
            }
        }
        $this->conductances[] = $through;
    }

    /** Another lift on top of what lies there. */
    private function pour(): void
    {
        $cells = $this->grid->cellsOfResin();
        $width = $this->layer->depthMm / 1000 / $cells;
        $half = $width / 2 / $this->layer->conductivity;
        // what is above the last cell is its own half: the air is reached through it
        $through = array_pop($this->conductances) ?? 0.0;
        if (count($this->celsius) > $this->baseCells) {
            $through = $half;
        }
        for ($cell = 0; $cell < $cells; $cell++) {
            $this->conductances[] = 1 / ($through + $half);
            $through = $half;
            $this->capacities[] = $this->layer->densityKgM3 * $this->curing->capacityJKgK * $width;
            $this->celsius[] = $this->layer->room->at($this->min);
            $this->ages[] = $this->layer->ageMin;
            $this->converted[] = $this->curing->conversion($this->layer->ageMin);
        }
        $this->conductances[] = 1 / (1 / $this->layer->airWM2K + $half);
        [$this->pouredMin, $this->step, $this->steps] = [$this->min, self::FIRST_STEP_MIN, 0];
    }

    private function follow(Until $until): LayerRun
    {
        $from = $this->min;
        $first = count($this->celsius) - $this->grid->cellsOfResin();
        $last = count($this->celsius) - 1;
        $lastAge = count($this->ages) - 1;
        [$mins, $topAges] = [[0.0], [$this->ages[$lastAge]]];
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
            if ($here > $peak) {
                [$peak, $peakMin] = [$here, $this->min - $from];
            }
            if ($here > $until->celsius || $this->isDone($until, $this->min - $from, $here < $hottest)) {
                break;
            }
            $hottest = $here;
        }

        return new LayerRun($peak, $peakMin, $mins, $topAges);
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

    /** One step, no longer than asked, that warms no cell by much more than a quarter of a degree. */
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

    /** What is there after so many minutes more; the most that a cell changed by, K. */
    private function solve(float $minutes): float
    {
        $atEnd = $this->steps < self::FIRST_STEPS ? 1.0 : self::AT_END;
        [$seconds, $earlier] = [$minutes * 60 * $atEnd, $minutes * 60 * (1 - $atEnd)];
        [$capacities, $conductances, $before, $agesBefore] = [$this->capacities, $this->conductances, $this->celsius, $this->ages];
        [$baseCells, $cells] = [$this->baseCells, count($before)];
        $roomC = $this->layer->room->at($this->min + $minutes);
        $heat = $this->layer->densityKgM3 * $this->curing->heatKjKg * 1000 * $this->layer->depthMm / 1000 / $this->grid->cellsOfResin();
        [$swift, $fresh, $half] = [$this->swift, $this->fresh, $this->curing->halfAgeMin];
        // the matrix is the same in every round: its upper diagonal once
        [$upper, $divisors] = [[], []];
        $above = 0.0;
        for ($cell = 0; $cell < $cells; $cell++) {
            $below = $seconds * $conductances[$cell];
            $next = $seconds * $conductances[$cell + 1];
            $divisor = $capacities[$cell] + $below + $next - ($cell > 0 ? $below * $above : 0.0);
            $divisors[] = $divisor;
            $above = $next / $divisor;
            $upper[] = $above;
        }
        $known = [];
        $in = $earlier * $conductances[0] * ($this->layer->room->at($this->min) - $before[0]);
        for ($cell = 0; $cell < $cells; $cell++) {
            $out = $earlier * $conductances[$cell + 1] * ($before[$cell] - ($before[$cell + 1] ?? $this->layer->room->at($this->min)));
            $known[] = $capacities[$cell] * $before[$cell] + $in - $out;
            $in = $out;
        }
        $known[0] += $seconds * $conductances[0] * $roomC;
        $known[$cells - 1] += $seconds * $conductances[$cells] * $roomC;
        $rates = [];
        for ($cell = $baseCells; $cell < $cells; $cell++) {
            $rates[] = exp($fresh - $swift / ($before[$cell] + Physics::ZERO_CELSIUS_K));
        }
        $celsius = $before;
        [$ages, $converted] = [$agesBefore, $this->converted];
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $right = [];
            $last = 0.0;
            for ($cell = 0; $cell < $cells; $cell++) {
                $rest = $known[$cell];
                $at = $cell - $baseCells;
                if ($at >= 0) {
                    $age = $agesBefore[$at] + $minutes / 2 * ($rates[$at] + exp($fresh - $swift / ($celsius[$cell] + Physics::ZERO_CELSIUS_K)));
                    $x = ($age / $half) ** Curing::STEEPNESS;
                    $ages[$at] = $age;
                    $converted[$at] = $x / (1 + $x);
                    $rest += $heat * ($converted[$at] - $this->converted[$at]);
                }
                $last = ($rest + ($cell > 0 ? $seconds * $conductances[$cell] * $last : 0.0)) / $divisors[$cell];
                $right[] = $last;
            }
            $moved = 0.0;
            $value = 0.0;
            for ($cell = $cells - 1; $cell >= 0; $cell--) {
                $value = $right[$cell] + ($cell + 1 < $cells ? $upper[$cell] * $value : 0.0);
                $moved = max($moved, abs($value - $celsius[$cell]));
                $celsius[$cell] = $value;
            }
            if ($moved < self::NEAR_K) {
                break;
            }
        }
        $most = 0.0;
        for ($cell = $baseCells; $cell < $cells; $cell++) {
            $most = max($most, abs($celsius[$cell] - $before[$cell]));
        }
        [$this->celsius, $this->ages, $this->converted] = [array_values($celsius), array_values($ages), array_values($converted)];

        return $most;
    }
}
