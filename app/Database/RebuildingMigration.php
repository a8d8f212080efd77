<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * A migration that rebuilds a table without losing the rows that point to it.
 *
 * SQLite changes most of a table by copying it and dropping the old one; with foreign keys on, the
 * drop would take the children along. They can only be switched off outside a transaction.
 */
abstract class RebuildingMigration extends Migration
{
    public $withinTransaction = false;

    abstract protected function rebuild(): void;

    public function up(): void
    {
        DB::statement('PRAGMA foreign_keys = OFF');
        try {
            DB::transaction(function (): void {
                $this->rebuild();
                if (DB::select('PRAGMA foreign_key_check') !== []) {
                    throw new RuntimeException('rebuilding the table would leave rows that point nowhere; nothing was changed');
                }
            });
        } finally {
            DB::statement('PRAGMA foreign_keys = ON');
        }
    }
}
