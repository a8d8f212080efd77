<?php

declare(strict_types=1);

use App\Database\RebuildingMigration;
use Illuminate\Support\Facades\DB;

return new class extends RebuildingMigration
{
    protected function rebuild(): void
    {
        DB::table('pieces')->delete();
    }
};
