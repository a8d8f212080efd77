<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was left in the cup of a pour, by its weight. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pours', fn (Blueprint $table) => $table->double('left_g')->nullable());
    }
};
