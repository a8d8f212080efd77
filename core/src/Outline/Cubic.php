<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/**
 * A cubic Bézier curve. A quadratic one is the cubic with its controls two thirds of the way.
 *
 * Source: area by Green's theorem, exact with three Gauss points; length by adaptive Gauss–Legendre.
 */
final readonly class Cubic implements Segment
{
    public function __construct(
        private Point $start,
        private Point $control1,
        private Point $control2,
        private Point $end,
    ) {
    }

    public static function quadratic(Point $start, Point $control, Point $end): self
    {
        $towards = static fn (Point $from): Point => $from->plus($control->minus($from)->times(2 / 3));

        return new self($start, $towards($start), $towards($end), $end);
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
        return Quadrature::threePoints(fn (float $t): float => $this->at($t)->cross($this->slope($t)) / 2, 0, 1);
    }

    public function lengthMm(): float
    {
        return Quadrature::adaptive(fn (float $t): float => $this->slope($t)->length(), 0, 1);
    }

    public function pointsAfterStart(float $toleranceMm): array
    {
        $bend = max(
            $this->start->minus($this->control1->times(2))->plus($this->control2)->length(),
            $this->control1->minus($this->control2->times(2))->plus($this->end)->length(),
        );
        $pieces = max(1, (int) ceil(sqrt(0.75 * $bend / $toleranceMm)));
        $points = [];
        for ($i = 1; $i < $pieces; $i++) {
            $points[] = $this->at($i / $pieces);
        }
        $points[] = $this->end;

        return $points;
    }

    public function moved(Point $by): self
    {
        return new self($this->start->plus($by), $this->control1->plus($by), $this->control2->plus($by), $this->end->plus($by));
    }

    public function mapped(Affine $map): array
    {
        return [new self($map->of($this->start), $map->of($this->control1), $map->of($this->control2), $map->of($this->end))];
    }

    public function data(): string
    {
        return 'C'.$this->control1->data().' '.$this->control2->data().' '.$this->end->data();
    }

    public function extremes(): array
    {
        $points = [$this->start, $this->end];
        foreach ([static fn (Point $p): float => $p->x, static fn (Point $p): float => $p->y] as $of) {
            [$p0, $p1, $p2, $p3] = array_map($of, [$this->start, $this->control1, $this->control2, $this->end]);
            foreach (self::roots($p3 - 3 * $p2 + 3 * $p1 - $p0, 2 * ($p2 - 2 * $p1 + $p0), $p1 - $p0) as $t) {
                if ($t > 0 && $t < 1) {
                    $points[] = $this->at($t);
                }
            }
        }

        return $points;
    }

    private function at(float $t): Point
    {
        $u = 1 - $t;

        return $this->start->times($u ** 3)
            ->plus($this->control1->times(3 * $u * $u * $t))
            ->plus($this->control2->times(3 * $u * $t * $t))
            ->plus($this->end->times($t ** 3));
    }

    private function slope(float $t): Point
    {
        $u = 1 - $t;

        return $this->control1->minus($this->start)->times(3 * $u * $u)
            ->plus($this->control2->minus($this->control1)->times(6 * $u * $t))
            ->plus($this->end->minus($this->control2)->times(3 * $t * $t));
    }

    /** @return list<float> the real roots of a·t² + b·t + c */
    private static function roots(float $a, float $b, float $c): array
    {
        if (abs($a) <= 1e-12 * (abs($b) + abs($c))) {
            return $b === 0.0 ? [] : [-$c / $b];
        }
        $under = $b * $b - 4 * $a * $c;

        return $under < 0 ? [] : [(-$b + sqrt($under)) / (2 * $a), (-$b - sqrt($under)) / (2 * $a)];
    }
}
