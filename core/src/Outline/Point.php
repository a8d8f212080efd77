<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A point of the face in mm, x to the right, y down. */
final readonly class Point
{
    public function __construct(
        public float $x,
        public float $y,
    ) {
    }

    public function plus(self $other): self
    {
        return new self($this->x + $other->x, $this->y + $other->y);
    }

    public function times(float $factor): self
    {
        return new self($this->x * $factor, $this->y * $factor);
    }

    public function minus(self $other): self
    {
        return new self($this->x - $other->x, $this->y - $other->y);
    }

    public function equals(self $other): bool
    {
        return $this->x === $other->x && $this->y === $other->y;
    }

    /** As in SVG path data, to a thousandth of a mm. */
    public function data(): string
    {
        return (round($this->x, 3) + 0.0).' '.(round($this->y, 3) + 0.0);
    }

    public function length(): float
    {
        return hypot($this->x, $this->y);
    }

    /** The area that two vectors span, positive when the second turns from x towards y. */
    public function cross(self $other): float
    {
        return $this->x * $other->y - $this->y * $other->x;
    }
}
