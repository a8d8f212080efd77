<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/** A cup or dish of which only the inner diameter is known: straight, and as high as needed. Source: cylinder. */
final readonly class StraightCup implements Markable
{
    /** @param  float  $diameterMm  above 0 */
    public function __construct(public float $diameterMm)
    {
    }

    public function wettedMm2(float $ml): float
    {
        return $this->sectionMm2(0.0) + 4000 * max(0.0, $ml) / $this->diameterMm;
    }

    public function surfaceMm2(float $ml): float
    {
        return $this->wettedMm2($ml) + $this->sectionMm2(0.0);
    }

    public function heightOfMm(float $ml): float
    {
        return 1000 * $ml / $this->sectionMm2(0.0);
    }

    public function sectionMm2(float $heightMm): float
    {
        return M_PI * $this->diameterMm ** 2 / 4;
    }

    public function volumeMl(float $heightMm): float
    {
        return $this->sectionMm2(0.0) * $heightMm / 1000;
    }
}
