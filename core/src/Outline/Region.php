<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * A face with a curved or many-sided edge. Its box begins at 0, 0.
 *
 * Source: area by Green's theorem along the true curves; perimeter to 1e-6.
 */
final readonly class Region implements Outline
{
    use MeasuresHoles;

    private function __construct(
        private Loop $edge,
        private Box $box,
        private float $leastCurvature,
    ) {
    }

    /**
     * @param  float  $leastCurvature  of the edge where it is known, 1/mm
     *
     * @throws OutlineException when the edge encloses nothing or crosses itself
     */
    public static function within(Loop $edge, float $leastCurvature = 0.0): self
    {
        $box = $edge->box();
        LoopCheck::encloses([$edge->points($box->toleranceMm())]);

        return new self($edge->moved(new Point(-$box->left, -$box->top)), $box, $leastCurvature);
    }

    public function areaMm2(): float
    {
        return $this->edge->areaMm2();
    }

    public function perimeterMm(): float
    {
        return $this->edge->lengthMm();
    }

    public function leastCurvature(): float
    {
        return $this->leastCurvature;
    }

    public function boxWidthMm(): float
    {
        return $this->box->widthMm();
    }

    public function boxHeightMm(): float
    {
        return $this->box->heightMm();
    }

    public function sideMm(Side $side): float
    {
        throw OutlineException::hasNoSides();
    }

    public function edge(): Loop
    {
        return $this->edge;
    }
}
