<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A straight piece of an edge. */
final readonly class Line implements Segment
{
    public function __construct(
        private Point $start,
        private Point $end,
    ) {
    }

    public function start(): Point
    {
        return $this->start;
    }

    public function end(): Point
    {
        return $this->end;
    }

    public function areaTermMm2(): float
    {
        return $this->start->cross($this->end) / 2;
    }

    public function lengthMm(): float
    {
        return $this->end->minus($this->start)->length();
    }

    public function isPoint(): bool
    {
        return $this->start->equals($this->end);
    }

    public function pointsAfterStart(float $toleranceMm): array
    {
        return [$this->end];
    }

    public function moved(Point $by): self
    {
        return new self($this->start->plus($by), $this->end->plus($by));
    }

    public function mapped(Affine $map): array
    {
        return [new self($map->of($this->start), $map->of($this->end))];
    }

    public function data(): string
    {
        return 'L'.$this->end->data();
    }

    public function extremes(): array
    {
        return [$this->start, $this->end];
    }
}
