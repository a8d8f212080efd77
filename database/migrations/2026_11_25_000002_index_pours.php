<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is on the bench now, and what a piece took before, are asked all the time. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pours', function (Blueprint $table): void {
            $table->index('finished_at');
            $table->index(['piece_id', 'started_at']);
        });
    }
};
