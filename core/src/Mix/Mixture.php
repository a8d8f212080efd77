<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

/**
 * Two parts at their ratio: splits a volume into what to pour of each, and knows the mixed density.
 *
 * Source: conservation of mass; volumes are taken as additive.
 */
final readonly class Mixture
{
    /** A density taken from the family lies within this share of the resin's own (95 %). */
    private const TYPICAL_SPREAD = 0.03;

    private function __construct(
        public Ratio $ratio,
        public float $densityAGMl,
        public ?float $densityBGMl,
        /** the density is typical of the resin's family, not its label's own */
        public bool $typicalA,
        public bool $typicalB,
    ) {
    }

    /**
     * Densities in g/ml; null for a part B whose density is not known, as with a catalyst of a few per cent.
     *
     * @throws MixException when a density is not positive
     */
    public static function of(Ratio $ratio, float $densityAGMl, ?float $densityBGMl, bool $typicalA = false, bool $typicalB = false): self
    {
        if (! ($densityAGMl > 0) || ($densityBGMl !== null && ! ($densityBGMl > 0))) {
            throw MixException::densityNotPositive();
        }

        return new self($ratio, $densityAGMl, $densityBGMl, $typicalA, $typicalB);
    }

    /** Polyester with so many per cent of catalyst, by volume of the resin. */
    public static function catalysed(float $percent, float $densityAGMl, ?float $densityBGMl): self
    {
        return self::of(Ratio::byVolume(100, $percent), $densityAGMl, $densityBGMl);
    }

    /** Density of the mix in g/ml; part A's where part B's is not known. */
    public function densityGMl(): float
    {
        $a = $this->ratio->a;
        $b = $this->ratio->b;
        if ($this->densityBGMl === null) {
            return $this->densityAGMl;
        }

        return match ($this->ratio->by) {
            RatioBy::Volume => ($a * $this->densityAGMl + $b * $this->densityBGMl) / ($a + $b),
            RatioBy::Weight => ($a + $b) / ($a / $this->densityAGMl + $b / $this->densityBGMl),
        };
    }

    /**
     * How far the ratio can be off, in per cent, when its parts are weighed by typical densities, both at the ends
     * of their spread; 0 where it counts by weight or the densities are the label's own.
     */
    public function weighedOffPct(): float
    {
        if ($this->ratio->by === RatioBy::Weight) {
            return 0.0;
        }
        $spread = static fn (bool $typical): float => $typical ? self::TYPICAL_SPREAD : 0.0;

        return 100 * ((1 + $spread($this->typicalA)) / (1 - $spread($this->typicalB)) - 1);
    }

    /** What to pour of each part for so many ml of mix, 0 or more. */
    public function split(float $totalMl): Portions
    {
        $share = $this->ratio->a / ($this->ratio->a + $this->ratio->b);
        if ($this->ratio->by === RatioBy::Volume) {
            $aMl = $totalMl * $share;

            return new Portions($aMl, $totalMl - $aMl, $aMl * $this->densityAGMl, $this->densityBGMl === null ? null : ($totalMl - $aMl) * $this->densityBGMl);
        }
        $totalG = $totalMl * $this->densityGMl();
        $aG = $totalG * $share;

        return new Portions($aG / $this->densityAGMl, $totalMl - $aG / $this->densityAGMl, $aG, $totalG - $aG);
    }
}
