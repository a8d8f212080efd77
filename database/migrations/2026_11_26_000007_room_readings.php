<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a sensor said of the room: a row a minute, thinned after a day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('room_readings', function (Blueprint $table): void {
            $table->unsignedBigInteger('at_ms')->primary();
            $table->float('celsius');
            $table->float('humidity_pct');
            $table->float('battery_pct')->nullable();
        });
    }
};
