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

    /** @param  float  $laidMm  on the face, with what is poured to run off, above 0 */
    public function __construct(
        public float $laidMm,
        public DrainingFace $face,
        Liquid $liquid,
    ) {
        $this->flowing = FlowTable::of($laidMm / $face->keepsMm, $face->roundShare);
        $this->mobilityPerTime = $face->mobilityPerTime($liquid);
    }

    /** Whether any of it runs over. */
    public function runs(): bool
    {
        return $this->laidMm > $this->face->keepsMm;
    }

    /** Mean film on the face, mm. */
    public function meanMm(float $mobility): float
    {
        return $this->runs() && $mobility > 0 ? $this->face->keepsMm * ($this->flowing)($this->time($mobility))[0] : $this->laidMm;
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

        return [$this->face->keepsMm * $mean, ($this->face->keepsMm ** 4 * $flow / $this->face->reachMm) ** (1 / 3)];
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
        $round = $this->face->roundShare;
        $solver = fn (FaceShape $shape): FaceFlow => new FaceFlow($this->laidMm / $this->face->keepsMm, $cells, $step, $shape);
        [$straightFlow, $roundFlow] = [$round < 1 ? $solver(FaceShape::Straight) : null, $round > 0 ? $solver(FaceShape::Round) : null];
        $profiles = [];
        foreach ($mobilities as $mobility) {
            $time = $this->time($mobility);
            $one = $straightFlow?->to($time)->profile() ?? $roundFlow?->to($time)->profile() ?? [];
            $other = $roundFlow?->to($time)->profile() ?? $one;
            $profiles[] = array_map(fn (array $straight, array $all): array => [$straight[0], $this->face->keepsMm * ((1 - $round) * $straight[1] + $round * $all[1])], $one, $other);
        }

        return $profiles;
    }
}
