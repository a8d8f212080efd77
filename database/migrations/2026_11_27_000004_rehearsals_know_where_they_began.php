<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether a rehearsal began with its first cup mixed: the same again begins there too. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rehearsals', function (Blueprint $table): void {
            $table->boolean('is_mixed')->default(true);
        });
    }
};
