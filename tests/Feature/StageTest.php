<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clock\Pace;
use App\Clock\StudioClock;
use App\Http\Middleware\Rehearse;
use App\Journal\ThisStudio;
use App\Models\JournalEvent;
use App\Models\Mixing;
use App\Models\Pour;
use App\Models\RoomRow;
use App\Rehearsing\Stage;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use PDO;
use PHPUnit\Framework\Attributes\After;
use Tests\Support\DatabaseInAFile;
use Tests\TestCase;

/** Where an evening is rehearsed, and what goes wrong there. */
final class StageTest extends TestCase
{
    use DatabaseInAFile;

    protected string $studio = DatabaseSeeder::class;

    private string $folder = '';

    #[After]
    protected function clearAway(): void
    {
        if ($this->folder !== '') {
            @chmod($this->folder, 0700);
            (new Filesystem)->deleteDirectory($this->folder);
        }
    }

    public function test_two_rehearse_at_once_and_neither_sees_the_other(): void
    {
        $first = $this->begin();
        $second = $this->begin();
        self::assertNotSame($first, $second);
        $this->as($first);
        $film = $this->getJson('/run/state')->json('films.0');
        $this->sendEvents([$this->pressed($film['id'], 'poured', [], ['pressed_ms' => $this->getJson('/rehearsal/state')->json('now')])], studio: $first)->assertJsonPath('results.0.status', 'done');
        $this->as($second);
        self::assertSame([null], array_values(array_unique(array_column($this->getJson('/run/state')->json('films'), 'poured_at'))));
        $this->sendEvents([$this->pressed($film['id'], 'poured')], studio: $first)->assertStatus(409)->assertJsonPath('code', 'not_of_this_studio');
    }

    public function test_a_press_of_the_studio_itself_is_not_taken_on_the_stage(): void
    {
        $own = app(ThisStudio::class)->id();
        $this->as($this->begin());
        $this->sendEvents([$this->pressed($this->getJson('/run/state')->json('films.0.id'), 'poured')], studio: $own)->assertStatus(409);
    }

    public function test_what_is_shelved_in_a_rehearsal_stays_in_it(): void
    {
        $bottles = DB::table('lots')->pluck('left_a_ml', 'id')->all();
        $this->as($this->begin());
        $this->getJson('/run/state')->assertOk();
        self::assertEquals($bottles, DB::table('lots')->pluck('left_a_ml', 'id')->all(), 'its cup took nothing from the bottles');
        $this->post('/plans/1/away');
        self::assertNull(DB::table('plans')->where('id', 1)->value('put_away_at'));
    }

    public function test_copies_that_nobody_looked_at_for_a_day_go_with_the_next_rehearsal(): void
    {
        $old = $this->begin();
        $file = app(Stage::class)->file($old);
        self::assertFileExists($file);
        self::assertSame('0600', substr(sprintf('%o', fileperms($file)), -4));
        touch($file, time() - 2 * 86_400);
        clearstatcache();
        $new = $this->begin();
        self::assertFileDoesNotExist($file);
        self::assertFileExists(app(Stage::class)->file($new));
        $this->as($old);
        $this->getJson('/rehearsal/state')->assertNotFound();
        self::assertSame(app(ThisStudio::class)->id(), $this->get('/')->headers->get('X-Studio'), 'who was in it is in the studio again');
    }

    public function test_nobody_is_caught_in_a_copy_that_is_broken_or_of_another_version(): void
    {
        $own = app(ThisStudio::class)->id();
        $id = $this->begin();
        $file = app(Stage::class)->file($id);
        $this->as($id);
        self::assertSame($id, $this->get('/')->headers->get('X-Studio'));
        (new PDO("sqlite:$file"))->exec('delete from migrations where migration = (select max(migration) from migrations)');
        self::assertSame($own, $this->get('/')->assertOk()->headers->get('X-Studio'), 'the program was brought up to now since');
        file_put_contents($file, 'no database at all');
        foreach (glob($file.'-*') ?: [] as $beside) {
            unlink($beside);
        }
        self::assertSame($own, $this->get('/')->assertOk()->headers->get('X-Studio'));
        self::assertSame('sqlite', DB::getDefaultConnection());
    }

    public function test_a_page_of_the_studio_itself_is_answered_by_it_while_another_tab_rehearses(): void
    {
        $own = app(ThisStudio::class)->id();
        $id = $this->begin();
        $this->as($id);
        $answered = fn (string $of): ?string => $this->getJson('/run/state', [Rehearse::STUDIO => $of])->assertOk()->headers->get(Rehearse::STUDIO);
        self::assertSame([$own, $id, $id], [$answered($own), $answered($id), $answered('of another')]);
        $film = Pour::query()->whereNotNull('poured_at')->firstOrFail();
        $this->withHeader(Rehearse::STUDIO, $own)->press($film->id, 'observed', ['what' => 'dust']);
        self::assertSame('dust', $film->refresh()->seen->entries('entries')[0]->text('what'), 'and what is pressed on it is really pressed');
    }

    public function test_what_is_only_rehearsed_is_nobody_reminded_of(): void
    {
        $this->get('/run/times.ics')->assertOk();
        $this->as($this->begin());
        $this->get('/run/times.ics')->assertNotFound();
    }

    public function test_who_begins_another_from_the_stage_hears_it_as_where_they_are(): void
    {
        $first = $this->begin();
        $this->as($first);
        $answer = $this->postJson('/rehearsals', ['accidents' => [], 'pace' => 10, 'mixed' => true])->assertOk();
        self::assertSame($first, $answer->headers->get('X-Studio'), 'its page takes the answer');
        self::assertNotSame($first, $answer->getCookie(Rehearse::COOKIE, false)?->getValue());
    }

    public function test_where_it_cannot_be_copied_that_is_said_and_nothing_is_left_behind(): void
    {
        $this->folder = dirname(app(Stage::class)->file('any'));
        $this->evening();
        // a file where its folder would be: root writes anywhere else
        (new Filesystem)->ensureDirectoryExists(dirname($this->folder));
        (new Filesystem)->deleteDirectory($this->folder);
        file_put_contents($this->folder, 'in the way');
        try {
            $answer = $this->postJson('/rehearsals', ['accidents' => [], 'pace' => 10]);
            $answer->assertStatus(422)->assertJsonPath('codes.form', 'rehearsal.no_room');
            self::assertNull($answer->getCookie(Rehearse::COOKIE, false));
            self::assertSame('sqlite', DB::getDefaultConnection());
        } finally {
            unlink($this->folder);
        }
    }

    public function test_an_evening_with_a_stop_is_not_begun_behind_its_back_and_leaves_no_copy(): void
    {
        $this->putJson('/plans/1/evening', ['batches' => [['id' => 'batch-1', 'coats' => ['autumn-flood'], 'cups' => 1, 'thinned_with' => 'none', 'measure' => ['by' => 'cups', 'graduation_ml' => 5000]]]]);
        $this->folder = dirname(app(Stage::class)->file('any'));
        $this->postJson('/rehearsals', ['accidents' => [], 'pace' => 10, 'mixed' => true])->assertStatus(422);
        self::assertSame([], glob($this->folder.'/*.sqlite'));
        self::assertSame('sqlite', DB::getDefaultConnection());
    }

    public function test_a_copy_that_is_locked_is_answered_as_busy_and_goes_on_after(): void
    {
        $id = $this->begin();
        $this->as($id);
        $film = $this->getJson('/run/state')->json('films.0');
        config(['database.connections.sqlite.busy_timeout' => 50]);
        $other = new PDO('sqlite:'.app(Stage::class)->file($id));
        $other->exec('begin immediate');
        $press = $this->pressed($film['id'], 'poured', [], ['pressed_ms' => (int) now()->valueOf()]);
        $this->sendEvents([$press], studio: $id)->assertStatus(503)->assertJsonPath('code', 'locked');
        $other->exec('rollback');
        $this->sendEvents([$press], studio: $id)->assertOk()->assertJsonPath('results.0.status', 'done');
        self::assertSame('sqlite', DB::getDefaultConnection(), 'and the studio is asked again afterwards');
    }

    public function test_a_cold_night_is_read_once_a_minute_however_often_one_asks_and_leaves_the_studios_room_alone(): void
    {
        $this->freezeTime();
        RoomRow::query()->delete();
        $this->as($this->begin(['cold_night']));
        foreach ($this->getJson('/run/state')->json('films') as $film) {
            $this->sendEvents([$this->pressed($film['id'], 'poured', [], ['pressed_ms' => $this->getJson('/rehearsal/state')->json('now')])], studio: $this->rehearsal)->assertOk();
        }
        $this->travel(2)->minutes();
        foreach (range(1, 4) as $ask) {
            $this->getJson('/rehearsal/state')->assertOk();
        }
        self::assertSame(0, RoomRow::query()->count());
        $copy = new PDO('sqlite:'.app(Stage::class)->file($this->rehearsal));
        $rows = $copy->query('select at_ms, celsius from room_readings order by at_ms')->fetchAll(PDO::FETCH_NUM);
        self::assertGreaterThan(5, count($rows));
        foreach (array_slice($rows, 1) as $at => $row) {
            self::assertSame(60_000, $row[0] - $rows[$at][0]);
            self::assertLessThan($rows[$at][1], $row[1], 'it only gets colder');
        }
    }

    public function test_its_events_are_the_same_kind_of_events_and_fold_to_the_same_rows(): void
    {
        $id = $this->begin();
        $stage = app(Stage::class);
        self::assertTrue($stage->enter($id));
        try {
            $before = [Mixing::query()->latest('begun_at')->firstOrFail()->getAttributes(), JournalEvent::query()->count()];
            $this->artisan('glaze:rebuild')->assertSuccessful();
            self::assertSame($before, [Mixing::query()->latest('begun_at')->firstOrFail()->getAttributes(), JournalEvent::query()->count()]);
        } finally {
            $stage->leave();
        }
        self::assertFalse($stage->enter('no such thing'));
        self::assertNull($stage->rehearsal());
    }

    public function test_a_fast_clock_never_goes_back_and_stands_still_at_its_end(): void
    {
        foreach ([0.0, 1.0, 10.0, 60.0] as $pace) {
            $clock = new Pace(1_000_000, 5_000_000, $pace, 5_300_000);
            $last = 0;
            foreach (range(990_000, 1_400_000, 7_000) as $realMs) {
                $ms = $clock->ms($realMs);
                self::assertGreaterThanOrEqual($last, $ms);
                self::assertLessThanOrEqual(5_300_000, $ms);
                $last = $ms;
            }
            self::assertSame(5_000_000, $clock->ms(1_000_000));
            self::assertSame(min(5_300_000, 5_000_000 + (int) (2000 * $pace)), $clock->ms(1_002_000));
        }
        CarbonImmutable::setTestNow(CarbonImmutable::createFromTimestampMs(1_002_000));
        $studio = new StudioClock(null, new Pace(1_000_000, 5_000_000, 10.0, 9_000_000));
        self::assertSame([5_020_000, 1_002_000], [(int) $studio->now()->valueOf(), (int) $studio->real()->valueOf()]);
        CarbonImmutable::setTestNow();
    }

    private string $rehearsal = '';

    private function as(string $id): void
    {
        $this->rehearsal = $id;
        $this->withCredentials()->withUnencryptedCookie(Rehearse::COOKIE, $id);
    }

    /**
     * @param  list<string>  $accidents
     * @return string its name
     */
    private function begin(array $accidents = []): string
    {
        $this->unencryptedCookies = [];
        $this->evening();
        $this->folder = dirname(app(Stage::class)->file('any'));

        return (string) $this->postJson('/rehearsals', ['accidents' => $accidents, 'seed' => 3, 'pace' => 10, 'mixed' => true])->assertOk()->getCookie(Rehearse::COOKIE, false)?->getValue();
    }

    private function evening(): void
    {
        $this->putJson('/plans/1/evening', ['batches' => $this->postJson('/plans/1/evening/propose', ['coats' => ['autumn-flood', 'winter-flood']])->json('batches')])->assertOk();
    }
}
