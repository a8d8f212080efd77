<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** One part of a coat that is laid wet on wet: a colour, its share, and how it is laid. */
final readonly class Part
{
    public function __construct(
        public string $colour,
        public float $sharePct,
        public ?Laying $laying,
    ) {
    }
}
