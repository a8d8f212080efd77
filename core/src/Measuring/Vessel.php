<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Measuring;

/**
 * A round cup or dish: a frustum whose floor may be rounded into its wall. Lengths are inner ones, in mm;
 * heights are counted from the middle of the inside floor.
 *
 * Source: solids of revolution in closed form; the round of the floor is an arc that touches floor and wall.
 */
final readonly class Vessel implements Markable
{
    /** Share of the brim volume up to which one can stir without spilling. */
    public const STIRRABLE = 0.7;

    private const MOST_STEPS = 60;

    /** How much the radius grows for each mm of height. */
    private float $flare;

    /** Radius of the flat part of the floor, mm. */
    private float $flatMm;

    /** Height at which the round of the floor runs into the wall, mm. */
    private float $roundToMm;

    private function __construct(
        public float $bottomMm,
        public float $topMm,
        public float $heightMm,
        public float $floorRadiusMm,
    ) {
        $this->flare = ($topMm - $bottomMm) / 2 / $heightMm;
        $slant = sqrt(1 + $this->flare ** 2);
        $this->flatMm = max(0.0, $bottomMm / 2 + $floorRadiusMm * ($this->flare - $slant));
        $this->roundToMm = $floorRadiusMm * (1 - $this->flare / $slant);
    }

    /**
     * @param  float  $bottomMm  diameter that the wall would have at the floor, above 0
     * @param  float  $topMm  diameter at the brim, above 0
     * @param  float  $heightMm  above 0
     * @param  float  $floorRadiusMm  0 for a flat floor, half the diameter for half a ball
     *
     * @throws VesselException when a length is not positive, or no such round fits between floor and wall
     */
    public static function of(float $bottomMm, float $topMm, float $heightMm, float $floorRadiusMm = 0.0): self
    {
        if (! ($bottomMm > 0) || ! ($topMm > 0) || ! ($heightMm > 0) || ! ($floorRadiusMm >= 0)) {
            throw VesselException::notPositive();
        }
        $flare = ($topMm - $bottomMm) / 2 / $heightMm;
        $most = $bottomMm / 2 / (sqrt(1 + $flare ** 2) - $flare);
        if ($floorRadiusMm > $most * (1 + 1e-9)) {
            throw VesselException::floorTooRound($most);
        }
        $vessel = new self($bottomMm, $topMm, $heightMm, $floorRadiusMm);

        return $vessel->roundToMm > $heightMm * (1 + 1e-9) ? throw VesselException::floorTooRound($most, $heightMm) : $vessel;
    }

    /** A straight cup of an inner diameter in mm, above 0, as high as one likes. */
    public static function straight(float $diameterMm, float $heightMm): self
    {
        return self::of($diameterMm, $diameterMm, $heightMm);
    }

    /** What it holds to the brim, ml. */
    public function capacityMl(): float
    {
        return $this->volumeMl($this->heightMm);
    }

    /** How much it may be given so that it can still be stirred, ml. */
    public function stirrableMl(): float
    {
        return $this->capacityMl() * self::STIRRABLE;
    }

    /** What stands in it up to a height in mm, from 0 to its own height. */
    public function volumeMl(float $heightMm): float
    {
        $height = $this->within($heightMm);
        $round = min($height, $this->roundToMm);
        $ml = 0.0;
        if ($round > 0) {
            $ml += M_PI * ($this->roundPrimitive($this->floorRadiusMm) - $this->roundPrimitive($this->floorRadiusMm - $round)) / 1000;
        }
        if ($height > $round) {
            [$low, $high] = [$this->wallMm($round), $this->wallMm($height)];
            $ml += M_PI / 3 * ($height - $round) * ($low ** 2 + $low * $high + $high ** 2) / 1000;
        }

        return $ml;
    }

    /**
     * How high an amount stands in it, mm.
     *
     * @param  float  $ml  0 or more
     *
     * @throws VesselException when it does not take as much
     */
    public function heightOfMm(float $ml): float
    {
        $capacity = $this->capacityMl();
        if ($ml <= 0) {
            return 0.0;
        }
        if ($ml > $capacity * (1 + 1e-9)) {
            throw VesselException::tooSmall($ml, $capacity);
        }
        [$low, $high] = [0.0, $this->heightMm];
        $height = $high * min(1.0, max(0.0, $ml / $capacity));
        for ($i = 0; $i < self::MOST_STEPS && $high - $low > 1e-10; $i++) {
            $over = $this->volumeMl($height) - $ml;
            $over > 0 ? $high = $height : $low = $height;
            $section = $this->sectionMm2($height);
            $next = $section > 0 ? $height - $over * 1000 / $section : $low;
            // Newton's step where it stays inside, else the middle
            $height = $next > $low && $next < $high ? $next : ($low + $high) / 2;
        }

        return $height;
    }

    /** Area of the resin's surface when it stands at a height in mm. */
    public function sectionMm2(float $heightMm): float
    {
        return M_PI * $this->radiusMm($heightMm) ** 2;
    }

    /** Inner radius at a height in mm. */
    public function radiusMm(float $heightMm): float
    {
        $height = $this->within($heightMm);

        return $height < $this->roundToMm
            ? $this->flatMm + sqrt(max(0.0, $height * (2 * $this->floorRadiusMm - $height)))
            : $this->wallMm($height);
    }

    public function wettedMm2(float $ml): float
    {
        return $this->wallMm2($this->heightOfMm($ml));
    }

    /** Wall and floor up to a height in mm. */
    public function wallMm2(float $heightMm): float
    {
        $height = $this->within($heightMm);
        $round = min($height, $this->roundToMm);
        $area = M_PI * $this->flatMm ** 2;
        if ($round > 0) {
            $angle = acos(max(-1.0, 1 - $round / $this->floorRadiusMm));
            $area += 2 * M_PI * $this->floorRadiusMm * ($this->flatMm * $angle + $round);
        }
        if ($height > $round) {
            $area += M_PI * ($this->wallMm($round) + $this->wallMm($height)) * hypot($height - $round, $this->wallMm($height) - $this->wallMm($round));
        }

        return $area;
    }

    public function surfaceMm2(float $ml): float
    {
        $height = $this->heightOfMm($ml);

        return $this->wallMm2($height) + $this->sectionMm2($height);
    }

    private function within(float $heightMm): float
    {
        return min($this->heightMm, max(0.0, $heightMm));
    }

    private function wallMm(float $heightMm): float
    {
        return $this->bottomMm / 2 + $heightMm * $this->flare;
    }

    /** Primitive of the squared radius of the round floor, counted down from the height of the arc's middle. */
    private function roundPrimitive(float $down): float
    {
        $radius = $this->floorRadiusMm;
        $half = sqrt(max(0.0, $radius ** 2 - $down ** 2));

        return ($this->flatMm ** 2 + $radius ** 2) * $down - $down ** 3 / 3
            + $this->flatMm * ($down * $half + $radius ** 2 * asin(max(-1.0, min(1.0, $down / $radius))));
    }
}
