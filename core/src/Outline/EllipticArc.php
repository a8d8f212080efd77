<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

use OpenGlaze\Core\Numeric\Quadrature;

/**
 * A piece of an ellipse that may be turned, from one angle to another.
 *
 * Source: area by Green's theorem in closed form; length exact for circles, else by adaptive
 * Gauss–Legendre; from the end points after the SVG 2 recommendation, appendix B.2.4.
 */
final readonly class EllipticArc implements Segment
{
    /** Arcs no longer than this are cubic curves to a millionth of their radius. */
    private const AS_CURVE_RAD = M_PI / 8;

    public function __construct(
        private Point $centre,
        private float $rx,
        private float $ry,
        private float $turnRad,
        private float $fromRad,
        private float $sweepRad,
    ) {
    }

    /** An arc between two points; radii too small for them are scaled up. A radius of 0 gives a line. */
    public static function between(Point $start, Point $end, float $rx, float $ry, float $turnDeg, bool $large, bool $clockwise): Segment
    {
        $rx = abs($rx);
        $ry = abs($ry);
        if ($rx * $ry === 0.0 || ($start->x === $end->x && $start->y === $end->y)) {
            return new Line($start, $end);
        }
        $turn = deg2rad($turnDeg);
        [$cos, $sin] = [cos($turn), sin($turn)];
        $half = $start->minus($end)->times(0.5);
        $x = $cos * $half->x + $sin * $half->y;
        $y = -$sin * $half->x + $cos * $half->y;
        $short = ($x / $rx) ** 2 + ($y / $ry) ** 2;
        if ($short > 1) {
            $rx *= sqrt($short);
            $ry *= sqrt($short);
        }
        $reach = max(0.0, ($rx * $ry) ** 2 / (($rx * $y) ** 2 + ($ry * $x) ** 2) - 1);
        $factor = ($large === $clockwise ? -1 : 1) * sqrt($reach);
        [$cx, $cy] = [$factor * $rx * $y / $ry, -$factor * $ry * $x / $rx];
        $middle = $start->plus($end)->times(0.5);
        $centre = new Point($cos * $cx - $sin * $cy + $middle->x, $sin * $cx + $cos * $cy + $middle->y);
        $from = atan2(($y - $cy) / $ry, ($x - $cx) / $rx);
        $to = atan2((-$y - $cy) / $ry, (-$x - $cx) / $rx);
        $sweep = $to - $from;
        if ($clockwise && $sweep < 0) {
            $sweep += 2 * M_PI;
        } elseif (! $clockwise && $sweep > 0) {
            $sweep -= 2 * M_PI;
        }

        return new self($centre, $rx, $ry, $turn, $from, $sweep);
    }

    public function start(): Point
    {
        return $this->at($this->fromRad);
    }

    public function end(): Point
    {
        return $this->at($this->fromRad + $this->sweepRad);
    }

    public function areaTermMm2(): float
    {
        return ($this->rx * $this->ry * $this->sweepRad + $this->centre->cross($this->end()->minus($this->start()))) / 2;
    }

    public function lengthMm(): float
    {
        if ($this->rx === $this->ry) {
            return $this->rx * abs($this->sweepRad);
        }

        return abs(Quadrature::adaptive(
            fn (float $angle): float => hypot($this->rx * sin($angle), $this->ry * cos($angle)),
            $this->fromRad,
            $this->fromRad + $this->sweepRad,
        ));
    }

    public function isPoint(): bool
    {
        return $this->sweepRad === 0.0;
    }

    public function pointsAfterStart(float $toleranceMm): array
    {
        $step = 2 * acos(max(0.0, 1 - $toleranceMm / max($this->rx, $this->ry)));
        $pieces = max(1, (int) ceil(abs($this->sweepRad) / max(1e-4, $step)));
        $points = [];
        for ($i = 1; $i <= $pieces; $i++) {
            $points[] = $this->at($this->fromRad + $this->sweepRad * $i / $pieces);
        }

        return $points;
    }

    public function moved(Point $by): self
    {
        return new self($this->centre->plus($by), $this->rx, $this->ry, $this->turnRad, $this->fromRad, $this->sweepRad);
    }

    public function mapped(Affine $map): array
    {
        $pieces = max(1, (int) ceil(abs($this->sweepRad) / self::AS_CURVE_RAD));
        $sweep = $this->sweepRad / $pieces;
        $reach = 4 / 3 * tan($sweep / 4);
        $curves = [];
        foreach (range(0, $pieces - 1) as $piece) {
            $from = $this->fromRad + $piece * $sweep;
            $curves[] = new Cubic(
                $map->of($this->at($from)),
                $map->of($this->at($from)->plus($this->slope($from)->times($reach))),
                $map->of($this->at($from + $sweep)->minus($this->slope($from + $sweep)->times($reach))),
                $map->of($this->at($from + $sweep)),
            );
        }

        return $curves;
    }

    public function data(): string
    {
        return implode('', array_map(static fn (Segment $curve): string => $curve->data(), $this->mapped(Affine::identity())));
    }

    public function extremes(): array
    {
        $points = [$this->start(), $this->end()];
        $across = atan2(-$this->ry * sin($this->turnRad), $this->rx * cos($this->turnRad));
        $down = atan2($this->ry * cos($this->turnRad), $this->rx * sin($this->turnRad));
        foreach ([$across, $across + M_PI, $down, $down + M_PI] as $angle) {
            $along = fmod($angle - $this->fromRad, 2 * M_PI);
            foreach ([$along - 2 * M_PI, $along, $along + 2 * M_PI] as $turned) {
                if ($turned * $this->sweepRad >= 0 && abs($turned) <= abs($this->sweepRad)) {
                    $points[] = $this->at($this->fromRad + $turned);
                }
            }
        }

        return $points;
    }

    private function slope(float $angle): Point
    {
        [$x, $y] = [-$this->rx * sin($angle), $this->ry * cos($angle)];
        [$cos, $sin] = [cos($this->turnRad), sin($this->turnRad)];

        return new Point($cos * $x - $sin * $y, $sin * $x + $cos * $y);
    }

    private function at(float $angle): Point
    {
        [$x, $y] = [$this->rx * cos($angle), $this->ry * sin($angle)];
        [$cos, $sin] = [cos($this->turnRad), sin($this->turnRad)];

        return new Point($this->centre->x + $cos * $x - $sin * $y, $this->centre->y + $sin * $x + $cos * $y);
    }
}
