<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Run;

use OpenGlaze\Core\Message\Message;

/** One thing to do at a time after the pour, in minutes: what, and how. */
final readonly class Act
{
    public function __construct(
        public string $id,
        public ActKind $kind,
        public float $dueMin,
        public Message $title,
        public Message $how,
        /** after which it makes no sense any more; null where that never comes or is not known */
        public ?float $untilMin = null,
    ) {
    }
}
