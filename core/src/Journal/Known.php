<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** How one knows an amount: from a scale, from the marks of a cup, as the plan had it, or not at all. */
enum Known: string
{
    case Weighed = 'weighed';
    case Read = 'read';
    case Planned = 'planned';
    case Unknown = 'unknown';

    public function isMeasured(): bool
    {
        return $this === self::Weighed || $this === self::Read;
    }
}
