<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Body;

/** A small thing that is counted: so many ml each. */
final readonly class Counted implements Body
{
    public function __construct(private float $ml)
    {
    }

    public function areaMm2(): ?float
    {
        return null;
    }

    public function holdsMl(): ?float
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
