<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** The upright rectangle round something, in mm. */
final readonly class Box
{
    private function __construct(
        public float $left,
        public float $top,
        public float $right,
        public float $bottom,
    ) {
    }

    /** @param  non-empty-list<Point>  $points */
    public static function round(array $points): self
    {
        $xs = array_map(static fn (Point $point): float => $point->x, $points);
        $ys = array_map(static fn (Point $point): float => $point->y, $points);

        return new self(min($xs), min($ys), max($xs), max($ys));
    }

    public function widthMm(): float
    {
        return $this->right - $this->left;
    }

    public function heightMm(): float
    {
        return $this->bottom - $this->top;
    }

    /** How far points for drawing and crossing tests may be from the true edge. */
    public function toleranceMm(): float
    {
        return min(0.1, max($this->widthMm(), $this->heightMm()) / 4000);
    }
}
