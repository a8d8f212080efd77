<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Plan;
use App\PlanFile\Json;
use Illuminate\Database\Seeder;

/** What an own studio begins with: its own plan, with a room. Nothing stands on its shelf. */
final class OwnSeeder extends Seeder
{
    public function run(): void
    {
        Plan::query()->create([
            'name' => 'My studio',
            'document' => Json::object('{"format": "open-glaze-plan", "version": 1, "studio": {"temperature_c": 21}, "resins": [], "pieces": [], "coats": []}'),
        ]);
    }
}
