<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** An outline with holes that must stay open. */
final readonly class Pierced implements Outline
{
    use MeasuresHoles;

    /** @param  non-empty-list<Loop>  $holes */
    private function __construct(
        public Outline $whole,
        private array $holes,
    ) {
    }

    /**
     * @param  list<Loop>  $holes  in the outline's own coordinates, whose box begins at 0, 0
     *
     * @throws OutlineException when a hole lies outside, crosses the edge, or overlaps another
     */
    public static function by(Outline $whole, array $holes): Outline
    {
        if ($holes === []) {
            return $whole;
        }
        $tolerance = $whole->edge()->box()->toleranceMm();
        LoopCheck::encloses(array_map(static fn (Loop $loop): array => $loop->points($tolerance), [$whole->edge(), ...$holes]));

        return new self($whole, $holes);
    }

    public function areaMm2(): float
    {
        return $this->whole->areaMm2() - array_sum(array_map(static fn (Loop $hole): float => $hole->areaMm2(), $this->holes));
    }

    public function perimeterMm(): float
    {
        return $this->whole->perimeterMm();
    }

    public function leastCurvature(): float
    {
        return $this->whole->leastCurvature();
    }

    public function boxWidthMm(): float
    {
        return $this->whole->boxWidthMm();
    }

    public function boxHeightMm(): float
    {
        return $this->whole->boxHeightMm();
    }

    public function sideMm(Side $side): float
    {
        return $this->whole->sideMm($side);
    }

    public function edge(): Loop
    {
        return $this->whole->edge();
    }

    public function holes(): array
    {
        return $this->holes;
    }
}
