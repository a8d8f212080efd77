<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

/** Where two edges cross, and of which loops they are. */
final readonly class Crossing
{
    public function __construct(
        public Point $at,
        public int $loop,
        public int $otherLoop,
    ) {
    }
}
