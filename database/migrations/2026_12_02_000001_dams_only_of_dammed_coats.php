<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A coat that is not dammed any more kept the name of what had held it: it says nothing of it now. */
return new class extends Migration
{
    public function up(): void
    {
        DB::table('coats')->where('spec->containment', '!=', 'dammed')->orWhereNull('spec->containment')->whereNotNull('spec->dam')
            ->update(['spec' => DB::raw("json_remove(spec, '$.dam')")]);
    }
};
