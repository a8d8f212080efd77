<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Body;

/**
 * A stone or figure by its bounding size, taken as an ellipsoid: a rough estimate.
 *
 * Source: surface after K. Thomsen, p = 1.6075, within 1.1 % of the true ellipsoid.
 */
final readonly class Ellipsoid implements Body
{
    private const P = 1.6075;

    /** @param  float  $aMm  three full lengths, each above 0 */
    public function __construct(
        private float $aMm,
        private float $bMm,
        private float $cMm,
    ) {
    }

    public function areaMm2(): float
    {
        [$a, $b, $c] = [($this->aMm / 2) ** self::P, ($this->bMm / 2) ** self::P, ($this->cMm / 2) ** self::P];

        return 4 * M_PI * (($a * $b + $a * $c + $b * $c) / 3) ** (1 / self::P);
    }

    public function holdsMl(): ?float
    {
        return null;
    }

    public function deepestMm(): ?float
    {
        return null;
    }

    public function boxMm(): array
    {
        $sides = [$this->aMm, $this->bMm, $this->cMm];
        rsort($sides);

        return [$sides[0], $sides[1]];
    }

    public function eachMl(): ?float
    {
        return null;
    }

    public function isRough(): bool
    {
        return true;
    }
}
