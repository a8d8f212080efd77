<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Coats in stacks: what is taken away can come back, and whole stacks are kept under a name. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('coats', fn (Blueprint $table) => $table->softDeletes());

        Schema::create('templates', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->longText('document');
            $table->timestamps();
        });
    }
};
