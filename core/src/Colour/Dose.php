<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** So much of one colourant. */
final readonly class Dose
{
    /** @param  float  $amount  above 0, in its unit */
    public function __construct(
        public Colourant $colourant,
        public float $amount,
        public DoseUnit $unit,
    ) {
    }

    /** Scaled, never rounded to nothing. */
    public function times(float $factor): self
    {
        return new self($this->colourant, $this->amount * $factor, $this->unit);
    }

    public function ml(): float
    {
        return $this->amount * ($this->colourant->mlPer($this->unit) ?? 0.0);
    }

    public function grams(): float
    {
        return $this->ml() * $this->colourant->densityGMl->value;
    }
}
