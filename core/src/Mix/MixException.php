<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Mix;

use DomainException;

/** A mix that cannot be; the message is a sentence for the person. */
final class MixException extends DomainException
{
    public static function ratioNotPositive(float $a, float $b): self
    {
        return new self(sprintf('Both parts of a ratio must be more than 0; this one is %s to %s.', (string) $a, (string) $b));
    }

    public static function densityNotPositive(): self
    {
        return new self('The densities of both parts must be more than 0 g/ml.');
    }
}
