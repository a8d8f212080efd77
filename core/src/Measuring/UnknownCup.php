<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/** A cup of which nothing is known: taken to be filled as deep as it is wide. */
final readonly class UnknownCup implements Container
{
    public function wettedMm2(float $ml): float
    {
        return $this->filled($ml)->wettedMm2($ml);
    }

    public function surfaceMm2(float $ml): float
    {
        return $this->filled($ml)->surfaceMm2($ml);
    }

    private function filled(float $ml): StraightCup
    {
        return new StraightCup((4000 * max(1e-9, $ml) / M_PI) ** (1 / 3));
    }
}
