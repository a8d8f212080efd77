<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tracing;

use OpenGlaze\Core\Outline\Point;

/** One point of a traced edge: the edge runs smoothly through it, or turns a corner there. */
final readonly class Knot
{
    public function __construct(
        public Point $at,
        public bool $isCorner,
    ) {
    }
}
