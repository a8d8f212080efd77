<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Message\SaidException;

/** A film cannot be warmed so. */
final class WarmingException extends SaidException
{
    public static function because(Message $said): self
    {
        return new self($said);
    }
}
