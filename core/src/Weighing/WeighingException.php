<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Weighing;

use DomainException;

/** A batch cannot be weighed. */
final class WeighingException extends DomainException
{
    public static function noDensity(string $resin): self
    {
        return new self(sprintf('The sheet of %s gives no density of part B: measure it by volume, or write its density down.', $resin));
    }
}
