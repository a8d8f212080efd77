<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Weighing;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A batch cannot be weighed. */
final class WeighingException extends SaidException
{
    public static function noDensity(string $resin): self
    {
        return new self(Message::of('mixes.no_density', resin: $resin));
    }
}
