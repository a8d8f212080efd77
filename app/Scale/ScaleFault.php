<?php

declare(strict_types=1);

namespace App\Scale;

/** Why a scale says nothing that can be used. */
enum ScaleFault: string
{
    case Absent = 'absent';
    case Silent = 'silent';
    case Unplugged = 'unplugged';
    case Overloaded = 'overloaded';
    case Garbled = 'not_understood';

    /** What to do, then why. */
    public function sentence(): string
    {
        return match ($this) {
            self::Absent => 'Type what the display says: no scale answers here.',
            self::Silent => 'Look at the scale: it is there, and does not answer.',
            self::Unplugged => 'Plug the scale in, or type what it said: it has no power. What is weighed so far is kept.',
            self::Overloaded => 'Take something off: that is more than the scale carries.',
            self::Garbled => 'Type what the display says: this scale speaks otherwise.',
        };
    }
}
