<?php

declare(strict_types=1);

namespace App\Planning;

use stdClass;

/** What is measured of a room, laid over what a plan says of it. */
final class Room
{
    /** A temperature measured now takes the place of a line of temperatures that was planned. */
    public static function measured(stdClass $planned, stdClass $measured): stdClass
    {
        $room = SpecMerge::over($planned, $measured);
        if (($measured->temperature_c ?? null) !== null) {
            unset($room->temperatures);
        }

        return $room;
    }
}
