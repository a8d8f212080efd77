<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Device\LineSocket;
use App\Device\NoAnswer;
use App\Models\Pour;
use App\Models\RoomRow;
use App\Planning\FilmsNow;
use App\Pouring\FollowTheRoom;
use App\Sensing\RoomLog;
use App\Sensing\RoomReading;
use App\Sensing\SocketSensor;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Schema;
use Inertia\Testing\AssertableInertia;
use OpenGlaze\StandIns\Sensor\RoomSensor;
use OpenGlaze\StandIns\Sensor\Talk;
use Tests\Support\DeviceProcess;
use Tests\TestCase;

/** The room's sensor: its stand-in, what is kept of what it says, and the clocks that follow it. */
final class SensorTest extends TestCase
{
    private const HOUR_S = 3600.0;

    public function test_its_room_has_cold_nights_mild_days_and_a_heater_in_the_evening(): void
    {
        $sensor = self::still();
        self::assertEqualsWithDelta(16.0, $sensor->celsius(3 * self::HOUR_S), 0.2);
        self::assertEqualsWithDelta(21.0, $sensor->celsius(15 * self::HOUR_S), 0.2);
        self::assertEqualsWithDelta(21.0, $sensor->celsius(21 * self::HOUR_S), 0.2, 'the heater is on');
        self::assertLessThan(20, $sensor->celsius(23 * self::HOUR_S), 'and off');
        self::assertGreaterThan($sensor->humidity(15 * self::HOUR_S), $sensor->humidity(3 * self::HOUR_S), 'cold air is damper');
    }

    public function test_an_open_door_lets_the_cold_in_and_it_goes_again(): void
    {
        $sensor = self::still();
        $at = 20 * self::HOUR_S;
        $before = $sensor->celsius($at);
        $sensor->openDoor($at, 600);
        self::assertSame($before, $sensor->celsius($at - 60));
        self::assertLessThan($before - 3, $sensor->celsius($at + 600));
        self::assertEqualsWithDelta($before, $sensor->celsius($at + 3600), 0.3);
    }

    public function test_a_dead_battery_says_nothing_and_a_question_that_is_none_is_told(): void
    {
        $talk = new Talk(self::still(), 20 * self::HOUR_S);
        self::assertStringContainsString('"celsius":21', (string) $talk->answer('{"ask":"reading"}', 0));
        self::assertStringContainsString('not_understood', (string) $talk->answer('how warm is it', 0));
        self::assertStringContainsString('"heeded":true', (string) $talk->answer('{"hand":"battery","pct":0}', 0));
        self::assertNull($talk->answer('{"ask":"reading"}', 1));
    }

    public function test_it_is_read_through_its_socket_and_what_is_no_room_is_not_taken(): void
    {
        $process = new DeviceProcess(device: 'sensor');
        $sensor = new SocketSensor(new LineSocket($process->path));
        self::assertSame(NoAnswer::Absent, $sensor->reading());
        $process->start();
        $reading = $sensor->reading();
        self::assertInstanceOf(RoomReading::class, $reading);
        self::assertEqualsWithDelta(18.5, $reading->celsius, 3.5);
        (new LineSocket($process->path))->ask(['hand' => 'battery', 'pct' => 0]);
        self::assertSame(NoAnswer::Silent, $sensor->reading());
        $process->kill();
        self::assertSame(NoAnswer::Absent, $sensor->reading());
        $process->remove();
        self::assertSame(NoAnswer::Absent, (new SocketSensor(new LineSocket(null)))->reading());
    }

    public function test_a_minute_is_kept_for_a_day_and_ten_of_them_after(): void
    {
        $now = CarbonImmutable::parse('2026-11-26 20:00');
        for ($minute = 0; $minute < 26 * 60; $minute++) {
            RoomLog::write(new RoomReading(20.0, 50.0, null), $now->subMinutes($minute));
        }
        RoomLog::thin($now);
        self::assertSame(24 * 60 + 1 + 12, RoomRow::query()->count());
        RoomLog::thin($now);
        self::assertSame(24 * 60 + 1 + 12, RoomRow::query()->count(), 'once');
    }

    public function test_what_came_in_between_follows_the_room_too(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $this->travel(2)->minutes();
        $this->press($pour->id, 'oiled', ['how' => 'drops', 'where' => 'round the moon']);
        $look = fn (): array => collect($this->getJson("/pours/{$pour->id}/state")->json('acts'))->first(static fn (array $act): bool => str_starts_with($act['id'], 'oil-'));
        $before = $look();
        $this->measured($pour, fn (float $min): float => 13.0);
        $after = $look();
        self::assertGreaterThan($before['due_at'] + 2 * 60_000, $after['due_at'], 'a cold film ages slowly');
        self::assertSame($before['due_at'], $after['planned_at']);
        self::assertGreaterThan($before['until_at'], $after['until_at']);
    }

    public function test_what_is_judged_already_keeps_the_times_that_it_was_judged_by(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $acts = fn (): array => collect($this->getJson("/pours/{$pour->id}/state")->json('acts'))->keyBy('id')->all();
        $before = $acts();
        $this->travelTo(CarbonImmutable::createFromTimestampMs($before['wipe-1']['due_at']));
        $this->press($pour->id, 'act_done', ['act' => 'wipe-1']);
        $this->travelTo(CarbonImmutable::createFromTimestampMs($before['pass-1']['until_at'])->addMinute());
        self::assertSame('missed', $acts()['pass-1']['went']);
        $this->measured($pour, fn (float $min): float => 13.0);
        $after = $acts();
        $times = static fn (array $act): array => [$act['due_at'], $act['until_at'], $act['went']];
        self::assertSame([$before['pass-1']['due_at'], $before['pass-1']['until_at'], 'missed'], $times($after['pass-1']), 'a room that cools later does not take that back');
        self::assertSame([$before['wipe-1']['due_at'], $before['wipe-1']['until_at'], 'in_time'], $times($after['wipe-1']));
        self::assertGreaterThan($before['cover']['due_at'] + 2 * 60_000, $after['cover']['due_at'], 'what is to come follows it');
    }

    public function test_a_room_that_somebody_reads_is_followed_like_a_sensors_and_said_to_be_read_by_hand(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $before = $this->getJson("/pours/{$pour->id}/state")->json('open_until');
        $this->travel(10)->minutes();
        $run = $this->postJson('/run/room', ['studio' => ['temperature_c' => '15,5', 'humidity_pct' => '62']])->assertOk()->json();
        self::assertEquals([15.5, 62, true, false], [$run['room']['celsius'], $run['room']['humidity_pct'], $run['room']['by_hand'], $run['room']['quiet']]);
        self::assertGreaterThan($before, collect($run['films'])->firstWhere('id', $pour->id)['open_until'], 'cold resin stays open longer');
        $this->travel(30)->minutes();
        self::assertFalse($this->getJson('/run/state')->json('room.quiet'), 'who reads it by hand does not come every minute');

        // without a hygrometer the humidity is as it was; in Fahrenheit as people write it
        $this->postJson('/run/room', ['studio' => ['temperature_c' => '66 F']])->assertOk();
        $room = $this->getJson('/run/state')->json('room');
        self::assertEqualsWithDelta(18.89, $room['celsius'], 0.01);
        self::assertEquals(62, $room['humidity_pct']);
    }

    public function test_no_room_is_read_that_none_is_like_and_it_is_said_in_the_units_of_who_reads(): void
    {
        $refused = fn (array $studio): array => $this->postJson('/run/room', ['studio' => $studio])->assertStatus(422)->json('sentences');
        self::assertSame(['studio.temperature_c'], array_keys($refused([])));
        self::assertSame(['studio.temperature_c'], array_keys($refused(['temperature_c' => 'warm'])));
        self::assertSame(['studio.temperature_c'], array_keys($refused(['temperature_c' => '210'])));
        self::assertSame(['studio.humidity_pct'], array_keys($refused(['temperature_c' => '21', 'humidity_pct' => '140'])));
        $this->withCredentials()->withUnencryptedCookie('units', 'imperial');
        self::assertStringContainsString('°F', $refused(['temperature_c' => '300'])['studio.temperature_c']);
        self::assertSame(0, RoomRow::query()->count());
    }

    public function test_a_quiet_sensor_is_said_and_its_last_word_holds(): void
    {
        $this->freezeTime();
        RoomLog::write(new RoomReading(17.5, 61.0, 4.0), CarbonImmutable::now());
        $said = fn (): ?array => $this->getJson('/run/state')->json('room');
        self::assertSame([17.5, 61, false, true], [$said()['celsius'], $said()['humidity_pct'], $said()['quiet'], $said()['battery_low']]);
        self::assertEqualsWithDelta(9.9, $said()['dew_point_c'], 0.2);
        $this->travel(4)->minutes();
        self::assertSame([17.5, true], [$said()['celsius'], $said()['quiet']]);
        $this->travel(13)->hours();
        self::assertNull($said(), 'it says nothing of the room any more');
    }

    public function test_a_pour_begins_in_the_room_as_it_was_measured_unless_somebody_says_otherwise(): void
    {
        RoomLog::write(new RoomReading(17.5, 61.0, null), CarbonImmutable::now());
        $coat = $this->autumnSky();
        $this->get("/coats/{$coat->id}/mix")->assertInertia(fn (AssertableInertia $page) => $page->where('room.temperature_c', 17.5)->etc());
        $this->get("/coats/{$coat->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('room.temperature_c', $coat->piece->plan->studio()->value('temperature_c'))->etc());
        $this->postJson("/coats/{$coat->id}/pours", ['studio' => []])->assertRedirect();
        self::assertEquals([17.5, 61], [$this->latest()->plan()->value('studio.temperature_c'), $this->latest()->plan()->value('studio.humidity_pct')]);
        $this->press($this->latest()->id, 'poured');
        Pour::query()->update(['handle_at' => now()->subDay(), 'off_at' => now()]);
        $this->travel(1)->minutes();
        $this->postJson("/coats/{$coat->id}/pours", ['studio' => ['temperature_c' => '24']])->assertRedirect();
        self::assertEquals(24, $this->latest()->plan()->value('studio.temperature_c'));
    }

    public function test_clocks_follow_a_room_that_cools_and_what_was_planned_stands_beside(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $before = $this->getJson("/pours/{$pour->id}/state")->json();
        $this->measured($pour, fn (float $min): float => max(14.0, 21.0 - $min / 3));
        $after = $this->getJson("/pours/{$pour->id}/state")->json();
        self::assertGreaterThan($before['open_until'], $after['open_until'], 'cold resin stays open longer');
        self::assertSame([$before['tool'], $before['late'], $before['warmings']], [$after['tool'], $after['late'], $after['warmings']], 'only times move, and no words');
        self::assertGreaterThan($before['handle_at'] + 3_600_000, $after['handle_at'], 'and it is handled later');
        self::assertSame($after['handle_at'], $after['later'][0]['to_at']);
        $look = static fn (array $state): array => collect($state['acts'])->firstWhere('id', 'look');
        self::assertGreaterThan($look($before)['due_at'] + 2 * 60_000, $look($after)['due_at']);
        self::assertSame($look($before)['due_at'], $look($after)['planned_at']);
        $due = array_column($after['acts'], 'due_at');
        self::assertSame(collect($due)->sort()->values()->all(), $due, 'and they stand in the order in which they come now');
        $tacky = (int) collect($before['phases'])->firstWhere('phase', 'tacky')['from'];
        $this->travelTo(CarbonImmutable::createFromTimestampMs($tacky)->addMinute());
        self::assertSame(['wet'], array_values(FilmsNow::ofPiece((int) $pour->piece_id, CarbonImmutable::now())->byCoat()), 'what is laid on it hears of that too');
        $run = $this->getJson('/run/state')->json();
        self::assertSame($look($after)['due_at'], $look(collect($run['films'])->firstWhere('id', $pour->id))['due_at']);
    }

    public function test_wipes_come_with_a_room_that_cools_and_go_again_when_it_warms(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $names = fn (string $kind): array => array_column(array_filter($this->getJson("/pours/{$pour->id}/state")->json('acts'), static fn (array $act): bool => $act['kind'] === $kind), 'title', 'id');
        $before = $names('wipe');
        $more = 'wipe-'.(count($before) + 1);
        $this->press($pour->id, 'act_done', ['act' => 'wipe-1']);
        $this->measured($pour, static fn (float $min): float => max(14.0, 21.0 - $min / 3));
        $cold = $names('wipe');
        self::assertGreaterThan(count($before), count($cold), 'what is cold drips for longer');
        self::assertSame('Wipe the drips 1 of '.count($before), $cold['wipe-1'], 'what was done is called what it was called then');
        self::assertSame('Wipe the drips 2 of '.count($cold), $cold['wipe-2']);
        self::assertSame(count($before), array_search($more, array_keys($cold), true), 'the one more comes last');

        $this->press($pour->id, 'act_skipped', ['act' => $more, 'reason' => 'Nothing hangs.']);
        $this->measured($pour, static fn (float $min): float => 27.0);
        self::assertSame('Nothing hangs.', collect($this->getJson("/pours/{$pour->id}/state")->json('acts'))->firstWhere('id', $more)['skipped_because'], 'what was said of one stays');
        self::assertSame([], array_diff(array_keys($names('wipe')), [...array_keys($before), $more]), 'the others go with the cold');
        $shown = $this->getJson("/pours/{$pour->id}/state")->json('acts');
        $this->artisan('glaze:rebuild')->assertSuccessful();
        app(FollowTheRoom::class)->all(CarbonImmutable::now());
        self::assertSame(array_column($shown, 'due_at', 'id'), array_column($this->getJson("/pours/{$pour->id}/state")->json('acts'), 'due_at', 'id'), 'and it is folded anew to the same');
    }

    public function test_what_was_taken_back_or_stands_for_something_else_does_not_come_with_the_room(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $this->measured($pour, static fn (float $min): float => 14.0);
        $this->press($pour->id, 'topped_up', ['ml' => 20]);
        $planned = fn (): array => array_filter($this->getJson("/pours/{$pour->id}/state")->json('acts'), static fn (array $act): bool => preg_match('/^wipe-\d+$/', $act['id']) === 1 && $act['went'] === 'open' && $act['due_at'] > now()->getTimestampMs());
        self::assertSame([], $planned(), 'its wipes are laid anew');
        app(FollowTheRoom::class)->all(CarbonImmutable::now());
        self::assertSame([], $planned());
        $seen = $pour->refresh()->seen->entries('entries')[0]->text('event');
        $this->press($pour->id, 'undone', ['of' => $seen]);
        foreach ($this->getJson("/pours/{$pour->id}/state")->json('acts') as $act) {
            self::assertNotEmpty($act['title'], $act['id']);
        }
        self::assertNotSame([], $planned());
    }

    public function test_a_room_that_is_as_it_was_planned_moves_nothing(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $this->measured($pour, static fn (float $min): float => 21.0 + ((int) $min % 2 === 0 ? 0.1 : -0.1));
        self::assertNull($pour->refresh()->followed);
    }

    public function test_what_followed_an_earlier_pouring_is_not_shown_of_a_later_one(): void
    {
        $this->freezeTime();
        $pour = $this->poured(21);
        $this->measured($pour, static fn (float $min): float => 15.0);
        self::assertNotNull($pour->refresh()->followed);
        $this->press($pour->id, 'undone', ['of' => $pour->poured_event]);
        $this->travel(1)->minutes();
        $this->press($pour->id, 'poured');
        self::assertSame($pour->refresh()->schedule->raw(), $pour->shown()->raw());
    }

    public function test_the_command_reads_once_and_says_when_nothing_answers(): void
    {
        $process = new DeviceProcess(device: 'sensor');
        config(['sensor.socket' => $process->path]);
        $this->artisan('glaze:read-room', ['--once' => true])->expectsOutputToContain('absent')->assertFailed();
        self::assertSame(0, RoomRow::query()->count());
        $process->start();
        $this->artisan('glaze:read-room', ['--once' => true])->expectsOutputToContain('read')->assertSuccessful();
        self::assertSame(1, RoomRow::query()->count());
        Schema::drop('room_readings');
        $this->artisan('glaze:read-room', ['--once' => true])->expectsOutputToContain('not kept')->assertFailed();
        $process->remove();
    }

    /** @param  callable(float): float  $celsius  so many min after the pour */
    private function measured(Pour $pour, callable $celsius): void
    {
        $poured = CarbonImmutable::now();
        for ($minute = 0; $minute <= 20; $minute++) {
            RoomLog::write(new RoomReading($celsius($minute), 55.0, null), $poured->addMinutes($minute));
        }
        $this->travel(20)->minutes();
        app(FollowTheRoom::class)->all(CarbonImmutable::now());
    }

    private function poured(float $celsius): Pour
    {
        $this->postJson("/coats/{$this->autumnSky()->id}/pours", ['studio' => ['temperature_c' => (string) $celsius, 'humidity_pct' => '50']])->assertRedirect();
        $this->press($this->latest()->id, 'poured');

        return $this->latest();
    }

    private function latest(): Pour
    {
        return Pour::query()->with(['begun', 'poured'])->latest('started_at')->firstOrFail();
    }

    private static function still(): RoomSensor
    {
        return new RoomSensor(static fn (): float => 0.5);
    }
}
