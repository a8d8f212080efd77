<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** Where the amount of one step of the weighing came from. */
enum ReadBy: string
{
    case Scale = 'scale';
    /** grams that somebody typed */
    case Hand = 'hand';
    /** an amount of liquid off the marks of a cup */
    case Marks = 'marks';
    /** nobody read it: about as it was meant to be */
    case AsMeant = 'as_meant';

    public function known(): Known
    {
        return match ($this) {
            self::Scale, self::Hand => Known::Weighed,
            self::Marks => Known::Read,
            self::AsMeant => Known::Planned,
        };
    }
}
