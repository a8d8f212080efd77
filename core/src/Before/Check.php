<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Before;

use OpenGlaze\Core\Message\Message;

/** One last thing that is looked at before the first cup: what, and how it has to be. */
final readonly class Check
{
    /** @param  string  $id  the same every evening: what is ticked is known by it */
    public function __construct(
        public string $id,
        public Message $title,
        public Message $how,
        /** not as it should be, as far as it is known */
        public bool $isOff = false,
    ) {
    }
}
