<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

use Closure;
use OpenGlaze\Core\Film\Liquid;

/**
 * The film of a face that goes on feeding a coated edge until it gels. All by mobility, m·s/kg: what happens at
 * which time hangs on the room.
 */
final readonly class RunningFilm
{
    /** Mobility of one unit of the law's own time. */
    private float $mobilityPerTime;

    /** @var Closure(float): array{float, float} mean and flow by the law's own time, in films that the edge keeps */
    private Closure $flowing;

    /**
     * @param  float  $laidMm  on the face, with what is poured to run off, above 0
     * @param  float  $keepsMm  what the edge keeps, above 0
     * @param  float  $reachMm  covered area ÷ coated edge, above 0
     */
    public function __construct(
        public float $laidMm,
        public float $keepsMm,
        public float $reachMm,
        Liquid $liquid,
    ) {
        $this->flowing = FlowTable::of($laidMm / $keepsMm);
        $this->mobilityPerTime = 3 * ($reachMm / 1000) ** 2 / ($liquid->weightNM3() * ($keepsMm / 1000) ** 3);
    }

    /** Whether any of it runs over. */
    public function runs(): bool
    {
        return $this->laidMm > $this->keepsMm;
    }

    /** Mean film on the face, mm. */
    public function meanMm(float $mobility): float
    {
        return $this->runs() && $mobility > 0 ? $this->keepsMm * ($this->flowing)($this->time($mobility))[0] : $this->laidMm;
    }

    /**
     * Mean film on the face, and the film that flows down a wall as fast as this runs over, ∛(3q/(ρg)), q the flow
     * over the edge per mobility; mm.
     *
     * @return array{float, float}
     */
    public function meanAndCarriedMm(float $mobility): array
    {
        if (! $this->runs()) {
            return [$this->laidMm, 0.0];
        }
        [$mean, $flow] = ($this->flowing)($this->time($mobility));

        return [$this->keepsMm * $mean, ($this->keepsMm ** 4 * $flow / $this->reachMm) ** (1 / 3)];
    }

    /** The law's own time. */
    public function time(float $mobility): float
    {
        return max(0.0, $mobility) / $this->mobilityPerTime;
    }

    /**
     * The film from the middle to the edge, by the solver.
     *
     * @param  list<float>  $mobilities  rising
     * @param  int  $cells  and the step of the solver: fewer and longer are quicker
     * @return list<list<array{float, float}>> place from 0 to 1 and mm, for each of them
     */
    public function profiles(array $mobilities, int $cells = FaceFlow::CELLS, float $step = FaceFlow::STEP): array
    {
        if (! $this->runs()) {
            return array_map(fn (float $mobility): array => [[0.0, $this->laidMm], [1.0, $this->laidMm]], $mobilities);
        }
        $flow = new FaceFlow($this->laidMm / $this->keepsMm, $cells, $step);

        return array_map(fn (float $mobility): array => array_map(
            fn (array $point): array => [$point[0], $this->keepsMm * $point[1]],
            $flow->to($this->time($mobility))->profile(),
        ), $mobilities);
    }
}
