<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** A closed edge: segments, each beginning where the last one ends. */
final readonly class Loop
{
    /** Sides shorter than this are rounding, not sides. */
    private const NOTHING_MM = 1e-9;

    /** @param  non-empty-list<Segment>  $segments */
    public function __construct(private array $segments)
    {
    }

    /** @param  non-empty-list<Point>  $points in their order round the edge, three or more */
    public static function through(array $points): self
    {
        $segments = [];
        foreach ($points as $index => $point) {
            $segments[] = new Line($point, $points[($index + 1) % count($points)]);
        }

        return new self($segments);
    }

    public static function ellipse(Point $centre, float $rx, float $ry): self
    {
        return new self([
            new EllipticArc($centre, $rx, $ry, 0, 0, M_PI),
            new EllipticArc($centre, $rx, $ry, 0, M_PI, M_PI),
        ]);
    }

    /** A rectangle whose corners are quarters of a circle. */
    public static function roundedRectangle(float $width, float $height, float $radius): self
    {
        $corner = static fn (float $x, float $y, float $from): EllipticArc => new EllipticArc(new Point($x, $y), $radius, $radius, 0, $from, M_PI / 2);
        $corners = [
            $corner($width - $radius, $radius, -M_PI / 2),
            $corner($width - $radius, $height - $radius, 0),
            $corner($radius, $height - $radius, M_PI / 2),
            $corner($radius, $radius, M_PI),
        ];
        $segments = [];
        foreach ($corners as $index => $arc) {
            $segments[] = $arc;
            $side = new Line($arc->end(), $corners[($index + 1) % 4]->start());
            if ($side->lengthMm() > self::NOTHING_MM) {
                $segments[] = $side;
            }
        }

        return new self($segments);
    }

    public function moved(Point $by): self
    {
        return new self(array_map(static fn (Segment $segment): Segment => $segment->moved($by), $this->segments));
    }

    public function mapped(Affine $map): self
    {
        $segments = [];
        foreach ($this->segments as $segment) {
            array_push($segments, ...$segment->mapped($map));
        }

        return new self($segments);
    }

    /** The loop as closed SVG path data. */
    public function data(): string
    {
        return 'M'.$this->segments[0]->start()->data().implode('', array_map(static fn (Segment $segment): string => $segment->data(), $this->segments)).'Z';
    }

    public function start(): Point
    {
        return $this->segments[0]->start();
    }

    public function areaMm2(): float
    {
        return abs(array_sum(array_map(static fn (Segment $segment): float => $segment->areaTermMm2(), $this->segments)));
    }

    public function lengthMm(): float
    {
        return array_sum(array_map(static fn (Segment $segment): float => $segment->lengthMm(), $this->segments));
    }

    public function box(): Box
    {
        $points = [];
        foreach ($this->segments as $segment) {
            array_push($points, ...$segment->extremes());
        }

        return Box::round($points);
    }

    /**
     * Points round the edge, the first not repeated at the end.
     *
     * @return non-empty-list<Point>
     */
    public function points(float $toleranceMm): array
    {
        $points = [];
        foreach ($this->segments as $segment) {
            array_push($points, ...$segment->pointsAfterStart($toleranceMm));
        }

        return $points;
    }
}
