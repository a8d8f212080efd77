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
    ) {
    }

    /**
     * Densities in g/ml; null for a part B whose density is not known, as with a catalyst of a few per cent.
     *
     * @throws MixException when a density is not positive
     */
    public static function of(Ratio $ratio, float $densityAGMl, ?float $densityBGMl): self
    {
        if (! ($densityAGMl > 0) || ($densityBGMl !== null && ! ($densityBGMl > 0))) {
            throw MixException::densityNotPositive();
        }

        return new self($ratio, $densityAGMl, $densityBGMl);
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
