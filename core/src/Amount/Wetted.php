<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Amount;

use OpenGlaze\Core\Outline\Overlap;
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
     * @param  list<Zone>  $zones  that lie at places of their own
     */
    private function __construct(
        public float $faceMm2,
        public float $edgeMm,
        private array $zones,
    ) {
    }

    public static function nothing(): self
    {
        return new self(0.0, 0.0, []);
    }

    /** How much of what a coat covers is still raw, mm². */
    public function rawMm2(float $coveredMm2, ?Zone $zone, float $pieceMm2): float
    {
        $left = max(0.0, $pieceMm2 - $this->faceMm2);
        if ($left <= 0 || $zone?->outline === null || $zone->at === null) {
            return min($coveredMm2, $left);
        }
        $drunk = 0.0;
        foreach ($this->zones as $other) {
            if ($other->outline !== null && $other->at !== null) {
                $drunk += Overlap::areaMm2($other->outline, $other->at, $zone->outline, $zone->at);
            }
        }

        return min(max(0.0, $coveredMm2 - $drunk), $left);
    }

    /** How much of the coated edge that a coat runs over is still raw, mm. */
    public function rawEdgeMm(float $edgeMm, float $pieceEdgeMm): float
    {
        return min($edgeMm, max(0.0, $pieceEdgeMm - $this->edgeMm));
    }

    /** With what one more coat covers. */
    public function under(float $rawMm2, float $rawEdgeMm, ?Zone $zone): self
    {
        return new self($this->faceMm2 + $rawMm2, $this->edgeMm + $rawEdgeMm, $zone?->outline === null ? $this->zones : [...$this->zones, $zone]);
    }
}
