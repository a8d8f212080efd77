<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether effect oil was touched into a film, and so what the next coat of its piece is laid on; what was poured of it in stages: folded from events. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (['pours', 'coats'] as $rows) {
            Schema::table($rows, function (Blueprint $table): void {
                $table->boolean('oiled')->default(false);
            });
        }
        Schema::table('pours', function (Blueprint $table): void {
            $table->text('stages')->nullable();
        });
    }
};
