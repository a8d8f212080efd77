<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A round face. */
final readonly class Circle implements Outline
{
    use MeasuresHoles;

    private function __construct(public float $diameterMm)
    {
    }

    /** @throws OutlineException when the diameter is not positive */
    public static function ofDiameter(float $diameterMm): self
    {
        if (! ($diameterMm > 0)) {
            throw OutlineException::notPositive('diameter', $diameterMm);
        }

        return new self($diameterMm);
    }

    public function areaMm2(): float
    {
        return M_PI / 4 * $this->diameterMm ** 2;
    }

    public function perimeterMm(): float
    {
        return M_PI * $this->diameterMm;
    }

    public function leastCurvature(): float
    {
        return 2 / $this->diameterMm;
    }

    public function boxWidthMm(): float
    {
        return $this->diameterMm;
    }

    public function boxHeightMm(): float
    {
        return $this->diameterMm;
    }

    public function sideMm(Side $side): float
    {
        throw OutlineException::hasNoSides();
    }

    public function edge(): Loop
    {
        $radius = $this->diameterMm / 2;

        return Loop::ellipse(new Point($radius, $radius), $radius, $radius);
    }
}
