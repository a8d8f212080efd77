<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Clock\StudioClock;
use App\Journal\ThisStudio;
use App\PlanFile\Json;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Facades\Storage;

/** A copy of a whole studio: its database as of one moment, its photos, and a list to check them by. */
final readonly class Backup
{
    public const FORMAT = 'open-glaze-backup';

    public const DATABASE = 'studio.sqlite';

    public const LIST = 'backup.json';

    public function __construct(
        private ThisStudio $studio,
        private StudioClock $clock,
    ) {
    }

    /**
     * Makes one in a folder that does not exist yet; half of one never stands there under its name.
     *
     * @return int how many photos are in it
     *
     * @throws BackupException when there is something already
     */
    public function make(string $folder): int
    {
        if (file_exists($folder)) {
            throw BackupException::thereAlready($folder);
        }
        $part = $folder.'.part';
        File::deleteDirectory($part);
        File::ensureDirectoryExists($part.'/photos', 0700);
        DB::statement('VACUUM INTO ?', [$part.'/'.self::DATABASE]);
        chmod($part.'/'.self::DATABASE, 0600);
        $files = [self::DATABASE => (string) hash_file('sha256', $part.'/'.self::DATABASE)];
        // of any age: one is made before a database is brought up to now
        foreach (DB::table('pours')->whereNotNull('photo')->pluck('photo') as $photo) {
            if (is_string($photo) && Storage::exists('photos/'.$photo)) {
                File::copy(Storage::path('photos/'.$photo), "$part/photos/$photo");
                $files["photos/$photo"] = (string) hash_file('sha256', "$part/photos/$photo");
            }
        }
        File::put($part.'/'.self::LIST, Json::file((object) [
            'format' => self::FORMAT, 'version' => 1, 'studio' => Schema::hasTable('studio') ? $this->studio->id() : null, 'made' => $this->clock->now()->toIso8601String(), 'sha256' => (object) $files,
        ]));
        File::move($part, $folder);

        return count($files) - 1;
    }
}
