<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A room that somebody read off a thermometer, beside what a sensor says. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('room_readings', fn (Blueprint $table) => $table->boolean('by_hand')->default(false));
    }
};
