<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Body;

/** A mould or a receptacle that was filled with water and weighed: 1 g is 1 ml. */
final readonly class Hollow implements Body
{
    /** @param  float|null  $deepestMm  from its brim to its deepest place; null where nobody measured it */
    public function __construct(
        private float $waterG,
        private ?float $deepestMm = null,
    ) {
    }

    public function deepestMm(): ?float
    {
        return $this->deepestMm;
    }

    public function areaMm2(): ?float
    {
        return null;
    }

    public function holdsMl(): float
    {
        return $this->waterG;
    }

    public function boxMm(): ?array
    {
        return null;
    }

    public function eachMl(): ?float
    {
        return null;
    }

    public function isRough(): bool
    {
        return false;
    }
}
