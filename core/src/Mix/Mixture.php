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
    private function __construct(
        public Ratio $ratio,
        public float $densityAGMl,
        public ?float $densityBGMl,
        /** how far the density may be off (95 %), as a share of it: 0 for the label's own, more for a typical one */
        public float $offA,
        public float $offB,
    ) {
    }

    /**
     * Densities in g/ml, and the shares they may be off by (95 %); null for a part B whose density is not known, as with a catalyst of a few per cent.
     *
     * @throws MixException when a density is not positive
     */
    public static function of(Ratio $ratio, float $densityAGMl, ?float $densityBGMl, float $offA = 0.0, float $offB = 0.0): self
    {
        if (! ($densityAGMl > 0) || ($densityBGMl !== null && ! ($densityBGMl > 0))) {
            throw MixException::densityNotPositive();
        }

        return new self($ratio, $densityAGMl, $densityBGMl, $offA, $offB);
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

        return 100 * ((1 + $this->offA) / (1 - $this->offB) - 1);
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
