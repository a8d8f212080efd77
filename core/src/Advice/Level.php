<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

/** How much an advice weighs: a stop keeps the clock from starting. */
enum Level: string
{
    case Note = 'note';
    case Caution = 'caution';
    case Stop = 'stop';
}
