<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A map of the plane that keeps lines straight and parallels parallel: x′ = a·x + c·y + e, y′ = b·x + d·y + f. */
final readonly class Affine
{
    public function __construct(
        public float $a,
        public float $b,
        public float $c,
        public float $d,
        public float $e,
        public float $f,
    ) {
    }

    public static function identity(): self
    {
        return new self(1, 0, 0, 1, 0, 0);
    }

    public static function scale(float $x, float $y): self
    {
        return new self($x, 0, 0, $y, 0, 0);
    }

    public static function shift(float $x, float $y): self
    {
        return new self(1, 0, 0, 1, $x, $y);
    }

    public static function turn(float $degrees): self
    {
        [$cos, $sin] = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];

        return new self($cos, $sin, -$sin, $cos, 0, 0);
    }

    public static function skew(float $xDegrees, float $yDegrees): self
    {
        return new self(1, tan(deg2rad($yDegrees)), tan(deg2rad($xDegrees)), 1, 0, 0);
    }

    /** First the other one, then this. */
    public function after(self $first): self
    {
        return new self(
            $this->a * $first->a + $this->c * $first->b,
            $this->b * $first->a + $this->d * $first->b,
            $this->a * $first->c + $this->c * $first->d,
            $this->b * $first->c + $this->d * $first->d,
            $this->a * $first->e + $this->c * $first->f + $this->e,
            $this->b * $first->e + $this->d * $first->f + $this->f,
        );
    }

    public function of(Point $point): Point
    {
        return new Point($this->a * $point->x + $this->c * $point->y + $this->e, $this->b * $point->x + $this->d * $point->y + $this->f);
    }
}
