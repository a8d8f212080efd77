<?php

declare(strict_types=1);

/** Serves the stand-in of a room's sensor on a local socket: php standins/sensor/serve.php SOCKET */

use OpenGlaze\StandIns\Listening;
use OpenGlaze\StandIns\Sensor\RoomSensor;
use OpenGlaze\StandIns\Sensor\Talk;

require __DIR__.'/../Listening.php';
require __DIR__.'/RoomSensor.php';
require __DIR__.'/Talk.php';

$talk = new Talk(new RoomSensor(static fn (): float => mt_rand() / mt_getrandmax()), time() - strtotime('today'));
Listening::on($argv[1] ?? '', 'sensor', $talk->answer(...));
