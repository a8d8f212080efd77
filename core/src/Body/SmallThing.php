<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Body;

/** A small thing that is counted: so many ml each. */
final readonly class SmallThing implements Body
{
    /** @param  float|null  $areaMm2  of one; null where nobody measured it */
    public function __construct(
        private float $ml,
        private ?float $areaMm2 = null,
    ) {
    }

    public function areaMm2(): ?float
    {
        return $this->areaMm2;
    }

    public function holdsMl(): ?float
    {
        return null;
    }

    public function deepestMm(): ?float
    {
        return null;
    }

    public function boxMm(): ?array
    {
        return null;
    }

    public function eachMl(): float
    {
        return $this->ml;
    }

    public function isRough(): bool
    {
        return false;
    }
}
