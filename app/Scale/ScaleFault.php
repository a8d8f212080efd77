<?php

declare(strict_types=1);

namespace App\Scale;

use OpenGlaze\Core\Message\Message;

/** Why a scale says nothing that can be used. */
enum ScaleFault: string
{
    case Absent = 'absent';
    case Silent = 'silent';
    case Unplugged = 'unplugged';
    case Overloaded = 'overloaded';
    case Garbled = 'not_understood';

    /** What to do, then why. */
    public function said(): Message
    {
        return Message::named('scale', $this);
    }
}
