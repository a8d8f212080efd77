<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Advice;

/** How much an advice weighs: a stop keeps the clock from starting. */
enum Level: string
{
    case Note = 'note';
    case Caution = 'caution';
    case Stop = 'stop';

    /** In which order they are said: a stop is 0. */
    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Caution => 1,
            self::Note => 2,
        };
    }
}
