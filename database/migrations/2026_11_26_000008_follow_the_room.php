<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The times of a film as the room made them, beside those that were planned. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pours', function (Blueprint $table): void {
            $table->text('followed')->nullable();
        });
    }
};
