<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Film;

/**
 * Resin draining down a wet vertical edge of height z: it holds a mean film of ⅔·√(z/(ρg M)).
 *
 * Source: Jeffreys, Proc. Camb. Phil. Soc. 26 (1930) 204.
 */
final readonly class EdgeDrain
{
    public function __construct(
        private Liquid $liquid,
        private FilmClock $clock,
        private float $edgeDepthMm,
        private float $appliedMm,
    ) {
    }

    /** Mean film in mm that the edge keeps for good. */
    public function filmLeftMm(): float
    {
        return $this->filmMm($this->clock->mobilityInTheEnd());
    }

    /** What is still to drip so many minutes after the pour, ml per metre of edge. */
    public function stillToDripMlPerM(float $min): float
    {
        return ($this->filmMm($this->clock->mobilityAfter($min)) - $this->filmLeftMm()) * $this->edgeDepthMm;
    }

    /** Minutes until only so much is still to drip, ml per metre of edge (above 0). */
    public function minutesUntilLeft(float $mlPerM): float
    {
        $film = $this->filmLeftMm() + $mlPerM / $this->edgeDepthMm;
        if ($film >= $this->appliedMm) {
            return 0.0;
        }
        $mobility = $this->edgeDepthMm / 1000 / ($this->liquid->weightNM3() * (1.5 * $film / 1000) ** 2);

        return $this->clock->minutesToMobility($mobility) ?? 0.0;
    }

    /** All that drips off in the end, ml per metre of edge. */
    public function drippedMlPerM(): float
    {
        return ($this->appliedMm - $this->filmLeftMm()) * $this->edgeDepthMm;
    }

    private function filmMm(float $mobility): float
    {
        if ($mobility <= 0) {
            return $this->appliedMm;
        }

        return min($this->appliedMm, 1000 * 2 / 3 * sqrt($this->edgeDepthMm / 1000 / ($this->liquid->weightNM3() * $mobility)));
    }
}
