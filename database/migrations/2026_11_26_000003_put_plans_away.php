<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A plan that came in a file can be put away, and is known again when it is brought in twice. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('plans', function (Blueprint $table): void {
            $table->dateTime('put_away_at')->nullable();
            $table->string('sha256', 64)->nullable();
        });
    }
};
