<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** One of a resin's two bottles; the values are those of the plan file. */
enum PartName: string
{
    case A = 'a';
    case B = 'b';

    public function other(): self
    {
        return $this === self::A ? self::B : self::A;
    }
}
