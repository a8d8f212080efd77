<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What became of what was left in a cup: folded from its events. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('mixings', function (Blueprint $table): void {
            $table->string('rest')->nullable();
            $table->string('rest_event')->nullable();
        });
    }
};
