<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** Things embedded in a coat, all of one sort, of one piece. */
final readonly class Inclusion
{
    /** @param  float  $solidMl  volume of all of them without the voids between, ml */
    public function __construct(
        public string $name,
        public int $count,
        public float $solidMl,
        public ?Sourced $voidFraction,
        public InclusionPlace $place,
        public InclusionTraits $traits,
    ) {
    }

    /**
     * Solid volume in ml that lies between two heights above the floor of the coat. What stands above
     * the film displaces nothing.
     *
     * @param  float  $fullMm  depth of the whole coat: what has no height of its own fills it evenly
     */
    public function solidMlBetween(float $fromMm, float $toMm, float $fullMm): float
    {
        if ($this->place->onTop) {
            return 0.0;
        }
        $height = $this->place->heightMm ?? max(0.0, $fullMm - $this->place->bottomMm);
        if ($height <= 0) {
            return 0.0;
        }
        $share = fn (float $mm): float => self::shareBelow(min(1.0, max(0.0, ($mm - $this->place->bottomMm) / $height)), $this->place->isBall);

        return $this->solidMl * ($share($toMm) - $share($fromMm));
    }

    public function standsProudOf(float $depthMm): bool
    {
        return $this->place->onTop || ($this->place->heightMm !== null && $this->place->bottomMm + $this->place->heightMm > $depthMm + 1e-9);
    }

    /** Share of a body's volume below a share of its height: a ball's cap, else a prism. */
    private static function shareBelow(float $x, bool $isBall): float
    {
        return $isBall ? $x * $x * (3 - 2 * $x) : $x;
    }
}
