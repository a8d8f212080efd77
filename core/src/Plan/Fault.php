<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** One thing that is wrong with a plan: where (a JSON pointer) and what, as a sentence. */
final readonly class Fault
{
    public function __construct(
        public string $pointer,
        public string $sentence,
    ) {
    }
}
