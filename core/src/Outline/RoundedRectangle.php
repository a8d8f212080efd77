<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A rectangle whose corners are quarters of a circle. */
final readonly class RoundedRectangle implements Outline
{
    use MeasuresHoles;

    private function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $radiusMm,
    ) {
    }

    /** @throws OutlineException when a side is not positive, or the radius more than half of the shorter side */
    public static function of(float $widthMm, float $heightMm, float $radiusMm): self
    {
        foreach (['width' => $widthMm, 'height' => $heightMm, 'radius' => $radiusMm] as $what => $mm) {
            if (! ($mm > 0)) {
                throw OutlineException::notPositive($what, $mm);
            }
        }
        if ($radiusMm > min($widthMm, $heightMm) / 2) {
            throw OutlineException::radiusTooLarge(min($widthMm, $heightMm) / 2);
        }

        return new self($widthMm, $heightMm, $radiusMm);
    }

    public function areaMm2(): float
    {
        return $this->widthMm * $this->heightMm - (4 - M_PI) * $this->radiusMm ** 2;
    }

    public function perimeterMm(): float
    {
        return 2 * ($this->widthMm + $this->heightMm) - (8 - 2 * M_PI) * $this->radiusMm;
    }

    public function boxWidthMm(): float
    {
        return $this->widthMm;
    }

    public function boxHeightMm(): float
    {
        return $this->heightMm;
    }

    /** A side is its straight part and one corner's arc. */
    public function sideMm(Side $side): float
    {
        return Rectangle::of($this->widthMm, $this->heightMm)->sideMm($side) - (2 - M_PI / 2) * $this->radiusMm;
    }

    public function edge(): Loop
    {
        return Loop::roundedRectangle($this->widthMm, $this->heightMm, $this->radiusMm);
    }
}
