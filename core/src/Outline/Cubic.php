<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

use OpenGlaze\Core\Numeric\Quadrature;

/**
 * A cubic Bézier curve. A quadratic one is the cubic with its controls two thirds of the way.
 *
 * Source: area by Green's theorem in closed form; length by adaptive Gauss–Legendre.
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
        [$p0, $p1, $p2, $p3] = [$this->start, $this->control1, $this->control2, $this->end];

        return (6 * ($p0->cross($p1) + $p2->cross($p3)) + 3 * ($p0->cross($p2) + $p1->cross($p2) + $p1->cross($p3)) + $p0->cross($p3)) / 20;
    }

    public function lengthMm(): float
    {
        // the slope's three controls as plain numbers: this is asked fifteen times and more of every curve
        [$ax, $ay] = [3 * ($this->control1->x - $this->start->x), 3 * ($this->control1->y - $this->start->y)];
        [$bx, $by] = [6 * ($this->control2->x - $this->control1->x), 6 * ($this->control2->y - $this->control1->y)];
        [$cx, $cy] = [3 * ($this->end->x - $this->control2->x), 3 * ($this->end->y - $this->control2->y)];

        return Quadrature::adaptive(static function (float $t) use ($ax, $ay, $bx, $by, $cx, $cy): float {
            $u = 1 - $t;

            return hypot($u * ($u * $ax + $t * $bx) + $t * $t * $cx, $u * ($u * $ay + $t * $by) + $t * $t * $cy);
        }, 0, 1);
    }

    public function isPoint(): bool
    {
        return $this->start->equals($this->control1) && $this->start->equals($this->control2) && $this->start->equals($this->end);
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
        $across = self::turns($this->start->x, $this->control1->x, $this->control2->x, $this->end->x);
        $down = self::turns($this->start->y, $this->control1->y, $this->control2->y, $this->end->y);
        foreach ([...$across, ...$down] as $t) {
            $points[] = $this->at($t);
        }

        return $points;
    }

    /** @return list<float> where between its ends one coordinate may reach beyond both of them */
    private static function turns(float $p0, float $p1, float $p2, float $p3): array
    {
        $least = min($p0, $p3);
        $most = max($p0, $p3);
        if ($p1 >= $least && $p1 <= $most && $p2 >= $least && $p2 <= $most) {
            return [];
        }

        return array_values(array_filter(
            self::roots($p3 - 3 * $p2 + 3 * $p1 - $p0, 2 * ($p2 - 2 * $p1 + $p0), $p1 - $p0),
            static fn (float $t): bool => $t > 0 && $t < 1,
        ));
    }

    private function at(float $t): Point
    {
        $u = 1 - $t;

        return $this->start->times($u ** 3)
            ->plus($this->control1->times(3 * $u * $u * $t))
            ->plus($this->control2->times(3 * $u * $t * $t))
            ->plus($this->end->times($t ** 3));
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
