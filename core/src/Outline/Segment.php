<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** One piece of an outline's edge, from its start to its end. */
interface Segment
{
    public function start(): Point;

    public function end(): Point;

    /** Its share of the enclosed area in mm²: ½∫(x dy − y dx). */
    public function areaTermMm2(): float;

    public function lengthMm(): float;

    /** Whether all of it lies on one point. */
    public function isPoint(): bool;

    /**
     * Points along it after its start, its end among them, no farther from it than the tolerance in mm.
     *
     * @return non-empty-list<Point>
     */
    public function pointsAfterStart(float $toleranceMm): array;

    public function moved(Point $by): self;

    /**
     * The same piece on the plane that a map makes of this one, as lines and cubic curves.
     *
     * @return non-empty-list<Segment>
     */
    public function mapped(Affine $map): array;

    /** SVG path data that leads on from its start. */
    public function data(): string;

    /**
     * Its points farthest left, right, up and down are among these.
     *
     * @return non-empty-list<Point>
     */
    public function extremes(): array;
}
