<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/**
 * Heat that goes through slabs on top of each other, between the air below and the air above.
 *
 * Source: Fourier's law by finite volumes, implicit in time; its matrix has three diagonals (Thomas' algorithm).
 */
final class Conduction
{
    /** @var list<float> J/(m² K) by cell, from below */
    private array $capacities = [];

    /** @var list<float> W/(m² K) below each cell, and above the last */
    private array $conductances;

    /** m² K/W from the middle of the uppermost cell to its top; 0 while there is none. */
    private float $toTop = 0.0;

    /** @var list<float> what a step begins with, J/m² */
    private array $known = [];

    /** @var list<float> */
    private array $divisors = [];

    /** @var list<float> the matrix's diagonal above, by its divisor */
    private array $upper = [];

    private float $seconds = 0.0;

    public function __construct(float $belowWM2K, private readonly float $aboveWM2K)
    {
        $this->conductances = [$belowWM2K];
    }

    /** Another slab on top, in so many cells. */
    public function lay(Slab $slab, int $cells): void
    {
        $width = $slab->depthM / $cells;
        $half = $width / 2 / $slab->conductivity;
        $isFirst = $this->capacities === [];
        $below = $this->conductances[0];
        $this->conductances = $isFirst ? [] : array_slice($this->conductances, 0, -1);
        for ($cell = 0; $cell < $cells; $cell++) {
            $this->conductances[] = $isFirst ? 1 / (1 / $below + $half) : 1 / ($this->toTop + $half);
            $this->capacities[] = $slab->heatCapacity * $width;
            [$this->toTop, $isFirst] = [$half, false];
        }
        $this->conductances[] = 1 / (1 / $this->aboveWM2K + $half);
    }

    public function cells(): int
    {
        return count($this->capacities);
    }

    /**
     * Begins a step.
     *
     * @param  list<float>  $celsius  by cell, before it
     * @param  float  $atEnd  share of the conduction that is taken at its end, above 0 to 1
     * @param  float  $airBefore  °C of the air, before and after it
     */
    public function begin(array $celsius, float $seconds, float $atEnd, float $airBefore, float $airAfter): void
    {
        [$capacities, $conductances, $cells] = [$this->capacities, $this->conductances, count($this->capacities)];
        [$this->seconds, $earlier] = [$seconds * $atEnd, $seconds * (1 - $atEnd)];
        $known = $divisors = $upper = [];
        $above = 0.0;
        $in = $earlier * $conductances[0] * ($airBefore - $celsius[0]);
        for ($cell = 0; $cell < $cells; $cell++) {
            $below = $this->seconds * $conductances[$cell];
            $next = $this->seconds * $conductances[$cell + 1];
            $divisor = $capacities[$cell] + $below + $next - ($cell > 0 ? $below * $above : 0.0);
            $above = $next / $divisor;
            $divisors[] = $divisor;
            $upper[] = $above;
            $out = $earlier * $conductances[$cell + 1] * ($celsius[$cell] - ($celsius[$cell + 1] ?? $airBefore));
            $known[] = $capacities[$cell] * $celsius[$cell] + $in - $out;
            $in = $out;
        }
        $known[0] += $this->seconds * $conductances[0] * $airAfter;
        $known[$cells - 1] += $this->seconds * $conductances[$cells] * $airAfter;
        [$this->known, $this->divisors, $this->upper] = [array_values($known), $divisors, $upper];
    }

    /**
     * Temperatures after the step that was begun, °C by cell.
     *
     * @param  int  $from  the first cell in which heat is set free
     * @param  list<float>  $setFree  J/m² in it and each above it
     * @return list<float>
     */
    public function end(int $from, array $setFree): array
    {
        [$known, $divisors, $upper, $seconds, $conductances] = [$this->known, $this->divisors, $this->upper, $this->seconds, $this->conductances];
        $cells = count($known);
        $right = [];
        $last = 0.0;
        for ($cell = 0; $cell < $cells; $cell++) {
            $rest = $cell < $from ? $known[$cell] : $known[$cell] + $setFree[$cell - $from];
            $last = ($cell > 0 ? $rest + $seconds * $conductances[$cell] * $last : $rest) / $divisors[$cell];
            $right[] = $last;
        }
        for ($cell = $cells - 2; $cell >= 0; $cell--) {
            $last = $right[$cell] += $upper[$cell] * $last;
        }

        return array_values($right);
    }
}
