<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The coats of a piece and of a resin are asked for all the time; of thousands they are found by an index. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('coats', function (Blueprint $table): void {
            $table->index(['piece_id', 'position']);
            $table->index('resin_id');
        });
    }
};
