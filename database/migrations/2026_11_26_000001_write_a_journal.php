<?php

declare(strict_types=1);

use App\Database\KeptBench;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * What happens at the bench becomes events; the rows of the bench become what is folded from them.
 *
 * What is on the bench already is written down as events that are marked as kept. The folded rows are
 * built when all migrations have run, by what the code makes of the events then.
 */
return new class extends Migration
{
    public function up(): void
    {
        // The one studio of this database: everything that is kept elsewhere is named by it.
        Schema::create('studio', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->unsignedInteger('folded')->default(0);
        });
        DB::table('studio')->insert(['id' => $studio = (string) Str::uuid()]);

        Schema::create('devices', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('name');
            $table->bigInteger('heard_ms');
        });

        // Appended, never changed.
        Schema::create('events', function (Blueprint $table): void {
            $table->id('number');
            $table->uuid('id')->unique();
            $table->string('subject_kind');
            $table->uuid('subject')->index();
            $table->string('kind');
            $table->uuid('device');
            $table->bigInteger('sequence');
            $table->bigInteger('pressed_ms');
            $table->bigInteger('offset_ms');
            $table->bigInteger('heard_ms');
            $table->unsignedInteger('version')->default(1);
            $table->longText('facts');
            $table->boolean('kept')->default(false);
        });

        Schema::table('lots', function (Blueprint $table): void {
            $table->uuid('subject')->nullable()->index();
        });
        KeptBench::writeDown($studio);

        Schema::drop('pour_acts');
        Schema::drop('pours');
        Schema::drop('mixings');

        Schema::create('mixings', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('plan_id')->nullable()->constrained()->nullOnDelete();
            $table->string('batch_key');
            $table->string('title');
            $table->uuid('begun_event');
            $table->longText('weighed');
            $table->uuid('last_reading')->nullable();
            $table->dateTime('begun_at', 3);
            $table->dateTime('stirred_from', 3)->nullable();
            $table->dateTime('mixed_at', 3)->nullable();
            $table->uuid('mixed_event')->nullable();
            $table->dateTime('discarded_at', 3)->nullable();
            $table->boolean('in_use')->default(false)->index();
            $table->index(['plan_id', 'batch_key']);
        });

        Schema::create('pours', function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignId('piece_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('coat_id')->nullable()->constrained()->nullOnDelete();
            $table->uuid('mixing_id')->nullable()->index();
            $table->string('title');
            $table->unsignedInteger('lift')->nullable();
            $table->unsignedInteger('count')->nullable();
            $table->uuid('begun_event');
            $table->uuid('poured_event')->nullable();
            $table->string('override_reason', 500)->nullable();
            $table->dateTime('started_at', 3);
            $table->dateTime('poured_at', 3)->nullable();
            // the times that are counted down, and what became of each act
            $table->longText('schedule');
            $table->longText('marks');
            $table->dateTime('handle_at', 3)->nullable();
            $table->dateTime('written_at', 3)->nullable();
            $table->dateTime('off_at', 3)->nullable();
            $table->uuid('off_event')->nullable();
            $table->double('used_a_ml')->nullable();
            $table->double('used_b_ml')->nullable();
            $table->string('used_a_how')->nullable();
            $table->string('used_b_how')->nullable();
            $table->double('added_ml')->default(0);
            $table->text('seen')->default('{"entries":[]}');
            $table->double('tray_g')->nullable();
            $table->text('note')->nullable();
            $table->string('photo')->nullable();
            $table->index(['off_at', 'handle_at']);
            $table->index(['piece_id', 'started_at']);
            $table->index('coat_id');
            $table->index('started_at');
        });
    }
};
