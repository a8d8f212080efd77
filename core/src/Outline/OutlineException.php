<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Outline;

use DomainException;

/** An outline that cannot be, or cannot answer; the message is a sentence for the person. */
final class OutlineException extends DomainException
{
    public static function notPositive(string $what, float $mm): self
    {
        return new self(sprintf('The %s must be more than 0 mm; it is %s mm.', $what, (string) $mm));
    }

    public static function hasNoSides(): self
    {
        return new self('Only a rectangle has single sides: coat all of the edge, none, or give its length.');
    }
}
