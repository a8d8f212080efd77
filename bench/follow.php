<?php

declare(strict_types=1);

// Prints how long it takes to have the clocks of all films on the bench follow a room that cooled for an hour, ms.

use App\Pouring\FollowTheRoom;
use App\Sensing\RoomLog;
use App\Sensing\RoomReading;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;

require __DIR__.'/../vendor/autoload.php';

$app = require __DIR__.'/../bootstrap/app.php';
assert($app instanceof Application);
$app->make(Kernel::class)->bootstrap();
$from = CarbonImmutable::now();
for ($minute = 0; $minute <= 60; $minute++) {
    RoomLog::write(new RoomReading(21.0 - $minute / 12, 50.0, null), $from->addMinutes($minute));
}
for ($time = 0; $time < 5; $time++) {
    // another minute each time, or nothing would have changed
    RoomLog::write(new RoomReading(15.5 - $time / 10, 50.0, null), $from->addMinutes(61 + $time));
    $begin = hrtime(true);
    $app->make(FollowTheRoom::class)->all($from->addMinutes(61 + $time));
    echo(hrtime(true) - $begin) / 1e6, "\n";
}
