<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Keeping\Backup;
use App\Keeping\BackupException;
use Illuminate\Console\Command;

/** Copies the whole studio into a folder; see bin/backup. */
final class BackupCommand extends Command
{
    protected $signature = 'glaze:backup {folder : where to; it must not be there yet}';

    protected $description = 'Copy the whole studio, its photos with it, into a folder';

    public function handle(Backup $backup): int
    {
        $folder = $this->argument('folder');
        try {
            $photos = $backup->make($folder);
        } catch (BackupException $exception) {
            $this->error($exception->getMessage());

            return self::FAILURE;
        }
        $this->line((string) trans('keeping.made', ['folder' => $folder, 'photos' => (string) $photos, 'key' => '.env']));

        return self::SUCCESS;
    }
}
