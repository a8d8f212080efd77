<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\BackupException;
use App\Keeping\Restore;
use Illuminate\Console\Command;

/** Brings a backup back, or only checks it; see bin/restore. */
final class RestoreCommand extends Command
{
    protected $signature = 'glaze:restore {folder : of the backup} {--check : only look whether it is whole}';

    protected $description = 'Bring a backup back in the place of the studio that is there';

    public function handle(Restore $restore): int
    {
        $folder = $this->argument('folder');
        $database = config('database.connections.sqlite.database');
        try {
            if ($this->option('check') === true) {
                $restore->check($folder);
                $this->line((string) trans('keeping.sound'));

                return self::SUCCESS;
            }
            $before = $restore->put($folder, is_string($database) ? $database : '');
        } catch (BackupException $exception) {
            $this->error($exception->getMessage());

            return self::FAILURE;
        }
        $this->line((string) trans('keeping.restored'));
        if ($before !== '') {
            $this->line((string) trans('keeping.before', ['file' => $before]));
        }

        return self::SUCCESS;
    }
}
