<?php

declare(strict_types=1);

/** The room's sensor: the local socket that it answers on. Without one, the room is typed. */
return ['socket' => env('SENSOR_SOCKET')];
