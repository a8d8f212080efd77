<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Resin;
use App\PlanFile\Json;
use Illuminate\Database\Seeder;

/** A studio with two bottles on its shelf. */
final class ShelfSeeder extends Seeder
{
    private const RESINS = [
        <<<'JSON'
        {
          "id": "bench", "name": "Bench Coat 2:1", "family": "coating",
          "ratio": { "a": 2, "b": 1, "by": "volume" }, "density_a_g_ml": 1.14, "density_b_g_ml": 0.98,
          "viscosity_pa_s": 1.1, "viscosity_at_c": 25, "surface_tension_n_m": 0.036, "reference_c": 23,
          "open_min": 45, "pot_life_min": 32, "pot_life_mass_g": 150,
          "recoat_from_h": 4, "recoat_to_h": 12, "sand_from_h": 20, "handle_h": 24, "full_cure_h": 72,
          "max_pour_mm": 4, "mix_min": 3, "colourant_limit_pct": 6, "ratio_tolerance_pct": 5,
          "packs_ml": [750, 1500, 3000], "cap_a": "white, ribbed", "cap_b": "blue, smooth"
        }
        JSON,
        <<<'JSON'
        {
          "id": "even", "name": "Even Coat 1:1", "family": "coating",
          "ratio": { "a": 1, "b": 1, "by": "volume" }, "density_a_g_ml": 1.16, "density_b_g_ml": 1.01,
          "viscosity_pa_s": 1.6, "viscosity_at_c": 25, "surface_tension_n_m": 0.037, "reference_c": 23,
          "open_min": 60, "pot_life_min": 40, "pot_life_mass_g": 200,
          "recoat_from_h": 6, "recoat_to_h": 18, "sand_from_h": 24, "handle_h": 30, "full_cure_h": 96,
          "max_pour_mm": 6, "mix_min": 4, "colourant_limit_pct": 6, "ratio_tolerance_pct": 4,
          "packs_ml": [1000, 3000], "cap_a": "grey", "cap_b": "red"
        }
        JSON,
    ];

    public function run(): void
    {
        $this->call(OwnSeeder::class);
        foreach (self::RESINS as $position => $text) {
            $sheet = Json::read($text);
            Resin::query()->create(['key' => $sheet->text('id'), 'position' => $position, 'sheet' => $sheet]);
        }
        // neither was written down after the other
        Resin::query()->update(['created_at' => now()]);
    }
}
