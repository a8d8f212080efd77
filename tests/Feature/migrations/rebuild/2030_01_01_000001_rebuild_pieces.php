<?php

declare(strict_types=1);

use App\Database\RebuildingMigration;
use Illuminate\Support\Facades\DB;

return new class extends RebuildingMigration
{
    protected function rebuild(): void
    {
        $sql = DB::scalar("SELECT sql FROM sqlite_master WHERE name = 'pieces'");
        DB::statement((string) preg_replace(['/"pieces"/', '/\(/'], ['"pieces_new"', '("shelfmark" text, '], (string) $sql, 1));
        DB::statement('INSERT INTO pieces_new (id, plan_id, key, position, spec, created_at, updated_at, deleted_at) SELECT id, plan_id, key, position, spec, created_at, updated_at, deleted_at FROM pieces');
        DB::statement('DROP TABLE pieces');
        DB::statement('ALTER TABLE pieces_new RENAME TO pieces');
    }
};
