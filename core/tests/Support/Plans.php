<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Coating\Planner;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Plan\PlanReader;
use stdClass;

/** The plan file's example, and ways to bend it. */
final class Plans
{
    public static function autumnSky(): stdClass
    {
        $text = <<<'JSON'
        {
          "format": "open-glaze-plan", "version": 1,
          "studio": { "temperature_c": 21, "humidity_pct": 50, "slope_mm_per_m": 0, "margin_pct": 5 },
          "resins": [ { "id": "bench", "name": "Bench Coat", "family": "coating",
              "ratio": { "a": 2, "b": 1, "by": "volume" }, "density_a_g_ml": 1.14, "density_b_g_ml": 0.98,
              "viscosity_pa_s": 1.1, "viscosity_at_c": 25, "surface_tension_n_m": 0.036, "reference_c": 23,
              "open_min": 45, "pot_life_min": 32, "pot_life_mass_g": 150,
              "recoat_from_h": 4, "recoat_to_h": 12, "sand_from_h": 20, "handle_h": 24, "full_cure_h": 72,
              "max_pour_mm": 4, "mix_min": 3, "colourant_limit_pct": 6, "ratio_tolerance_pct": 5 } ],
          "pieces": [ { "id": "chart", "name": "Autumn sky", "kind": "canvas",
              "outline": { "shape": "rectangle", "width_mm": 620, "height_mm": 410 },
              "edge_depth_mm": 36, "coated_edges": "all", "edge_turn": "square",
              "surface": "primed_canvas", "quantity": 1 } ],
          "coats": [ { "id": "flood", "piece": "chart", "resin": "bench", "kind": "flood",
              "containment": "open", "size_by": { "thickness_mm": 1.6 },
              "edge_film_mm": 0.25, "runoff_pct": 10, "cups": 1, "residue_ml_per_cup": 3 } ]
        }
        JSON;
        /** @var stdClass $plan */
        $plan = json_decode($text, flags: JSON_THROW_ON_ERROR);

        return $plan;
    }

    /**
     * The example with values put at JSON pointers.
     *
     * @param  array<string, mixed>  $changes
     */
    public static function with(array $changes): stdClass
    {
        $plan = self::autumnSky();
        foreach ($changes as $pointer => $value) {
            $place = $plan;
            $steps = explode('/', ltrim($pointer, '/'));
            $last = array_pop($steps);
            foreach ($steps as $step) {
                $place = is_array($place) ? $place[(int) $step] : $place->{$step};
            }
            assert($place instanceof stdClass);
            if ($value instanceof Gone) {
                unset($place->{$last});
            } else {
                $place->{$last} = $value;
            }
        }

        return $plan;
    }

    /** @param  array<string, mixed>  $changes */
    public static function computed(array $changes = []): CoatResult
    {
        return (new Planner)->plan((new PlanReader)->read(self::with($changes)))[0];
    }

    /**
     * Several coats on the example's piece, each like its flood coat but for what is changed.
     *
     * @param  array<string, mixed>  $changes  to the plan
     * @param  array<string, mixed>  ...$coats  fields of each coat, instead of the example's own
     * @return list<CoatResult>
     */
    public static function stack(array $changes, array ...$coats): array
    {
        $plan = self::with($changes);
        $like = (array) $plan->coats[0];
        $plan->coats = [];
        foreach (array_values($coats) as $index => $coat) {
            $plan->coats[] = (object) [...$like, 'id' => 'coat-'.($index + 1), ...$coat];
        }

        return (new Planner)->plan((new PlanReader)->read($plan));
    }

    /**
     * What a stack is refused for, by pointer.
     *
     * @param  array<string, mixed>  $changes
     * @param  array<string, mixed>  ...$coats
     * @return array<string, string>
     */
    public static function faults(array $changes, array ...$coats): array
    {
        try {
            self::stack($changes, ...$coats);
        } catch (PlanException $exception) {
            return array_combine(
                array_map(static fn (Fault $fault): string => $fault->pointer, $exception->faults),
                array_map(static fn (Fault $fault): string => $fault->sentence, $exception->faults),
            );
        }

        return [];
    }
}
