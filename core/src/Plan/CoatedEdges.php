<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Outline\OutlineException;
use OpenGlaze\Core\Outline\Side;

/** Which edges of a piece get coated: all of the outer edge, none, some sides, or so many mm. */
final readonly class CoatedEdges
{
    /** @param  list<Side>  $sides */
    private function __construct(
        private bool $all,
        private array $sides,
        private float $mm,
    ) {
    }

    public static function all(): self
    {
        return new self(true, [], 0.0);
    }

    public static function none(): self
    {
        return new self(false, [], 0.0);
    }

    /** @param  list<Side>  $sides each at most once */
    public static function sides(array $sides): self
    {
        return new self(false, $sides, 0.0);
    }

    public static function lengthOf(float $mm): self
    {
        return new self(false, [], $mm);
    }

    /** @throws OutlineException when single sides are asked of an outline without sides */
    public function lengthMm(Outline $outline): float
    {
        if ($this->all) {
            return $outline->perimeterMm();
        }

        return $this->mm + array_sum(array_map(static fn (Side $side): float => $outline->sideMm($side), $this->sides));
    }
}
