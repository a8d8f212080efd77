<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Held;

use OpenGlaze\Core\Numeric\Root;

/**
 * A film that stops at two straight edges: a long puddle under gravity and surface tension.
 *
 * Source: the Young–Laplace equation in two dimensions, dφ/ds = b + z/ℓ². Its first integral gives the
 * depth below the apex, z = ℓ²(√(b² + 4 sin²(φ/2)/ℓ²) − b); the half width is the integral of
 * cos φ/√(b² + 4 sin²(φ/2)/ℓ²) over φ, and the balance of forces the mean, h − ℓ² (sin θ/a − b). Beyond 25
 * capillary lengths b is nothing.
 */
final readonly class LongPuddle
{
    /** How near the half width the profile must end, relative. */
    private const NEAR = 1e-8;

    private const MOST_SECANTS = 12;

    /** Farther down the edge's side the integral is split, in capillary lengths: the surface bends there. */
    private const BENDS_WITHIN = 6.0;

    /** Nodes and weights of the sixteen-point rule of Gauss and Legendre on −1 to 1, on one side. */
    private const SIXTEEN = [
        [0.0950125098376374, 0.1894506104550685],
        [0.2816035507792589, 0.1826034150449236],
        [0.4580167776572274, 0.1691565193950026],
        [0.6178762444026438, 0.1495959888165768],
        [0.7554044083550030, 0.1246289712555339],
        [0.8656312023878318, 0.0951585116824929],
        [0.9445750230732326, 0.0622535239386478],
        [0.9894009349916499, 0.0271524594117541],
    ];

    private function __construct(
        public float $halfWidthMm,
        public float $angleDeg,
        public float $centreMm,
        private float $curvature,
    ) {
    }

    /**
     * @param  float  $halfWidthMm  above 0
     * @param  float  $angleDeg  above 0, at most 180
     * @param  float  $capillaryMm  above 0
     */
    public static function meetingAt(float $halfWidthMm, float $angleDeg, float $capillaryMm): self
    {
        $angle = deg2rad($angleDeg);
        $curvature = $halfWidthMm > Puddle::WIDE * $capillaryMm ? 0.0 : self::curvature($halfWidthMm, $angle, $capillaryMm);

        return new self($halfWidthMm, $angleDeg, self::depth($angle, $curvature, $capillaryMm), $curvature);
    }

    /** Mean thickness over the width, mm. */
    public function meanMm(float $capillaryMm): float
    {
        return $this->centreMm - $capillaryMm ** 2 * (sin(deg2rad($this->angleDeg)) / $this->halfWidthMm - $this->curvature);
    }

    /**
     * How far in from the edge and how high above it the surface lies where it slopes so, mm.
     *
     * @param  list<float>  $slopes  from the edge angle down to 0 at the middle, radians
     * @return list<array{float, float}>
     */
    public function at(array $slopes, float $capillaryMm): array
    {
        $angle = deg2rad($this->angleDeg);

        return array_map(fn (float $slope): array => [
            $this->curvature === 0.0 ? Meniscus::acrossMm($angle, $capillaryMm) - Meniscus::acrossMm($slope, $capillaryMm) : self::width($slope, $angle, $this->curvature, $capillaryMm),
            $this->centreMm - self::depth($slope, $this->curvature, $capillaryMm),
        ], $slopes);
    }

    /** How far below the apex the surface lies where it slopes so, mm. */
    private static function depth(float $slope, float $curvature, float $capillary): float
    {
        return $capillary ** 2 * (sqrt($curvature ** 2 + 4 * sin($slope / 2) ** 2 / $capillary ** 2) - $curvature);
    }

    /** The apex curvature in 1/mm whose profile is so wide at its edge; the flatter the apex, the wider. */
    private static function curvature(float $halfWidth, float $angle, float $capillary): float
    {
        $misfit = static fn (float $log): float => log(max(1e-300, self::width(0.0, $angle, exp($log), $capillary)) / $halfWidth);
        // where the flat middle meets the rim of a wide one: tan(φ/4) grows by e in each capillary length
        $log = min(log(4 * tan($angle / 4) / ($capillary * sinh($halfWidth / $capillary))), -log($halfWidth));
        $here = $misfit($log);
        $slope = -$capillary / ($capillary + $halfWidth);
        for ($i = 0; $i < self::MOST_SECANTS && abs($here) > self::NEAR && $slope < 0; $i++) {
            $next = $log - max(-2.0, min(2.0, $here / $slope));
            $there = $misfit($next);
            $slope = $next === $log ? $slope : ($there - $here) / ($next - $log);
            [$log, $here] = [$next, $there];
        }
        if (abs($here) > self::NEAR) {
            // no puddle is wider than the circle of its apex
            $log = Root::below($misfit, -log($halfWidth), 1e-9, self::NEAR);
        }

        return exp($log);
    }

    /** How far it is across from one slope to a steeper one, mm. */
    private static function width(float $from, float $to, float $curvature, float $capillary): float
    {
        // evenly spread where the middle is flat: φ = bℓ sinh u
        $flat = $curvature * $capillary;
        $dx = static function (float $u) use ($flat, $curvature, $capillary): float {
            $slope = $flat * sinh($u);

            return $flat * cosh($u) * cos($slope) / sqrt($curvature ** 2 + 4 * sin($slope / 2) ** 2 / $capillary ** 2);
        };
        [$begin, $end] = [asinh($from / $flat), asinh($to / $flat)];
        $bends = max($begin, $end - self::BENDS_WITHIN);

        return self::integral($dx, $begin, $bends) + self::integral($dx, $bends, $end);
    }

    /** @param  callable(float): float  $f */
    private static function integral(callable $f, float $from, float $to): float
    {
        $middle = ($from + $to) / 2;
        $half = ($to - $from) / 2;
        $sum = 0.0;
        foreach (self::SIXTEEN as [$node, $weight]) {
            $sum += $weight * ($f($middle + $half * $node) + $f($middle - $half * $node));
        }

        return $half * $sum;
    }
}
