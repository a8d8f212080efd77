<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Held;

use OpenGlaze\Core\Numeric\Root;

/**
 * A film that stops at a round edge: a puddle under gravity and surface tension.
 *
 * Source: the Young–Laplace equation after Bashforth and Adams 1883, dr/ds = cos φ, dz/ds = sin φ,
 * dφ/ds = 2b + z/ℓ² − sin φ/r from the apex to the edge angle, b such that it ends at the piece's
 * radius. Beyond 25 capillary lengths the flat puddle with its rounded rim, within 0.3 % of it.
 */
final readonly class Puddle
{
    /** Beyond so many capillary lengths the closed form is used. */
    public const WIDE = 25.0;

    /** How near the radius the profile must end, relative. */
    private const NEAR = 1e-7;

    private const SECANTS = 12;

    /** Steps of a profile after which it is given up: none that ends needs a tenth of them. */
    private const MOST_STEPS = 4000;

    private function __construct(
        public float $radiusMm,
        public float $angleDeg,
        public float $centreMm,
        public float $volumeMl,
        private ?float $curvature = null,
    ) {
    }

    /**
     * The puddle that meets its edge at an angle.
     *
     * @param  float  $radiusMm  above 0
     * @param  float  $angleDeg  above 0, at most 180
     * @param  float  $capillaryMm  capillary length of the resin, above 0
     * @param  float|null  $nearCurvature  of the apex, in 1/mm, where a puddle like it was solved before
     */
    public static function meetingAt(float $radiusMm, float $angleDeg, float $capillaryMm, ?float $nearCurvature = null): self
    {
        $angle = deg2rad($angleDeg);
        if ($radiusMm > self::WIDE * $capillaryMm) {
            return self::wide($radiusMm, $angle, $capillaryMm);
        }
        [$curvature, $height, $volume] = self::solved($radiusMm, $angle, $capillaryMm, $nearCurvature);

        return new self($radiusMm, $angleDeg, $height, $volume / 1000, $curvature);
    }

    /** The one that meets the same edge at another angle, solved from this one. */
    public function turnedTo(float $angleDeg, float $capillaryMm): self
    {
        // the apex of a low puddle is as flat as its quarter angle's tangent is small
        $near = $this->curvature === null ? null : $this->curvature * tan(deg2rad($angleDeg) / 4) / tan(deg2rad($this->angleDeg) / 4);

        return self::meetingAt($this->radiusMm, $angleDeg, $capillaryMm, $near);
    }

    /** Mean thickness in mm: the volume over the face. */
    public function meanMm(): float
    {
        return $this->volumeMl * 1000 / (M_PI * $this->radiusMm ** 2);
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
        if ($this->curvature === null) {
            return array_map(fn (float $slope): array => [Meniscus::acrossMm($angle, $capillaryMm) - Meniscus::acrossMm($slope, $capillaryMm), $this->centreMm - 2 * $capillaryMm * sin($slope / 2)], $slopes);
        }
        $profile = [[0.0, 0.0, 0.0]];
        self::profile($this->curvature, $angle, $capillaryMm, static function (float $r, float $z, float $phi) use (&$profile): void {
            // where it met its angle the integration stepped forth and back
            if ($phi > $profile[count($profile) - 1][2]) {
                $profile[] = [$r, $z, $phi];
            }
        });
        $place = count($profile) - 1;
        $points = [];
        foreach ($slopes as $slope) {
            while ($place > 1 && $profile[$place - 1][2] > $slope) {
                $place--;
            }
            [[$r, $z, $phi], [$rAfter, $zAfter, $after]] = [$profile[$place - 1], $profile[$place]];
            $share = min(1.0, ($slope - $phi) / ($after - $phi));
            // evenly bent from one to the next, it falls by the sine of its slope
            $fallen = min(1.0, (cos($phi) - cos($slope)) / (cos($phi) - cos($after)));
            $points[] = [$this->radiusMm - $r - $share * ($rAfter - $r), $this->centreMm - $z - $fallen * ($zAfter - $z)];
        }

        return $points;
    }

    private static function wide(float $radius, float $angle, float $capillary): self
    {
        $height = sqrt(4 * $capillary ** 2 * sin($angle / 2) ** 2 + 8 / 3 * $capillary ** 3 / $radius * (1 - cos($angle / 2) ** 3));
        $volume = M_PI * $radius ** 2 * $height - 2 * M_PI * $radius * $capillary ** 2 * sin($angle);

        return new self($radius, rad2deg($angle), $height, $volume / 1000);
    }

    /**
     * The apex curvature in 1/mm whose profile ends at the radius, with its height in mm and its volume
     * in mm³; the flatter the apex, the wider the puddle.
     *
     * Begins where the rim of a wide puddle meets the flat middle, tan(φ/4) falling by e in each
     * capillary length, which a Bessel function carries to the apex.
     *
     * @return array{float, float, float}
     */
    private static function solved(float $radius, float $angle, float $capillary, ?float $near): array
    {
        $log = log($near ?? 2 * tan($angle / 4) / ($capillary * self::besselI1($radius / $capillary)));
        $profile = self::profile(exp($log), $angle, $capillary);
        $here = log($profile[0] / $radius);
        $slope = -$capillary / ($capillary + $radius);
        for ($i = 0; $i < self::SECANTS && abs($here) > self::NEAR && $slope < 0; $i++) {
            $next = $log - max(-2.0, min(2.0, $here / $slope));
            $profile = self::profile(exp($next), $angle, $capillary);
            $there = log($profile[0] / $radius);
            $slope = $next === $log ? $slope : ($there - $here) / ($next - $log);
            [$log, $here] = [$next, $there];
        }
        if (abs($here) > self::NEAR) {
            $misfit = static fn (float $log): float => log(self::profile(exp($log), $angle, $capillary)[0] / $radius);
            // no puddle is wider than the ball of its apex
            $log = Root::below($misfit, log(2 / $radius), 1e-9, self::NEAR);
            $profile = self::profile(exp($log), $angle, $capillary);
        }

        return [exp($log), $profile[1], $profile[2]];
    }

    /** The modified Bessel function I₁ for x above 0, near enough to begin with: its ends for small and large x. */
    private static function besselI1(float $x): float
    {
        return $x < 2 ? $x / 2 * exp($x ** 2 / 8) : exp($x) / sqrt(2 * M_PI * $x) * (1 - 3 / (8 * $x));
    }

    /**
     * @param  (callable(float, float, float): void)|null  $along  is told radius, depth and slope along the way
     * @return array{float, float, float} radius and depth in mm at the edge angle, volume in mm³
     */
    private static function profile(float $curvature, float $angle, float $capillary, ?callable $along = null): array
    {
        $inverse = 1 / $capillary ** 2;
        $s = min(1e-3 * $capillary, 1e-3 / $curvature, $angle / 10 / $curvature);
        [$r, $z, $phi, $volume] = [$s, $curvature * $s * $s / 2, $curvature * $s, M_PI * $curvature * $s ** 4 / 4];
        for ($steps = 0; $steps < self::MOST_STEPS; $steps++) {
            $bend = 2 * $curvature + $z * $inverse - sin($phi) / $r;
            $step = min(0.25 * $capillary, 0.25 / max(1e-12, abs($bend)), 0.5 * $r);
            $last = $bend > 0 && $phi + $bend * $step >= $angle;
            if ($last) {
                $step = ($angle - $phi) / $bend;
            }
            [$r, $z, $phi, $volume] = self::step($r, $z, $phi, $volume, $step, 2 * $curvature, $inverse);
            if ($along !== null) {
                $along($r, $z, $phi);
            }
            // the last step may miss the angle a little, and is mended by another, forth or back
            if (abs($angle - $phi) < 1e-9 || $r <= 0) {
                break;
            }
        }

        // one that is given up never comes to its angle: it is wider than any
        return [$steps < self::MOST_STEPS ? max($r, 1e-12) : PHP_FLOAT_MAX, $z, $volume];
    }

    /**
     * One step along the profile, Runge–Kutta of fourth order.
     *
     * @return array{float, float, float, float}
     */
    private static function step(float $r, float $z, float $phi, float $volume, float $h, float $twice, float $inverse): array
    {
        [$r1, $z1, $v1] = [cos($phi), $sin = sin($phi), M_PI * $r * $r * $sin];
        $p1 = $twice + $z * $inverse - $sin / $r;

        [$ra, $za, $pa] = [$r + $h / 2 * $r1, $z + $h / 2 * $z1, $phi + $h / 2 * $p1];
        [$r2, $z2, $v2] = [cos($pa), $sin = sin($pa), M_PI * $ra * $ra * $sin];
        $p2 = $twice + $za * $inverse - $sin / $ra;

        [$ra, $za, $pa] = [$r + $h / 2 * $r2, $z + $h / 2 * $z2, $phi + $h / 2 * $p2];
        [$r3, $z3, $v3] = [cos($pa), $sin = sin($pa), M_PI * $ra * $ra * $sin];
        $p3 = $twice + $za * $inverse - $sin / $ra;

        [$ra, $za, $pa] = [$r + $h * $r3, $z + $h * $z3, $phi + $h * $p3];
        [$r4, $z4, $v4] = [cos($pa), $sin = sin($pa), M_PI * $ra * $ra * $sin];
        $p4 = $twice + $za * $inverse - $sin / $ra;

        return [
            $r + $h / 6 * ($r1 + 2 * $r2 + 2 * $r3 + $r4),
            $z + $h / 6 * ($z1 + 2 * $z2 + 2 * $z3 + $z4),
            $phi + $h / 6 * ($p1 + 2 * $p2 + 2 * $p3 + $p4),
            $volume + $h / 6 * ($v1 + 2 * $v2 + 2 * $v3 + $v4),
        ];
    }
}
