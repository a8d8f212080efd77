<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;
use stdClass;

/** Plans of any piece with any stack of coats on it, in any room, the same for the same number. */
final readonly class RandomPlans
{
    /** Named, and not asked for: another one would change every plan. */
    private const SURFACES = ['raw_ply', 'raw_mdf', 'raw_wood', 'primed_canvas', 'unsealed_paper', 'fabric', 'unglazed_ceramic', 'slate', 'printed_plastic', 'glazed_tile', 'metal', 'sealed', 'cured_resin'];

    private function __construct(private Randomizer $random)
    {
    }

    public static function number(int $number): stdClass
    {
        return (new self(new Randomizer(new Mt19937($number))))->plan();
    }

    private function plan(): stdClass
    {
        $pieces = $coats = [];
        $count = $this->random->getInt(1, 2);
        for ($at = 1; $at <= $count; $at++) {
            $piece = $this->piece("piece-$at");
            $pieces[] = $piece;
            for ($number = $this->random->getInt(1, 3); $number > 0; $number--) {
                $coats[] = $this->coat('coat-'.(count($coats) + 1), $piece);
            }
        }
        $plan = (object) ['format' => 'open-glaze-plan', 'version' => 1, 'studio' => $this->studio(), 'resins' => [$this->resin()], 'pieces' => $pieces, 'coats' => $coats];
        $plan->batches = [(object) ['id' => 'batch', 'coats' => [$coats[0]->id], 'cup_diameter_mm' => $this->between(40, 200), 'measure' => (object) $this->one(['by' => 'scale', 'resolution_g' => $this->one(0.1, 1)], ['by' => 'scale_untared', 'resolution_g' => 1], ['by' => 'cups', 'graduation_ml' => 5], ['by' => 'one_cup', 'graduation_ml' => 10], ['by' => 'pen_lines'])]];

        return $plan;
    }

    private function studio(): stdClass
    {
        $studio = (object) ['temperature_c' => $this->between(12, 32), 'humidity_pct' => $this->between(20, 90), 'slope_mm_per_m' => $this->one(0, $this->between(0.1, 6)), 'margin_pct' => $this->between(0, 15)];
        if ($this->chance(30)) {
            $studio->temperatures = [(object) ['at_h' => 0, 'c' => $this->between(14, 30)], (object) ['at_h' => $this->between(0.2, 3), 'c' => $this->between(8, 34)], (object) ['at_h' => $this->between(4, 30), 'c' => $this->between(8, 34)]];
        }

        return $studio;
    }

    private function resin(): stdClass
    {
        $open = $this->between(8, 90);
        $recoat = $open / 60 * $this->between(1.5, 6);

        return (object) [
            'id' => 'resin', 'name' => 'Resin', 'family' => $this->one('coating', 'casting', 'fast', 'dome'),
            'ratio' => (object) ['a' => $this->one(1, 2, 3, 100), 'b' => $this->one(1, 1, 45), 'by' => $this->one('volume', 'weight')],
            'density_a_g_ml' => $this->between(1.05, 1.2), 'density_b_g_ml' => $this->between(0.92, 1.1),
            'viscosity_pa_s' => $this->between(0.3, 3), 'viscosity_at_c' => 25, 'reference_c' => $this->between(20, 25),
            'surface_tension_n_m' => $this->between(0.03, 0.042), 'open_min' => $open,
            ...$this->chance(60) ? ['pot_life_min' => $open * $this->between(0.4, 0.95), 'pot_life_mass_g' => $this->one(100, 150, 200)] : [],
            ...$this->chance(85) ? ['recoat_from_h' => $recoat, 'recoat_to_h' => $recoat * $this->between(1.5, 3), 'sand_from_h' => $recoat * $this->between(4, 6), 'handle_h' => $recoat * 6.5, 'full_cure_h' => $recoat * 15] : [],
            ...$this->chance(50) ? ['max_pour_mm' => $this->between(3, 30)] : [],
            ...$this->chance(20) ? ['shrinkage_pct' => $this->between(0.5, 6)] : [],
        ];
    }

    private function piece(string $id): stdClass
    {
        $piece = (object) ['id' => $id, 'name' => $id, 'kind' => $this->one('canvas', 'board', 'tile', 'tray', 'tabletop', 'print'), 'quantity' => $this->one(1, 1, 2, 12), 'surface' => $this->one(...self::SURFACES)];
        if ($this->chance(12)) {
            $piece->measure = (object) $this->one(['each_ml' => $this->between(0.5, 6), 'area_cm2' => $this->between(2, 20)], ['water_g' => $this->between(5, 400), 'deepest_mm' => $this->between(2, 40)], ['ellipsoid_mm' => [$this->between(20, 90), $this->between(20, 60), $this->between(10, 50)]], ['cylinder' => (object) ['diameter_mm' => $this->between(40, 110), 'height_mm' => $this->between(50, 200), 'side' => 'both']]);

            return $piece;
        }
        $piece->outline = $this->outline($this->one(30, 100, 300, 700));
        $piece->coated_edges = $this->one('all', 'all', 'none');
        $piece->edge_depth_mm = $this->between(3, 40);
        if ($this->chance(50)) {
            $piece->edge_radius_mm = $this->between(0, 8);
        }
        if ($this->chance(30)) {
            $piece->recess_mm = $this->between(3, 20);
        }

        return $piece;
    }

    private function outline(float $size): stdClass
    {
        $width = $size * $this->between(0.6, 1.2);
        $height = $size * $this->between(0.4, 1.2);
        $outline = (object) match ($this->random->getInt(1, 8)) {
            1 => ['shape' => 'rectangle', 'width_mm' => $width, 'height_mm' => $height],
            2 => ['shape' => 'rectangle', 'width_mm' => $width, 'height_mm' => $height, 'radius_mm' => min($width, $height) * $this->between(0.02, 0.45)],
            3 => ['shape' => 'circle', 'diameter_mm' => $width],
            4 => ['shape' => 'ellipse', 'width_mm' => $width, 'height_mm' => $height],
            5 => ['shape' => 'ring', 'diameter_mm' => $width, 'inner_mm' => $width * $this->between(0.1, 0.8)],
            6 => ['shape' => 'polygon', 'points_mm' => $this->star($width)],
            7 => ['shape' => 'path', 'd' => sprintf('M0 %1$F C%2$F 0 %3$F %4$F %5$F %1$F A%6$F %7$F %8$F 0 1 0 %1$F Z', $height / 2, $width * 0.2, $width * 0.7, $height * 0.1, $width, $width * $this->between(0.5, 0.8), $height * $this->between(0.3, 0.9), $this->between(0, 60))],
            8 => ['shape' => 'path', 'd' => sprintf('M0 0 H%1$F Q%2$F %3$F %1$F %4$F L%5$F %6$F 0 %4$F Z', $width, $width * 1.2, $height / 2, $height, $width / 2, $height * 1.2)],
        };
        if ($outline->shape === 'rectangle' && $this->chance(40)) {
            $outline->holes = [(object) [...(array) $this->outlineOf(0.2 * min($width, $height)), 'x_mm' => $width * 0.55, 'y_mm' => $height * 0.5]];
        }

        return $outline;
    }

    private function outlineOf(float $size): stdClass
    {
        return (object) $this->one(['shape' => 'circle', 'diameter_mm' => $size], ['shape' => 'rectangle', 'width_mm' => $size, 'height_mm' => $size * 0.8], ['shape' => 'ellipse', 'width_mm' => $size, 'height_mm' => $size * 0.6]);
    }

    /** @return list<list<float>> */
    private function star(float $size): array
    {
        $points = [];
        $corners = $this->random->getInt(3, 12);
        for ($at = 0; $at < $corners; $at++) {
            $reach = $size / 2 * $this->between(0.5, 1);
            $points[] = [$size / 2 + $reach * cos(2 * M_PI * $at / $corners), $size / 2 + $reach * sin(2 * M_PI * $at / $corners)];
        }

        return $points;
    }

    private function coat(string $id, stdClass $piece): stdClass
    {
        $containment = match (true) {
            isset($piece->outline) => $this->one('open', 'open', 'held', 'held', 'dammed', 'placed'),
            isset($piece->measure->water_g) => 'dammed',
            default => 'placed',
        };
        $coat = (object) ['id' => $id, 'piece' => $piece->id, 'resin' => 'resin', 'kind' => $this->one('seal', 'base', 'flood', 'layer', 'top'), 'containment' => $containment];
        $coat->size_by = (object) match (true) {
            isset($piece->measure->water_g) => $this->one(['rest_leaving_ml' => $this->between(0, 3)], ['ml_per_piece' => $this->between(1, 4)]),
            isset($piece->measure) => ['thickness_mm' => $this->between(0.3, 2)],
            $containment === 'held' => $this->one(['thickness_mm' => $this->between(0.3, 2.2)], ['edge_angle_deg' => $this->between(15, 110)], ['ml_per_cm2' => $this->between(0.05, 0.2)]),
            $containment === 'dammed' => $this->one(['thickness_mm' => $this->between(0.5, 8)], ['total_depth_mm' => $this->between(2, 40)], isset($piece->recess_mm) ? ['rest_leaving_mm' => $this->between(0, 2)] : ['thickness_mm' => 3]),
            $containment === 'open' => $this->one(['thickness_mm' => $this->between(0.2, 3)], ['stays_mm' => $this->between(0.3, 1.1)], ['ml_per_piece' => $this->between(20, 200), 'counted' => $this->one('laid', 'mixed')]),
            default => ['thickness_mm' => $this->between(0.3, 4)],
        };
        foreach (['texture' => [1, 1.6], 'coverage_pct' => [20, 100], 'edge_film_mm' => [0.1, 0.5], 'runoff_pct' => [0, 40], 'age_min' => [0, 15], 'mark_mm' => [2, 20], 'relief_mm' => [0.5, 6]] as $field => [$least, $most]) {
            if ($this->chance(20)) {
                $coat->{$field} = $this->between($least, $most);
            }
        }
        if ($this->chance(25)) {
            $coat->cups = $this->random->getInt(1, 4);
        }
        if (isset($piece->outline) && ! isset($coat->coverage_pct) && $this->chance(25)) {
            $coat->zone = (object) $this->one(['share_pct' => $this->between(10, 60)], [...(array) $this->outlineOf($this->between(20, 200)), 'x_mm' => $this->between(-20, 60), 'y_mm' => $this->between(-20, 60)]);
        }
        if ($containment === 'dammed' && $this->chance(30)) {
            $coat->inclusions = [(object) ['name' => 'beads', 'count' => $this->random->getInt(1, 9), ...$this->one(['volume_ml' => $this->between(0.1, 2)], ['size_mm' => [$this->between(2, 9)]], ['size_mm' => [$this->between(4, 20), $this->between(1, 12)], 'bottom_mm' => 0.5], ['bulk_ml' => $this->between(1, 6)])]];
        }

        return $coat;
    }

    private function between(float $least, float $most): float
    {
        return round($least + ($most - $least) * $this->random->getInt(0, 1_000_000) / 1e6, 4);
    }

    private function chance(int $percent): bool
    {
        return $this->random->getInt(1, 100) <= $percent;
    }

    /**
     * @template T
     *
     * @param  T  ...$of
     * @return T
     */
    private function one(mixed ...$of): mixed
    {
        $of = array_values($of);

        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
