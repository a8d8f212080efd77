<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Colour;

/** How a colourant looks by itself. */
final readonly class Look
{
    /**
     * @param  string|null  $colour  #rrggbb; null where it has none
     */
    public function __construct(
        public ?string $colour,
        public Finish $finish,
    ) {
    }
}
