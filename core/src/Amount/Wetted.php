<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Plan\Zone;

/**
 * What of one piece's face and coated edge has drunk already: a place drinks once, under its first coat.
 *
 * Zones count by their overlap; what covers a share without a place takes what is raw first.
 */
final readonly class Wetted
{
    /**
     * @param  float  $faceMm2  of the face
     * @param  float  $edgeMm  of the coated edge
     * @param  float  $underZoneMm2  how much of the zone that is to be coated lies over earlier zones
     */
    public function __construct(
        public float $faceMm2,
        public float $edgeMm,
        public float $underZoneMm2,
    ) {
    }

    /** How much of what a coat covers is still raw, mm². */
    public function rawMm2(float $coveredMm2, ?Zone $zone, float $pieceMm2): float
    {
        $left = max(0.0, $pieceMm2 - $this->faceMm2);

        return $zone?->outline === null ? min($coveredMm2, $left) : min(max(0.0, $coveredMm2 - $this->underZoneMm2), $left);
    }

    /** How much of the coated edge that a coat runs over is still raw, mm. */
    public function rawEdgeMm(float $edgeMm, float $pieceEdgeMm): float
    {
        return min($edgeMm, max(0.0, $pieceEdgeMm - $this->edgeMm));
    }
}
