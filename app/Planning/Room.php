<?php

declare(strict_types=1);

namespace App\Planning;

use OpenGlaze\Core\Document\Entry;

/** What is measured of a room, laid over what a plan says of it. */
final class Room
{
    /** A temperature measured now takes the place of a line of temperatures that was planned. */
    public static function measured(Entry $planned, Entry $measured): Entry
    {
        $room = $planned->over($measured);

        return $measured->value('temperature_c') === null ? $room : $room->without('temperatures');
    }
}
