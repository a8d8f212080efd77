<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clock\StudioClock;
use App\Pouring\FollowTheRoom;
use App\Sensing\RoomLog;
use App\Sensing\RoomReading;
use App\Sensing\SocketSensor;
use Illuminate\Console\Command;
use Illuminate\Support\Sleep;

/** Reads the room's sensor, once a minute for as long as it runs, and has the clocks follow it; what it does not say is not made up. */
final class ReadRoomCommand extends Command
{
    private const EVERY_S = 60;

    protected $signature = 'glaze:read-room {--once : one reading, and an end}';

    protected $description = 'Read the temperature and humidity sensor of the room every minute';

    public function handle(SocketSensor $sensor, StudioClock $clock, FollowTheRoom $follow): int
    {
        $last = null;
        do {
            $said = $sensor->reading();
            $now = $clock->now();
            if ($said instanceof RoomReading) {
                RoomLog::write($said, $now);
                RoomLog::thin($now);
                $follow->all($now);
            }
            $is = $said instanceof RoomReading ? 'read' : $said->value;
            if ($is !== $last) {
                $this->line($now->format('Y-m-d H:i:s')." $is");
            }
            $last = $is;
            if ($this->option('once') === false) {
                Sleep::for(self::EVERY_S)->seconds();
            }
        } while ($this->option('once') === false);

        return $said instanceof RoomReading ? self::SUCCESS : self::FAILURE;
    }
}
