<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Keeping\Backup;
use App\Keeping\BackupException;
use App\Keeping\Restore;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use PDO;
use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\DatabaseInAFile;
use Tests\TestCase;

/** A studio is copied whole, checked, and brought back. */
final class BackupTest extends TestCase
{
    use DatabaseInAFile;

    protected string $studio = DatabaseSeeder::class;

    #[After]
    protected function clearFolder(): void
    {
        File::deleteDirectory($this->folder());
    }

    private function folder(): string
    {
        return $this->file.'-backup';
    }

    public function test_it_comes_back_as_it_was(): void
    {
        $pours = Pour::query()->count();
        $photos = Storage::allFiles('photos');
        self::assertGreaterThan(0, app(Backup::class)->make($this->folder()));
        self::assertSame('0600', substr(sprintf('%o', fileperms($this->folder().'/studio.sqlite')), -4));

        Storage::deleteDirectory('photos');
        file_put_contents($database = $this->folder().'-db', 'what was there before');
        $before = app(Restore::class)->put($this->folder(), $this->emptyDatabase($database));
        self::assertFileExists($before);
        $restored = new PDO('sqlite:'.$database);
        self::assertSame($pours, (int) $restored->query('select count(*) from pours')->fetchColumn());
        self::assertSame($photos, Storage::allFiles('photos'));
        array_map(unlink(...), [$before, $database]);
    }

    public function test_what_was_there_stays_beside_it_and_its_photos_are_not_written_over(): void
    {
        app(Backup::class)->make($this->folder());
        $photo = Storage::allFiles('photos')[0];
        Storage::put($photo, 'another picture under this name');
        $database = $this->folder().'-db';
        $there = new PDO('sqlite:'.$database);
        $there->exec('pragma journal_mode = wal; create table kept (n integer); insert into kept values (7)');
        $before = app(Restore::class)->put($this->folder(), $database);
        $there = null;
        self::assertSame(7, (int) (new PDO('sqlite:'.$before))->query('select n from kept')->fetchColumn(), 'with what was still in its log');
        self::assertSame('another picture under this name', Storage::get($photo));
        self::assertSame('0600', substr(sprintf('%o', fileperms($database)), -4));
        array_map(unlink(...), glob($this->folder().'-db*') ?: []);
    }

    public function test_one_made_while_somebody_writes_is_of_one_moment(): void
    {
        $writer = new PDO('sqlite:'.$this->file);
        $writer->exec('pragma journal_mode = wal');
        $writer->exec('begin');
        $writer->exec("insert into devices (id, name, heard_ms) values ('half', 'half written', 1)");
        try {
            app(Backup::class)->make($this->folder());
        } finally {
            $writer->exec('rollback');
        }
        $copy = new PDO('sqlite:'.$this->folder().'/studio.sqlite');
        self::assertSame(0, (int) $copy->query("select count(*) from devices where id = 'half'")->fetchColumn());
        self::assertSame('ok', $copy->query('pragma integrity_check')->fetchColumn());
        app(Restore::class)->check($this->folder());
    }

    public function test_half_of_one_never_stands_under_its_name(): void
    {
        Pour::query()->whereNotNull('photo')->firstOrFail();
        File::ensureDirectoryExists($this->folder().'.part/photos');
        file_put_contents($this->folder().'.part/photos/old.jpg', 'left by one that was killed');
        app(Backup::class)->make($this->folder());
        self::assertFileDoesNotExist($this->folder().'/photos/old.jpg');
        self::assertDirectoryDoesNotExist($this->folder().'.part');
    }

    public function test_the_key_is_never_in_it(): void
    {
        app(Backup::class)->make($this->folder());
        $key = (string) config('app.key');
        foreach (File::allFiles($this->folder()) as $file) {
            self::assertStringNotContainsString($key, (string) file_get_contents($file->getPathname()));
            self::assertStringNotContainsString((string) base64_decode(substr($key, 7)), (string) file_get_contents($file->getPathname()));
        }
    }

    public function test_nothing_is_put_over_what_is_there(): void
    {
        File::ensureDirectoryExists($this->folder());
        $this->expectExceptionMessage('Choose another place');
        app(Backup::class)->make($this->folder());
    }

    /** @return iterable<string, array{callable(string): mixed, string}> */
    public static function damage(): iterable
    {
        yield from [
            'no list' => [fn (string $folder) => unlink("$folder/backup.json"), 'There is no backup'],
            'a list that is no list' => [fn (string $folder) => file_put_contents("$folder/backup.json", '{"format":'), 'There is no backup'],
            'a database cut short' => [fn (string $folder) => file_put_contents("$folder/studio.sqlite", 'SQLite format 3'), 'damaged at studio.sqlite'],
            'one bit of a photo' => [fn (string $folder) => file_put_contents(self::first("$folder/photos"), 'x', FILE_APPEND), 'damaged at photos/'],
            'a photo that is gone' => [fn (string $folder) => unlink(self::first("$folder/photos")), 'damaged at photos/'],
            'a file that lies elsewhere' => [fn (string $folder) => self::listing($folder, 'photos/../../outside.jpg', 'x'), 'damaged at photos/../../outside.jpg'],
            'a file that is no photo' => [fn (string $folder) => self::listing($folder, 'photos/run.php', '<?php'), 'damaged at photos/run.php'],
            'a newer one' => [self::fromTheFuture(...), 'newer Open Glaze, which knows 2099_01_01_000000_fly'],
        ];
    }

    /** @param  callable(string): mixed  $harm */
    #[DataProvider('damage')]
    public function test_what_is_damaged_is_refused_before_anything_is_touched(callable $harm, string $sentence): void
    {
        app(Backup::class)->make($this->folder());
        $harm($this->folder());
        file_put_contents($database = $this->folder().'-db', 'what was there before');
        try {
            app(Restore::class)->put($this->folder(), $database);
            self::fail('It was brought back.');
        } catch (BackupException $exception) {
            self::assertStringContainsString($sentence, $exception->getMessage());
        }
        self::assertSame('what was there before', file_get_contents($database));
        unlink($database);
    }

    private static function fromTheFuture(string $folder): void
    {
        (new PDO("sqlite:$folder/studio.sqlite"))->exec("insert into migrations (migration, batch) values ('2099_01_01_000000_fly', 9)");
        $list = json_decode((string) file_get_contents("$folder/backup.json"));
        $list->sha256->{'studio.sqlite'} = hash_file('sha256', "$folder/studio.sqlite");
        file_put_contents("$folder/backup.json", json_encode($list));
    }

    /** A backup whose list names one more file, which is there and whole. */
    private static function listing(string $folder, string $file, string $content): void
    {
        file_put_contents("$folder/$file", $content);
        $list = json_decode((string) file_get_contents("$folder/backup.json"));
        $list->sha256->{$file} = hash('sha256', $content);
        file_put_contents("$folder/backup.json", json_encode($list));
    }

    private static function first(string $folder): string
    {
        return File::files($folder)[0]->getPathname();
    }

    private function emptyDatabase(string $file): string
    {
        unlink($file);
        (new PDO('sqlite:'.$file))->exec('create table one (n integer)');

        return $file;
    }
}
