<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Message;

use DomainException;

/** Something that cannot be, or cannot be answered, with what is to be said of it. */
abstract class SaidException extends DomainException
{
    protected function __construct(public readonly Message $said)
    {
        parent::__construct($said->key);
    }
}
