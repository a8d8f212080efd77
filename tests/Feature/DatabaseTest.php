<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Pour;
use App\PlanFile\Json;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenGlaze\Core\Document\Entry;
use PDO;
use PDOException;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Support\DatabaseInAFile;
use Tests\TestCase;

/** The database as a file, with more than one at it. */
final class DatabaseTest extends TestCase
{
    use DatabaseInAFile;

    protected string $studio = DatabaseSeeder::class;

    public function test_it_writes_ahead_keeps_its_keys_and_waits_its_turn(): void
    {
        self::assertSame('wal', DB::scalar('PRAGMA journal_mode'));
        self::assertSame(1, DB::scalar('PRAGMA foreign_keys'));
        self::assertSame(5000, DB::scalar('PRAGMA busy_timeout'));
        $this->expectException(QueryException::class);
        DB::table('coats')->update(['piece_id' => 9999]);
    }

    public function test_a_transaction_holds_the_lock_from_its_beginning(): void
    {
        $other = new PDO('sqlite:'.$this->file);
        $other->exec('PRAGMA busy_timeout = 0');
        DB::beginTransaction();
        try {
            $other->exec('BEGIN IMMEDIATE');
            self::fail('Another writer could begin beside an open transaction.');
        } catch (PDOException $exception) {
            self::assertStringContainsString('locked', $exception->getMessage());
        } finally {
            DB::rollBack();
        }
        self::assertSame(0, $other->exec('BEGIN IMMEDIATE'));
        $other->exec('ROLLBACK');
    }

    public function test_two_writers_at_once_lose_nothing(): void
    {
        DB::statement('CREATE TABLE tally (n INTEGER)');
        DB::table('tally')->insert(['n' => 0]);
        $writers = array_map(fn (): Process => $this->writer(200), [1, 2]);
        array_map(fn (Process $writer) => $writer->start(), $writers);
        foreach ($writers as $writer) {
            self::assertSame(0, $writer->wait(), $writer->getErrorOutput().$writer->getOutput());
        }
        self::assertSame(400, DB::table('tally')->value('n'));
    }

    public function test_a_failed_save_leaves_nothing_and_the_next_one_works(): void
    {
        $before = Piece::query()->count();
        try {
            DB::transaction(function (): void {
                Piece::query()->firstOrFail()->forceDelete();
                throw new RuntimeException('power cut');
            });
        } catch (RuntimeException) {
        }
        self::assertSame($before, Piece::query()->count());
        self::assertSame('done', DB::transaction(fn (): string => DB::transaction(fn (): string => 'done')));
    }

    public function test_rebuilding_a_table_keeps_the_children_of_its_rows(): void
    {
        $counts = $this->counts();
        self::assertGreaterThan(0, min($counts));
        Artisan::call('migrate', ['--force' => true, '--path' => 'tests/Feature/migrations/rebuild']);
        self::assertTrue(Schema::hasColumn('pieces', 'shelfmark'));
        self::assertSame($counts, $this->counts());
        self::assertSame(1, DB::scalar('PRAGMA foreign_keys'));
    }

    public function test_a_rebuild_that_would_leave_orphans_changes_nothing(): void
    {
        $counts = $this->counts();
        try {
            Artisan::call('migrate', ['--force' => true, '--path' => 'tests/Feature/migrations/orphan']);
            self::fail('The migration went through.');
        } catch (RuntimeException $exception) {
            self::assertStringContainsString('point nowhere', $exception->getMessage());
        }
        self::assertSame($counts, $this->counts());
        self::assertSame(1, DB::scalar('PRAGMA foreign_keys'));
    }

    public function test_every_migration_keeps_the_rows_of_a_filled_database(): void
    {
        $rows = $this->rows();
        self::assertNotContains([], $rows);
        $this->onTheFirstDay(function () use ($rows): void {
            foreach (array_keys($rows) as $table) {
                $columns = implode(', ', Schema::getColumnListing('main.'.$table));
                DB::statement("INSERT INTO main.$table ($columns) SELECT $columns FROM seeded.$table");
            }
        });
        self::assertEquals($rows, $this->rows());
        self::assertSame([], DB::select('PRAGMA foreign_key_check'));
    }

    public function test_what_was_on_the_bench_before_there_was_a_journal_is_kept_with_its_times(): void
    {
        $pour = Pour::query()->whereNotNull('poured_at')->whereNull('written_at')->whereNotNull('coat_id')->latest('started_at')->firstOrFail();
        $old = Pour::query()->whereNotNull('written_at')->whereNotNull('note')->oldest('started_at')->firstOrFail();
        $kept = $this->onTheFirstDay(function () use ($pour, $old): void {
            DB::statement('PRAGMA foreign_keys = OFF');
            foreach ([7 => $pour, 8 => $old] as $id => $one) {
                DB::table('pours')->insert([
                    'id' => $id, 'piece_id' => null, 'coat_id' => null, 'title' => $one->title,
                    'plan' => Json::line($one->plan()), 'result' => Json::line($one->result()),
                    'times' => Json::line(Entry::from(['age_min' => $one->ageMin(), 'answer' => $one->poured->facts->at('answer')])),
                    'started_at' => $one->started_at->format('Y-m-d H:i:s.v'), 'poured_at' => $one->poured_at?->format('Y-m-d H:i:s.v'),
                    'finished_at' => $one->written_at?->format('Y-m-d H:i:s.v'), 'used_a_ml' => $one->used_a_ml, 'used_b_ml' => $one->used_b_ml, 'note' => $one->note,
                ]);
                foreach ($one->schedule->entries('acts') as $position => $act) {
                    $mark = $one->marks->number($act->text('id').'.at');
                    DB::table('pour_acts')->insert([
                        'pour_id' => $id, 'key' => $act->value('id'), 'kind' => $act->value('kind'), 'position' => $position, 'due_min' => $act->value('due_min'), 'title' => $act->value('title'), 'how' => $act->value('how'),
                        'done_at' => $mark === null ? null : CarbonImmutable::createFromTimestampMs((int) $mark)->format('Y-m-d H:i:s.v'),
                    ]);
                }
            }
        });
        self::assertSame(2, Pour::query()->count());
        foreach ([$pour, $old] as $before) {
            $after = Pour::query()->where('title', $before->title)->where('started_at', $before->started_at->format('Y-m-d H:i:s.v'))->firstOrFail();
            self::assertEquals($before->poured_at, $after->poured_at);
            // how long an act takes and what a wipe leaves nobody worked out in those days
            $known = $before->schedule->with('acts', array_map(static fn (Entry $act): Entry => $act->without('lasts_min', 'left_ml'), $before->schedule->entries('acts')));
            self::assertEqualsWithDelta($known, $after->schedule, 1e-9);
            self::assertSame(array_map(static fn (Entry $mark): ?int => $mark->whole('at'), $before->marks->fields()), array_map(static fn (Entry $mark): ?int => $mark->whole('at'), $after->marks->fields()));
            self::assertEquals([$before->handle_at, $before->written_at, $before->used_a_ml, $before->note], [$after->handle_at, $after->written_at, $after->used_a_ml, $after->note]);
            self::assertEquals($before->plan(), $after->plan());
            self::assertTrue($after->begun->kept);
        }
        self::assertNull(Pour::query()->whereNull('written_at')->sole()->off_at, 'what is wet stays in sight');
        self::assertNotNull(Pour::query()->whereNotNull('written_at')->sole()->off_at);
        self::assertSame($kept, Pour::query()->count());
    }

    public function test_the_rows_of_the_bench_are_folded_from_the_journal_alone(): void
    {
        $before = $this->bench();
        self::assertGreaterThan(5, count($before['pours']));
        DB::table('pours')->where('id', $before['pours'][0]->id)->update(['title' => 'Something else', 'poured_at' => null]);
        DB::table('pours')->where('id', $before['pours'][1]->id)->delete();
        self::assertSame(0, Artisan::call('glaze:rebuild'));
        self::assertEquals($before, $this->bench());
    }

    public function test_a_full_disk_is_said_and_the_press_is_not_lost(): void
    {
        $pour = Pour::query()->whereNull('written_at')->whereNotNull('poured_at')->latest('started_at')->firstOrFail();
        DB::statement('PRAGMA max_page_count = '.DB::scalar('PRAGMA page_count'));
        try {
            $long = array_map(fn (): array => $this->pressed($pour->id, 'observed', ['what' => 'thick', 'text' => str_repeat('x', 500)]), range(1, 40));
            $this->sendEvents($long)->assertStatus(503)->assertJsonPath('code', 'full');
            $this->getJson('/now/pours')->assertOk();
        } finally {
            DB::statement('PRAGMA max_page_count = 1073741823');
        }
        self::assertSame(array_fill(0, 40, 'done'), array_column($this->sendEvents($long)->assertOk()->json('results'), 'status'));
    }

    /** @return array<string, list<mixed>> every row that is folded */
    private function bench(): array
    {
        return [
            'pours' => DB::table('pours')->orderBy('id')->get()->all(),
            'mixings' => DB::table('mixings')->orderBy('id')->get()->all(),
            'lots' => DB::table('lots')->orderBy('id')->get(['id', 'subject', 'opened_on', 'left_a_ml', 'left_b_ml', 'deleted_at'])->all(),
        ];
    }

    /**
     * A database of the first day, filled, and then brought up to now.
     *
     * @param  callable(): void  $fill
     * @return int how many pours there are then
     */
    private function onTheFirstDay(callable $fill): int
    {
        $migrations = array_map(basename(...), (array) glob(database_path('migrations/*.php')));
        self::assertGreaterThan(1, count($migrations));
        touch($old = $this->file.'-old');
        config(['database.connections.sqlite.database' => $old]);
        DB::purge();
        self::assertSame(0, Artisan::call('migrate', ['--force' => true, '--path' => 'database/migrations/'.$migrations[0]]));
        DB::statement("ATTACH '{$this->file}' AS seeded");
        $fill();
        DB::statement('DETACH seeded');
        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));

        return Pour::query()->count();
    }

    /** @return array<string, list<mixed>> every row of every table of what is planned, with the columns of the first day */
    private function rows(): array
    {
        $columns = ['plans' => ['id', 'name', 'document'], 'resins' => ['id', 'plan_id', 'key', 'position', 'sheet'], 'pieces' => ['id', 'plan_id', 'key', 'position', 'spec'], 'coats' => ['id', 'plan_id', 'piece_id', 'resin_id', 'key', 'position', 'spec']];

        $rows = [];
        foreach ($columns as $table => $of) {
            $rows[$table] = DB::table($table)->orderBy('id')->get($of)->all();
        }

        return $rows;
    }

    /** @return array{pieces: int, coats: int, pours: int} */
    private function counts(): array
    {
        return [
            'pieces' => Piece::query()->count(),
            'coats' => Coat::query()->count(),
            'pours' => Pour::query()->whereNotNull('piece_id')->count(),
        ];
    }

    /** Reads, then writes what it read plus one, so many times, each in one transaction. */
    private function writer(int $times): Process
    {
        $code = <<<PHP
            require 'vendor/autoload.php';
            \$app = require 'bootstrap/app.php';
            \$app->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap();
            for (\$i = 0; \$i < $times; \$i++) {
                Illuminate\\Support\\Facades\\DB::transaction(function () {
                    \$n = Illuminate\\Support\\Facades\\DB::table('tally')->value('n');
                    Illuminate\\Support\\Facades\\DB::table('tally')->update(['n' => \$n + 1]);
                });
            }
            PHP;

        return new Process([PHP_BINARY, '-r', $code], base_path(), ['DB_DATABASE' => $this->file, 'APP_ENV' => 'testing']);
    }
}
