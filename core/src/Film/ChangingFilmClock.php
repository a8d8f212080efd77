<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * The film's clock in a room whose temperature changes: age and mobility are integrated together.
 *
 * Source: Simpson's rule (a parabola through three points) on dτ/dt = a(T), dM/dt = 1/η(T, τ), in steps of a
 * fiftieth of the open time while the film still flows; past the last bend of the temperature line
 * the steady room's closed forms go on.
 */
final class ChangingFilmClock implements FilmClock
{
    private const LONGEST_STEP_MIN = 15.0;

    /** @var non-empty-list<FilmState> */
    private array $states;

    private readonly SteadyFilmClock $tail;

    public function __construct(
        private readonly Kinetics $kinetics,
        private readonly Temperatures $temperatures,
        private readonly float $ageAtPourMin,
    ) {
        $this->states = [new FilmState(0.0, $ageAtPourMin, 0.0, $temperatures->at(0.0), $kinetics->rate($temperatures->at(0.0)))];
        $this->integrate();
        $last = $this->lastState();
        $this->tail = new SteadyFilmClock($kinetics, $temperatures->at($last->min), $last->ageMin);
    }

    public function rate(): float
    {
        return $this->kinetics->rate($this->temperatures->at(0.0));
    }

    public function ageAtPourMin(): float
    {
        return $this->ageAtPourMin;
    }

    public function ageAt(float $min): float
    {
        $last = $this->lastState();

        return $min >= $last->min ? $this->tail->ageAt($min - $last->min) : $this->stateAt($min)->ageMin;
    }

    public function viscosityAt(float $min): float
    {
        $last = $this->lastState();

        return $min >= $last->min
            ? $this->tail->viscosityAt($min - $last->min)
            : $this->kinetics->viscosity($this->temperatures->at($min), $this->stateAt($min)->ageMin);
    }

    public function minutesToAge(float $ageMin): float
    {
        if ($ageMin <= $this->ageAtPourMin) {
            return 0.0;
        }
        $last = $this->lastState();
        if ($ageMin >= $last->ageMin) {
            return $last->min + $this->tail->minutesToAge($ageMin);
        }

        return $this->whenReached($ageMin, static fn (FilmState $state): float => $state->ageMin);
    }

    public function minutesToViscosity(float $paS): float
    {
        $before = 0.0;
        foreach ($this->states as $state) {
            if ($this->kinetics->viscosity($state->celsius, $state->ageMin) >= $paS) {
                return $state->min === 0.0 ? 0.0 : $this->bisected(fn (float $min): bool => $this->viscosityAt($min) >= $paS, $before, $state->min);
            }
            $before = $state->min;
        }

        return $this->lastState()->min + $this->tail->minutesToViscosity($paS);
    }

    public function mobilityAfter(float $min): float
    {
        $last = $this->lastState();

        return $min >= $last->min
            ? $last->mobility + $this->tail->mobilityAfter($min - $last->min)
            : $this->stateAt($min)->mobility;
    }

    public function mobilityInTheEnd(): float
    {
        return $this->lastState()->mobility + $this->tail->mobilityInTheEnd();
    }

    public function minutesToMobility(float $mobility): ?float
    {
        $last = $this->lastState();
        if ($mobility >= $last->mobility) {
            $rest = $this->tail->minutesToMobility($mobility - $last->mobility);

            return $rest === null ? null : $last->min + $rest;
        }

        return $this->whenReached($mobility, static fn (FilmState $state): float => $state->mobility);
    }

    private function integrate(): void
    {
        $state = $this->states[0];
        foreach ($this->temperatures->bends() as [$bend, $celsius]) {
            while ($state->min < $bend - 1e-9) {
                $left = $bend - $state->min;
                $step = min($this->stepMin($state), $left);
                // the temperature goes straight to the bend
                $rise = ($celsius - $state->celsius) * $step / $left;
                $state = $this->advanceBy($state, $step, $state->celsius + $rise / 2, $state->celsius + $rise);
                $this->states[] = $state;
            }
        }
    }

    private function stepMin(FilmState $state): float
    {
        if ($state->ageMin >= $this->kinetics->stiffAgeMin()) {
            return self::LONGEST_STEP_MIN;
        }

        return min(self::LONGEST_STEP_MIN, 0.02 * $this->kinetics->openMin / $state->rate);
    }

    private function advance(FilmState $from, float $step): FilmState
    {
        return $this->advanceBy($from, $step, $this->temperatures->at($from->min + $step / 2), $this->temperatures->at($from->min + $step));
    }

    private function advanceBy(FilmState $from, float $step, float $celsiusMiddle, float $celsiusEnd): FilmState
    {
        [$celsiusStart, $rateStart] = [$from->celsius, $from->rate];
        $rateMiddle = $this->kinetics->rate($celsiusMiddle);
        $rateEnd = $this->kinetics->rate($celsiusEnd);
        $ageMiddle = $from->ageMin + $step / 24 * (5 * $rateStart + 8 * $rateMiddle - $rateEnd);
        $ageEnd = $from->ageMin + $step / 6 * ($rateStart + 4 * $rateMiddle + $rateEnd);
        if ($from->ageMin >= $this->kinetics->stiffAgeMin()) {
            return new FilmState($from->min + $step, $ageEnd, $from->mobility, $celsiusEnd, $rateEnd);
        }
        $flow = 1 / $this->kinetics->viscosity($celsiusStart, $from->ageMin)
            + 4 / $this->kinetics->viscosity($celsiusMiddle, $ageMiddle)
            + 1 / $this->kinetics->viscosity($celsiusEnd, $ageEnd);

        return new FilmState($from->min + $step, $ageEnd, $from->mobility + $step * 60 / 6 * $flow, $celsiusEnd, $rateEnd);
    }

    private function stateAt(float $min): FilmState
    {
        $before = $this->lastStateWhere(static fn (FilmState $state): bool => $state->min <= $min);

        return $this->advance($before, $min - $before->min);
    }

    /** @param  callable(FilmState): float  $measure a measure that grows with time */
    private function whenReached(float $wanted, callable $measure): float
    {
        $before = $this->lastStateWhere(static fn (FilmState $state): bool => $measure($state) <= $wanted);

        return $before->min + $this->bisected(fn (float $step): bool => $measure($this->advance($before, $step)) >= $wanted, 0.0, $this->stepMin($before));
    }

    /** @param  callable(float): bool  $reached false up to some moment, true after it */
    private function bisected(callable $reached, float $low, float $high): float
    {
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $reached($middle) ? $high = $middle : $low = $middle;
        }

        return ($low + $high) / 2;
    }

    /** @param  callable(FilmState): bool  $holds true up to some state, false after it */
    private function lastStateWhere(callable $holds): FilmState
    {
        $low = 0;
        $high = count($this->states);
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($holds($this->states[$middle])) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $this->states[$low];
    }

    private function lastState(): FilmState
    {
        return $this->states[count($this->states) - 1];
    }
}
