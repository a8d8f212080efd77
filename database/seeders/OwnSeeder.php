<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Plan;
use Illuminate\Database\Seeder;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;

/** What an own studio begins with: its own plan, with a room. Nothing stands on its shelf. */
final class OwnSeeder extends Seeder
{
    public function run(): void
    {
        Plan::query()->create([
            'name' => 'My studio',
            'document' => PlanDocument::bare(Entry::from(['temperature_c' => 21])),
        ]);
    }
}
