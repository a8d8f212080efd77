<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which vessel a cup was mixed in, how long that is out of use, and when it was first stirred: folded from its events. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('mixings', function (Blueprint $table): void {
            $table->string('vessel')->nullable()->index();
            $table->integer('vessel_cups')->nullable();
            $table->float('vessel_hardens_min')->nullable();
            $table->dateTime('first_stirred_at', 3)->nullable();
        });
    }
};
