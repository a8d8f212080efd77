<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use OpenGlaze\Core\Message\Message;

/** One thing that is wrong with a plan: where (a JSON pointer) and what. */
final readonly class Fault
{
    public function __construct(
        public string $pointer,
        public Message $said,
    ) {
    }
}
