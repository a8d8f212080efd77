<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** In the copy of a studio that an evening is rehearsed in: its one row. In the studio itself the table is empty. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rehearsals', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->integer('seed');
            $table->text('accidents');
            $table->text('told');
            // at which moment of the studio's own clock which moment of the evening was, and how fast it goes since
            $table->bigInteger('real_ms');
            $table->bigInteger('at_ms');
            $table->float('pace');
            $table->bigInteger('begun_ms');
            $table->bigInteger('ended_ms')->nullable();
        });
    }
};
