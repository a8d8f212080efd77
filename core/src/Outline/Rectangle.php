<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A rectangle with square corners. */
final readonly class Rectangle implements Outline
{
    use MeasuresHoles;

    private function __construct(
        public float $widthMm,
        public float $heightMm,
    ) {
    }

    /** @throws OutlineException when a side is not positive */
    public static function of(float $widthMm, float $heightMm): self
    {
        foreach (['width' => $widthMm, 'height' => $heightMm] as $what => $mm) {
            if (! ($mm > 0)) {
                throw OutlineException::notPositive($what, $mm);
            }
        }

        return new self($widthMm, $heightMm);
    }

    public function areaMm2(): float
    {
        return $this->widthMm * $this->heightMm;
    }

    public function perimeterMm(): float
    {
        return 2 * ($this->widthMm + $this->heightMm);
    }

    public function boxWidthMm(): float
    {
        return $this->widthMm;
    }

    public function boxHeightMm(): float
    {
        return $this->heightMm;
    }

    public function sideMm(Side $side): float
    {
        return match ($side) {
            Side::Top, Side::Bottom => $this->widthMm,
            Side::Left, Side::Right => $this->heightMm,
        };
    }

    public function edge(): Loop
    {
        return Loop::through([
            new Point(0, 0),
            new Point($this->widthMm, 0),
            new Point($this->widthMm, $this->heightMm),
            new Point(0, $this->heightMm),
        ]);
    }
}
