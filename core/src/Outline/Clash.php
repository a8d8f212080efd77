<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** Where loops are no outline with holes: two that cross, or a hole outside the edge or within another hole. */
final readonly class Clash
{
    /** @param  int  $otherLoop  the one crossed; of a hole out of place the edge (0) that it should lie in, or the hole that it lies in */
    public function __construct(
        public Point $at,
        public int $loop,
        public int $otherLoop,
    ) {
    }
}
