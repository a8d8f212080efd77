<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

use OpenGlaze\Core\Answer\Planner;
use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
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

    /** A plan with something of everything that a plan can hold. */
    public static function full(): stdClass
    {
        $plan = self::autumnSky();
        $text = <<<'JSON'
        {
          "resins": [ { "id": "poly", "family": "polyester", "catalyst": [ { "depth_mm": 0.5, "pct": 2 }, { "depth_mm": 6, "pct": 1 } ],
              "density_a_g_ml": 1.12, "viscosity_pa_s": 0.5, "viscosity_at_c": 25, "reference_c": 20, "open_min": 12, "recoat_from_h": 1, "shrinkage_pct": 6 } ],
          "pieces": [
            { "id": "tray", "kind": "tray", "outline": { "shape": "ellipse", "width_mm": 420, "height_mm": 280, "holes": [ { "shape": "circle", "diameter_mm": 20, "x_mm": 200, "y_mm": 130 } ] }, "surface": "slate", "recess_mm": 9, "quantity": 2 },
            { "id": "tile", "kind": "tile", "outline": { "shape": "rectangle", "width_mm": 98, "height_mm": 98, "radius_mm": 6 }, "surface": "glazed_tile", "lip_mm": 1, "edge_turn": "bevelled" },
            { "id": "bezel", "kind": "bezel", "measure": { "water_g": 12 }, "surface": "metal", "face_down": true },
            { "id": "stone", "kind": "stone", "measure": { "ellipsoid_mm": [60, 45, 30] }, "surface": "slate", "target_thickness_mm": 2 },
            { "id": "bead", "measure": { "each_ml": 1.2 }, "surface": "metal", "quantity": 60 },
            { "id": "vase", "kind": "vessel", "measure": { "cylinder": { "diameter_mm": 84, "height_mm": 160, "side": "both" } }, "surface": "printed_plastic" }
          ],
          "coats": [
            { "id": "c1", "piece": "tray", "resin": "bench", "containment": "dammed", "dam": "lip", "size_by": { "total_depth_mm": 6 }, "inclusions": [ { "name": "star", "count": 7, "size_mm": [18, 1] }, { "name": "sand", "bulk_ml": 20, "drinks": true } ], "steps": [ { "step": "clean", "state": "done" } ] },
            { "id": "c2", "piece": "tray", "resin": "bench", "kind": "top", "containment": "dammed", "size_by": { "rest_leaving_mm": 1 }, "over_hard": "wipe" },
            { "id": "c3", "piece": "tile", "resin": "bench", "kind": "dome", "size_by": { "edge_angle_deg": 60 } },
            { "id": "c4", "piece": "tile", "resin": "poly", "size_by": { "thickness_mm": 1 }, "zone": { "shape": "circle", "diameter_mm": 40, "x_mm": 10, "y_mm": 10, "layer": 2, "surface": "raw_ply" } },
            { "id": "c5", "piece": "bezel", "resin": "bench", "containment": "dammed", "size_by": { "rest_leaving_ml": 2 } },
            { "id": "c6", "piece": "bezel", "resin": "bench", "kind": "back", "containment": "dammed", "size_by": { "rest_leaving_ml": 0 }, "turn_first": true },
            { "id": "c7", "piece": "stone", "resin": "bench", "containment": "placed", "size_by": { "ml_per_cm2": 0.05 }, "relief_mm": 3, "dry_media": "mica" },
            { "id": "c8", "piece": "bead", "resin": "bench", "containment": "placed", "size_by": { "ml_per_piece": 1.5, "counted": "mixed" }, "parts": [ { "colour": "blue", "share_pct": 60, "laying": "drops" }, { "colour": "white", "share_pct": 40 } ] },
            { "id": "c9", "piece": "vase", "resin": "bench", "kind": "seal", "laying": "brush", "size_by": { "thickness_mm": 0.2 }, "after_oil": true, "tape_underside": true }
          ],
          "vessels": [ { "id": "jug", "bottom_mm": 90, "top_mm": 110, "height_mm": 190, "floor_radius_mm": 10, "weight_g": 48.5 } ],
          "batches": [
            { "id": "b1", "coats": ["flood", "c1"], "vessel": "jug", "mixed_at_c": 24, "emptied_min": 15, "measure": { "by": "scale", "resolution_g": 0.1 } },
            { "id": "b2", "coats": ["c8"], "counts": { "c8": 20 }, "cups": 2, "cup_diameter_mm": 60, "residue_ml_per_cup": 1, "measure": { "by": "one_cup", "graduation_ml": 5 } ,
              "colours": [ { "recipe": "dusk", "share_pct": 40, "small_cups": 3, "reserve_pct": 10 }, { "name": "clear drops", "ml": 4, "doses": [ { "colourant": "shine", "scoops": 2 } ], "coats": ["c8"] } ] }
          ],
          "colourants": [ { "id": "dusk-paste", "form": "paste", "density_g_ml": 1.4, "flammable": "no", "colour": "#223366", "limit_pct": 8 }, { "id": "shine", "form": "powder", "scoop_ml": 0.1, "finish": "metallic" } ],
          "recipes": [ { "id": "dusk", "per_ml": 100, "doses": [ { "colourant": "dusk-paste", "drops": 12 } ] } ]
        }
        JSON;
        /** @var stdClass $more */
        $more = json_decode($text, flags: JSON_THROW_ON_ERROR);
        foreach (['resins', 'pieces', 'coats'] as $list) {
            $plan->{$list} = [...$plan->{$list}, ...$more->{$list}];
        }
        foreach (['vessels', 'colourants', 'recipes', 'batches'] as $list) {
            $plan->{$list} = $more->{$list};
        }

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
                array_map(static fn (Fault $fault): string => English::say($fault->said), $exception->faults),
            );
        }

        return [];
    }
}
