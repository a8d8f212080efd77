<?php

declare(strict_types=1);

namespace App\Rehearsing;

use App\Clock\Pace;
use App\Journal\ThisStudio;
use App\Models\Rehearsal;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Once;
use Illuminate\Support\Str;

/**
 * Where an evening is rehearsed: a copy of the studio in a file of its own, with a name and a clock of its own. What is
 * asked for while one stands on it is answered from the copy, by the same code; the studio itself is not touched.
 */
final class Stage
{
    private const CONNECTION = 'rehearsal';

    private ?Rehearsal $rehearsal = null;

    private string $own = '';

    private ?string $photos = null;

    public function __construct(private readonly ThisStudio $studio)
    {
    }

    /** What is being rehearsed; null off the stage. */
    public function rehearsal(): ?Rehearsal
    {
        return $this->rehearsal;
    }

    /** How its clock goes; null off the stage. */
    public function pace(): ?Pace
    {
        return $this->rehearsal?->clock();
    }

    /** The connection of the studio itself, also from the stage. */
    public function own(): string
    {
        return $this->own === '' ? DB::getDefaultConnection() : $this->own;
    }

    /** Goes on the stage. @return bool whether there is such a rehearsal of this studio */
    public function enter(string $id): bool
    {
        if (! Str::isUuid($id) || ! is_file($this->file($id))) {
            return false;
        }
        $this->open($id);
        $this->rehearsal = $this->row();
        if ($this->rehearsal === null) {
            $this->leave();

            return false;
        }

        return true;
    }

    /** Has everything asked of a copy from now on, whose rehearsal is not written down yet. */
    public function open(string $id): void
    {
        $file = $this->file($id);
        $this->own = DB::getDefaultConnection();
        config(['database.connections.'.self::CONNECTION => [...(array) config("database.connections.$this->own"), 'database' => $file]]);
        DB::setDefaultConnection(self::CONNECTION);
        $photos = config('filesystems.disks.local.root');
        $this->photos = is_string($photos) ? $photos : null;
        config(['filesystems.disks.local.root' => dirname($file)."/$id"]);
        $this->turned();
    }

    /** Goes off it again. */
    public function leave(): void
    {
        if ($this->own === '') {
            return;
        }
        DB::purge(self::CONNECTION);
        DB::setDefaultConnection($this->own);
        config(['filesystems.disks.local.root' => $this->photos]);
        [$this->rehearsal, $this->own, $this->photos] = [null, '', null];
        $this->turned();
    }

    /** Where the copy of one stands, or is to stand. */
    public function file(string $id): string
    {
        return storage_path('app/rehearsals/'.$this->studio->shortId()."/$id.sqlite");
    }

    /** Copies of rehearsals that nobody has looked at for so long go. */
    public function tidy(int $nowMs, int $olderThanMs): void
    {
        foreach (File::glob(dirname($this->file('x')).'/*') as $old) {
            if (is_string($old) && File::lastModified($old) * 1000 < $nowMs - $olderThanMs) {
                File::isDirectory($old) ? File::deleteDirectory($old) : File::delete($old);
            }
        }
    }

    /** Of a copy that is whole, and of this version of the program; else nobody could leave it. */
    private function row(): ?Rehearsal
    {
        try {
            $version = static fn (string $connection): int => DB::connection($connection)->table('migrations')->count();

            return $version(self::CONNECTION) === $version($this->own) ? Rehearsal::query()->first() : null;
        } catch (QueryException $exception) {
            report($exception);

            return null;
        }
    }

    private function turned(): void
    {
        $this->studio->forget();
        Storage::forgetDisk('local');
        Once::flush();
    }
}
