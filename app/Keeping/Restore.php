<?php

declare(strict_types=1);

namespace App\Keeping;

use App\PlanFile\Json;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use JsonException;
use OpenGlaze\Core\Document\Entry;
use PDO;
use PDOException;

/** Brings a backup back: it is checked whole before anything is touched, and takes the place of what is there in one step. */
final class Restore
{
    /** What may be in a backup. */
    private const FILES = '~^(studio\.sqlite|photos/[A-Za-z0-9]+\.jpg)$~';

    /**
     * Checks a backup.
     *
     * @return Entry its list
     *
     * @throws BackupException when it is none, is damaged, or was made by a newer Open Glaze
     */
    public function check(string $folder): Entry
    {
        $list = $this->list($folder);
        foreach ($list->at('sha256')->fields() as $file => $sum) {
            if (preg_match(self::FILES, (string) $file) !== 1 || ! is_file("$folder/$file") || ! is_string($sum) || ! hash_equals($sum, (string) hash_file('sha256', "$folder/$file"))) {
                throw BackupException::damaged((string) $file);
            }
        }
        $this->checkDatabase($folder.'/'.Backup::DATABASE);

        return $list;
    }

    /**
     * Puts it in the place of a database that nobody serves. What was there stays beside it, under another name.
     *
     * @return string where what was there is now; empty where there was nothing
     *
     * @throws BackupException before anything is touched
     */
    public function put(string $folder, string $database): string
    {
        $list = $this->check($folder);
        foreach (array_keys($list->at('sha256')->fields()) as $file) {
            if (str_starts_with((string) $file, 'photos/') && ! Storage::exists((string) $file)) {
                Storage::put((string) $file, File::get("$folder/$file"));
            }
        }
        $new = $database.'.restoring';
        File::copy($folder.'/'.Backup::DATABASE, $new);
        chmod($new, 0600);
        $before = '';
        if (is_file($database) && filesize($database) > 0) {
            $before = $database.'.before-restore';
            // all that was written is in the one file then
            (new PDO('sqlite:'.$database))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
            File::move($database, $before);
        }
        File::delete([$database.'-wal', $database.'-shm']);
        File::move($new, $database);

        return $before;
    }

    private function list(string $folder): Entry
    {
        try {
            $list = is_file($folder.'/'.Backup::LIST) ? Json::read(File::get($folder.'/'.Backup::LIST)) : Entry::of();
        } catch (JsonException) {
            $list = Entry::of();
        }

        return $list->text('format') === Backup::FORMAT && isset($list->at('sha256')->fields()[Backup::DATABASE]) ? $list : throw BackupException::none($folder);
    }

    private function checkDatabase(string $file): void
    {
        try {
            $database = new PDO('sqlite:'.$file, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
            $sound = self::column($database, 'PRAGMA integrity_check');
            $migrations = self::column($database, 'select migration from migrations');
        } catch (PDOException) {
            throw BackupException::damaged(basename($file));
        }
        if ($sound !== ['ok']) {
            throw BackupException::damaged(basename($file));
        }
        foreach ($migrations as $migration) {
            if (is_string($migration) && ! is_file(database_path("migrations/$migration.php"))) {
                throw BackupException::newer($migration);
            }
        }
    }

    /** @return list<mixed> */
    private static function column(PDO $database, string $query): array
    {
        $found = $database->query($query);

        return $found === false ? [] : array_values($found->fetchAll(PDO::FETCH_COLUMN));
    }
}
