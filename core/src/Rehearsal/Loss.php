<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

use OpenGlaze\Core\Message\Message;

/** Something that was lost: when, what, and what would still have saved it. */
final readonly class Loss
{
    public function __construct(
        public float $atMin,
        public Message $what,
        public Message $saved,
        public string $film = '',
    ) {
    }
}
