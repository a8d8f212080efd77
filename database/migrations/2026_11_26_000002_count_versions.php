<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What is planned is counted in versions, and what changed from one to the next is remembered. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['plans', 'resins', 'pieces', 'coats', 'supplies', 'lots'] as $table) {
            Schema::table($table, fn (Blueprint $rows) => $rows->unsignedInteger('version')->default(1));
        }
        Schema::create('changes', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->unsignedBigInteger('row_id');
            $table->unsignedInteger('version');
            $table->uuid('device')->nullable();
            $table->bigInteger('at_ms');
            $table->longText('fields');
            $table->index(['kind', 'row_id', 'version']);
        });
    }
};
