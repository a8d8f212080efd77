<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Clock\StudioClock;
use App\Device\NoAnswer;
use App\Pouring\FollowTheRoom;
use App\Sensing\RoomLog;
use App\Sensing\RoomReading;
use App\Sensing\SocketSensor;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Sleep;

/** Reads the room's sensor, once a minute for as long as it runs, and has the clocks follow it; what it does not say is not made up. */
final class ReadRoomCommand extends Command
{
    private const EVERY_S = 60;

    private const READ = 'read';

    protected $signature = 'glaze:read-room {--once : one reading, and an end}';

    protected $description = 'Read the temperature and humidity sensor of the room every minute';

    public function handle(SocketSensor $sensor, StudioClock $clock, FollowTheRoom $follow): int
    {
        $last = null;
        while (true) {
            $is = $this->read($sensor->reading(), $clock->now(), $follow);
            if ($is !== $last) {
                $this->line($clock->now()->format('Y-m-d H:i:s')." $is");
            }
            $last = $is;
            if ($this->option('once') === true) {
                return $is === self::READ ? self::SUCCESS : self::FAILURE;
            }
            Sleep::for(self::EVERY_S)->seconds();
        }
    }

    /** What became of a reading: it is kept, or what was in the way. A database that is locked or full is there again a minute later. */
    private function read(RoomReading|NoAnswer $said, CarbonImmutable $now, FollowTheRoom $follow): string
    {
        if ($said instanceof NoAnswer) {
            return $said->value;
        }
        try {
            RoomLog::write($said, $now);
            RoomLog::thin($now);
            $follow->all($now);
        } catch (QueryException $exception) {
            report($exception);

            return 'not kept';
        }

        return self::READ;
    }
}
