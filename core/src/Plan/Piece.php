<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Outline\Outline;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Surface\Surface;

/** Something to be coated, and how many alike. */
final readonly class Piece
{
    public function __construct(
        public string $id,
        public string $name,
        public Outline $outline,
        public Sourced $edgeDepthMm,
        public CoatedEdges $coatedEdges,
        public EdgeTurn $edgeTurn,
        public Surface $surface,
        public Sourced $soakMlPerM2,
        public bool $toleratesHeat,
        public int $quantity,
    ) {
    }

    public function areaCm2(): float
    {
        return $this->outline->areaMm2() / 100;
    }

    /** Length of edge that gets coated, of one piece. */
    public function coatedEdgeMm(): float
    {
        return $this->coatedEdges->lengthMm($this->outline);
    }

    public function longestSideMm(): float
    {
        return max($this->outline->boxWidthMm(), $this->outline->boxHeightMm());
    }
}
