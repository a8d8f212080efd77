<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was ticked before an evening: folded from its events. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('prepared_evenings', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->text('checked');
            $table->string('last_at')->nullable()->index();
        });
    }
};
