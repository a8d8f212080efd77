<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Quantity\Sourced;

/** The side of a piece. */
final readonly class PieceEdge
{
    /** The largest round of a corner that is computed with, mm. */
    public const MOST_RADIUS_MM = 20.0;

    public function __construct(
        /** 0 for what has none */
        public Sourced $depthMm,
        public CoatedEdges $coated,
        /** how its upper corner turns */
        public EdgeTurn $turn,
        /** of that corner */
        public Sourced $radiusMm,
    ) {
    }
}
