<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A plan keeps what its file holds besides resins, pieces and coats: the room, and fields nobody here knows.
        Schema::create('plans', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->longText('document');
            $table->timestamps();
        });

        // Without a plan a resin stands on the studio's shelf; with one it came in that plan's file.
        Schema::create('resins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('key');
            $table->unsignedInteger('position');
            $table->longText('sheet');
            $table->timestamps();
            $table->unique(['plan_id', 'key']);
        });

        Schema::create('pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained()->cascadeOnDelete();
            $table->string('key');
            $table->unsignedInteger('position');
            $table->longText('spec');
            $table->timestamps();
            $table->softDeletes();
            $table->unique(['plan_id', 'key']);
        });

        Schema::create('coats', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('plan_id')->constrained()->cascadeOnDelete();
            $table->foreignId('piece_id')->constrained()->cascadeOnDelete();
            $table->foreignId('resin_id')->constrained();
            $table->string('key');
            $table->unsignedInteger('position');
            $table->longText('spec');
            $table->timestamps();
            $table->unique(['plan_id', 'key']);
        });

        // A pour keeps its own copy of everything: nothing that is edited later changes it.
        Schema::create('pours', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('piece_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('coat_id')->nullable()->constrained()->nullOnDelete();
            $table->string('title');
            $table->longText('plan');
            $table->longText('result');
            $table->longText('times')->nullable();
            $table->string('override_reason', 500)->nullable();
            $table->dateTime('started_at', 3);
            $table->dateTime('poured_at', 3)->nullable();
            $table->dateTime('finished_at', 3)->nullable();
            $table->double('used_a_ml')->nullable();
            $table->double('used_b_ml')->nullable();
            $table->text('note')->nullable();
            $table->string('photo')->nullable();
            $table->timestamps();
        });

        Schema::create('pour_acts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('pour_id')->constrained()->cascadeOnDelete();
            $table->string('key');
            $table->string('kind');
            $table->unsignedInteger('position');
            $table->double('due_min');
            $table->string('title');
            $table->string('how', 500);
            $table->dateTime('done_at', 3)->nullable();
            $table->unique(['pour_id', 'key']);
        });
    }
};
