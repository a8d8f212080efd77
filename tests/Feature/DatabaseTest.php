<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use PDO;
use PDOException;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The database as a file, with more than one at it. */
final class DatabaseTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    private string $file;

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'glaze');
        parent::setUp();
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        array_map('unlink', (array) glob($this->file.'*'));
        parent::tearDown();
    }

    public function refreshDatabase(): void
    {
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
    }

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
        $counts = $this->counts();
        $rows = $this->rows();
        $migrations = array_map(basename(...), (array) glob(database_path('migrations/*.php')));
        self::assertGreaterThan(1, count($migrations));

        // a database of the first day, filled, and then brought up to now
        touch($old = $this->file.'-old');
        config(['database.connections.sqlite.database' => $old]);
        DB::purge();
        self::assertSame(0, Artisan::call('migrate', ['--force' => true, '--path' => 'database/migrations/'.$migrations[0]]));
        DB::statement("ATTACH '{$this->file}' AS seeded");
        foreach (array_keys($rows) as $table) {
            $columns = implode(', ', Schema::getColumnListing($table));
            DB::statement("INSERT INTO main.$table ($columns) SELECT $columns FROM seeded.$table");
        }
        DB::statement('DETACH seeded');

        self::assertSame(0, Artisan::call('migrate', ['--force' => true]));
        self::assertSame($counts, $this->counts());
        self::assertEquals($rows, $this->rows());
        self::assertSame([], DB::select('PRAGMA foreign_key_check'));
    }

    /** @return array<string, list<mixed>> every row of every table of the studio */
    private function rows(): array
    {
        $rows = [];
        foreach (['plans', 'resins', 'pieces', 'coats', 'pours', 'pour_acts'] as $table) {
            $rows[$table] = DB::table($table)->orderBy('id')->get()->all();
        }

        return $rows;
    }

    /** @return array{pieces: int, coats: int, pours: int, acts: int} */
    private function counts(): array
    {
        return [
            'pieces' => Piece::query()->count(),
            'coats' => Coat::query()->count(),
            'pours' => Pour::query()->whereNotNull('piece_id')->count(),
            'acts' => DB::table('pour_acts')->count(),
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
