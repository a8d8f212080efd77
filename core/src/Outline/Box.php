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
        $left = $right = $points[0]->x;
        $top = $bottom = $points[0]->y;
        foreach ($points as $point) {
            $left = $point->x < $left ? $point->x : $left;
            $right = $point->x > $right ? $point->x : $right;
            $top = $point->y < $top ? $point->y : $top;
            $bottom = $point->y > $bottom ? $point->y : $bottom;
        }

        return new self($left, $top, $right, $bottom);
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
