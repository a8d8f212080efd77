<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What stands on the shelf beside resins, the bottles that are opened, and batches that are mixed. */
return new class extends Migration
{
    public function up(): void
    {
        // Vessels, colourants and recipes of the studio, each as its object of the plan file.
        Schema::create('supplies', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('key');
            $table->unsignedInteger('position');
            $table->longText('sheet');
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['kind', 'key']);
        });

        Schema::table('resins', fn (Blueprint $table) => $table->softDeletes());

        // Bottles of a resin's two parts that came together.
        Schema::create('lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('resin_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->date('opened_on')->nullable();
            $table->date('best_before')->nullable();
            $table->double('left_a_ml')->nullable();
            $table->double('left_b_ml')->nullable();
            $table->double('price')->nullable();
            $table->double('bought_ml')->nullable();
            $table->timestamps();
            $table->softDeletes();
        });

        // A batch from the first gram to the end of the stirring, with its own copy of everything.
        Schema::create('mixings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained()->cascadeOnDelete();
            $table->string('batch_key');
            $table->string('title');
            $table->longText('plan');
            $table->longText('result');
            $table->longText('weighed');
            $table->dateTime('stirred_from', 3)->nullable();
            $table->dateTime('mixed_at', 3)->nullable();
            $table->timestamps();
            $table->index(['plan_id', 'batch_key']);
        });

        // without a constraint: SQLite would rebuild the table for it
        Schema::table('pours', fn (Blueprint $table) => $table->unsignedBigInteger('mixing_id')->nullable()->index());
    }
};
