<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JournalEvent;
use App\Models\Pour;
use App\Models\PreparedEvening;
use App\Models\RoomRow;
use Database\Seeders\DatabaseSeeder;
use Tests\Support\MixesCups;
use Tests\TestCase;

/** The last checks before the first cup, and what holds a clock. */
final class BeforeTest extends TestCase
{
    use MixesCups;

    protected string $studio = DatabaseSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        Pour::query()->update(['off_at' => now()]);
    }

    public function test_what_is_ticked_stays_ticked_on_every_device_until_it_is_taken_back(): void
    {
        $this->freezeTime();
        $before = $this->before();
        self::assertNotSame([], $before['checks']);
        self::assertSame([null], array_values(array_unique(array_column($before['checks'], 'event'))));
        $this->press($before['evening'], 'checked', ['check' => 'dust']);
        $this->sendEvents([$this->pressed($before['evening'], 'checked', ['check' => 'level'])], '00000000-0000-4000-8000-0000000000b2')->assertOk();
        self::assertSame(['dust', 'level'], $this->ticked());
        $event = collect($this->before()['checks'])->firstWhere('id', 'dust')['event'];
        $this->press($before['evening'], 'undone', ['of' => $event]);
        self::assertSame(['level'], $this->ticked());
        $row = PreparedEvening::query()->firstOrFail()->checked->raw();
        $this->artisan('glaze:rebuild')->assertSuccessful();
        self::assertEquals($row, PreparedEvening::query()->firstOrFail()->checked->raw());
    }

    public function test_what_was_ticked_for_another_evening_is_looked_at_again(): void
    {
        $this->freezeTime();
        $first = $this->before()['evening'];
        $this->press($first, 'checked', ['check' => 'dust']);
        $this->travel(5)->hours();
        self::assertSame($first, $this->before()['evening'], 'the evening goes on');
        $this->travel(2)->hours();
        self::assertNotSame($first, $this->before()['evening']);
        self::assertSame([], $this->ticked());
        self::assertSame(1, PreparedEvening::query()->count());
    }

    public function test_they_are_asked_while_nothing_is_mixed_and_only_with_an_evening(): void
    {
        self::assertNotNull($this->getJson('/run/state')->json('before'));
        $this->mixed(['autumn-flood']);
        self::assertNull($this->getJson('/run/state')->json('before'));
        JournalEvent::query()->delete();
        \App\Models\Mixing::query()->delete();
        $this->putJson('/plans/1/evening', ['batches' => []])->assertOk();
        self::assertNull($this->getJson('/run/state')->json('before'));
    }

    public function test_the_room_is_as_it_was_measured(): void
    {
        RoomRow::query()->delete();
        RoomRow::query()->insert(['at_ms' => (int) now()->valueOf(), 'celsius' => 12.5, 'humidity_pct' => 90.0, 'battery_pct' => null]);
        $air = collect($this->before()['checks'])->firstWhere('id', 'air');
        self::assertStringContainsString('12.5', $air['title']);
        self::assertTrue($air['off']);
    }

    public function test_a_stop_is_said_with_where_it_is_changed(): void
    {
        $this->putJson('/plans/1/evening', ['batches' => [['id' => 'batch-1', 'coats' => ['autumn-flood'], 'cups' => 1, 'measure' => ['by' => 'cups', 'graduation_ml' => 5000]]]]);
        $stops = $this->before()['stops'];
        self::assertNotSame([], $stops);
        self::assertMatchesRegularExpression('~^/(coats/\d+|plans/1/batches/batch-1)$~', $stops[0]['to']);
        $this->get($stops[0]['to'])->assertOk();
    }

    public function test_an_evening_is_nothing_that_is_poured_and_a_tick_needs_a_name(): void
    {
        $evening = $this->before()['evening'];
        self::assertSame('unreadable', $this->refused($evening, 'checked', []));
        $this->press($evening, 'checked', ['check' => 'dust']);
        self::assertSame('not_there', $this->refused($evening, 'poured'));
    }

    /** @return array<string, mixed> */
    private function before(): array
    {
        return $this->getJson('/run/state')->assertOk()->json('before');
    }

    /** @return list<string> */
    private function ticked(): array
    {
        return array_column(array_filter($this->before()['checks'], static fn (array $check): bool => $check['event'] !== null), 'id');
    }
}
