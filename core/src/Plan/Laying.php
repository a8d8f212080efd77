<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

/** How a coat comes onto the face. */
enum Laying: string
{
    case Centre = 'centre';
    case Ribbons = 'ribbons';
    case Stripes = 'stripes';
    case Cups = 'cups';
    case Drops = 'drops';
    case Lines = 'lines';
    case Lacing = 'lacing';
    case Skim = 'skim';
    case Brush = 'brush';

    /** Its effect is made while it is poured: each piece is finished before the next. */
    public function isMadeInThePour(): bool
    {
        return match ($this) {
            self::Ribbons, self::Stripes, self::Cups, self::Drops, self::Lines, self::Lacing => true,
            self::Centre, self::Skim, self::Brush => false,
        };
    }

    /** Separate drops and lines are to keep their shape: they are not to level, and get no heat. */
    public function keepsItsShape(): bool
    {
        return $this === self::Drops || $this === self::Lines;
    }
}
