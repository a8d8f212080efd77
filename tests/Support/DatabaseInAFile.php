<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A database of its own in a file, outside any transaction: for what is about files, and about more than one at them. */
trait DatabaseInAFile
{
    private string $file;

    protected function setUp(): void
    {
        $this->file = (string) tempnam(sys_get_temp_dir(), 'glaze');
        parent::setUp();
    }

    protected function tearDown(): void
    {
        DB::disconnect();
        array_map('unlink', array_filter((array) glob($this->file.'*'), is_file(...)));
        parent::tearDown();
    }

    public function refreshDatabase(): void
    {
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        Artisan::call('migrate', ['--force' => true]);
    }
}
