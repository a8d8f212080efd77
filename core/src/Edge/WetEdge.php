<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Edge;

use OpenGlaze\Core\Film\FilmClock;
use OpenGlaze\Core\Film\Liquid;
use OpenGlaze\Core\Numeric\Root;

/**
 * A coated edge below a face that feeds it: what is on it, what stays, what is still to drip.
 *
 * Source: a wet wall of height z holds a mean film of ⅔·√(z/(ρg M)) (Jeffreys, Proc. Camb. Phil. Soc. 26 (1930)
 * 204); where the face feeds it, what carries the flow down.
 */
final readonly class WetEdge
{
    /** Flow per mobility at the end is that of a little before. */
    private const ALMOST = 0.999;

    private const NEAR_ENOUGH_ML_PER_M = 1e-9;

    private float $mobilityInTheEnd;

    private float $staysOnFaceMm;

    private float $leftMm;

    /**
     * @param  float  $depthMm  of the edge, 0 or more
     * @param  float  $appliedMm  film that is put on it, above 0
     */
    public function __construct(
        public RunningFilm $film,
        public float $depthMm,
        private float $appliedMm,
        private Liquid $liquid,
        public FilmClock $clock,
    ) {
        $this->mobilityInTheEnd = $clock->mobilityInTheEnd();
        $this->staysOnFaceMm = $film->meanMm($this->mobilityInTheEnd);
        $this->leftMm = $this->filmMm($this->mobilityInTheEnd);
    }

    /** Mean film in mm that a wet wall holds. */
    public static function holdsMm(float $depthMm, float $mobility, Liquid $liquid): float
    {
        return $mobility <= 0 ? INF : 2000 / 3 * sqrt($depthMm / 1000 / ($liquid->weightNM3() * $mobility));
    }

    /** Mean film on the face that stays, mm. */
    public function staysMm(): float
    {
        return $this->staysOnFaceMm;
    }

    /** Mean film that stays on the edge, mm; 0 where it has no depth. */
    public function filmLeftMm(): float
    {
        return $this->leftMm;
    }

    /** All that runs over from the face, ml per metre of edge. */
    public function runsOffMlPerM(): float
    {
        return ($this->film->laidMm - $this->staysOnFaceMm) * $this->film->face->reachMm;
    }

    /** All that drips from the edge, ml per metre of it. */
    public function dripsMlPerM(): float
    {
        return max(0.0, $this->runsOffMlPerM() + ($this->appliedMm - $this->leftMm) * $this->depthMm);
    }

    /** Mean film on the edge, mm; 0 where it has no depth. */
    public function filmMm(float $mobility): float
    {
        return $this->filmsMm($mobility)[1];
    }

    /** What is still to drip, ml per metre of edge. */
    public function stillToDripMlPerM(float $mobility): float
    {
        [$face, $edge] = $this->filmsMm($mobility);

        return ($face - $this->staysOnFaceMm) * $this->film->face->reachMm + $this->depthMm * max(0.0, $edge - $this->leftMm);
    }

    /** @return array{float, float} on the face and on the edge, mm */
    private function filmsMm(float $mobility): array
    {
        [$face, $carried] = $this->film->meanAndCarriedMm($mobility);
        if ($this->depthMm <= 0) {
            return [$face, 0.0];
        }
        $own = min($this->appliedMm, self::holdsMm($this->depthMm, $mobility, $this->liquid));
        if (! $this->film->runs() || $mobility <= 0) {
            return [$face, $own];
        }
        if ($mobility > self::ALMOST * $this->mobilityInTheEnd) {
            $carried = $this->film->meanAndCarriedMm(self::ALMOST * $this->mobilityInTheEnd)[1];
        }

        return [$face, max($own, min($this->film->face->keepsMm, $this->appliedMm + ($this->film->laidMm - $face) * $this->film->face->reachMm / $this->depthMm, $carried))];
    }

    /** Minutes until only so much is still to drip, ml per metre (above 0): from a time on; that time where it is no more then. */
    public function minutesUntilLeft(float $mlPerM, float $fromMin = 0.0): float
    {
        $from = $this->clock->mobilityAfter($fromMin);
        $over = $this->stillToDripMlPerM($from) - $mlPerM;
        if ($over <= 0) {
            return $fromMin;
        }
        $mobility = Root::between(
            fn (float $mobility): float => $this->stillToDripMlPerM($mobility) - $mlPerM,
            [$from, $over],
            [$this->mobilityInTheEnd, -$mlPerM],
            1e-13 * $this->mobilityInTheEnd,
            self::NEAR_ENOUGH_ML_PER_M,
        );

        return $this->clock->minutesToMobility($mobility) ?? $fromMin;
    }
}
