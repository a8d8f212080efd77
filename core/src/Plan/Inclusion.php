<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** Things embedded in a coat, all of one sort, of one piece. */
final readonly class Inclusion
{
    /**
     * @param  float  $solidMl  volume of all of them without the voids between, ml
     * @param  float  $bottomMm  how far above the floor of the coat they begin
     * @param  float|null  $heightMm  from their bottom to their top; null when they lie within whatever film there is
     */
    public function __construct(
        public string $name,
        public int $count,
        public float $solidMl,
        public float $bottomMm,
        public ?float $heightMm,
        public bool $isBall,
        public ?Sourced $voidFraction,
        public bool $floats,
        public bool $drinks,
        public bool $trapsAir,
        public bool $toleratesHeat,
        public bool $onTop,
        /** laid on after the last heat: until then it does not count for it */
        public bool $afterHeat = false,
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
        if ($this->onTop) {
            return 0.0;
        }
        $height = $this->heightMm ?? max(0.0, $fullMm - $this->bottomMm);
        if ($height <= 0) {
            return 0.0;
        }
        $share = fn (float $mm): float => self::shareBelow(min(1.0, max(0.0, ($mm - $this->bottomMm) / $height)), $this->isBall);

        return $this->solidMl * ($share($toMm) - $share($fromMm));
    }

    public function standsProudOf(float $depthMm): bool
    {
        return $this->onTop || ($this->heightMm !== null && $this->bottomMm + $this->heightMm > $depthMm + 1e-9);
    }

    /** Share of a body's volume below a share of its height: a ball's cap, else a prism. */
    private static function shareBelow(float $x, bool $isBall): float
    {
        return $isBall ? $x * $x * (3 - 2 * $x) : $x;
    }
}
