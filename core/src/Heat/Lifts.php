<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/** How many equal lifts a layer is poured in, and how long each waits for the next. */
final readonly class Lifts
{
    /** @param  int  $count  1 or more */
    public function __construct(
        public int $count = 1,
        public float $intervalMin = 0.0,
    ) {
    }
}
