<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use App\Editing\Edit;
use App\Mixing\EveningDesk;
use App\Models\Coat;
use App\Models\Plan;
use App\Planning\CoatKeys;
use App\Planning\PieceDesk;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Database\Seeder;
use OpenGlaze\Core\Document\BatchEntry;

/** The demo with eleven boards in one cup tonight, and what the demo has on its bench. */
final class ElevenPlanned extends Seeder
{
    public function run(PieceDesk $pieces, EveningDesk $evenings): void
    {
        $this->call(DatabaseSeeder::class);
        $keys = array_map(static fn (Coat $coat): string => CoatKeys::of($coat), ElevenBoards::boards($pieces));
        $evenings->save(Plan::own(), [BatchEntry::from(['id' => 'boards', 'coats' => $keys, 'cups' => 1])], Edit::byStudio(CarbonImmutable::now()));
    }
}
