<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Range;

use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Range\Normal;
use OpenGlaze\Core\Range\Range;
use OpenGlaze\Core\Range\Ranges;
use OpenGlaze\Core\Range\RangesDocument;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Ranges are the plan's own computation, drawn anew. */
final class RangesTest extends TestCase
{
    public function test_the_normal_distribution_turned_round(): void
    {
        foreach ([[0.5, 0.0], [0.9, 1.2815516], [0.975, 1.9599640], [0.999, 3.0902323]] as [$share, $deviations]) {
            self::assertEqualsWithDelta($deviations, Normal::quantile($share), 1e-6);
            self::assertEqualsWithDelta(-$deviations, Normal::quantile(1 - $share), 1e-6);
        }
        self::assertEqualsWithDelta(-7.348796, Normal::quantile(1e-13), 1e-4);
    }

    public function test_one_assumption_alone_gives_its_own_spread(): void
    {
        // the film, its soak and its run-off are said, so the time alone moves the time
        $open = self::flood(['/studio/temperature_c' => 23])['film/open_min'];
        self::assertGreaterThan(0.6, $open->causes['open_min'] ?? 0.0);
        $steady = Plans::computed(['/studio/temperature_c' => 23])->film->flowing->openMin;
        self::assertLessThan($steady, $open->low);
        self::assertGreaterThan($steady, $open->high);
        // eight of ten of a log-normal spread of 20 % (95 %), and of ±1 °C on top
        self::assertEqualsWithDelta(1.27, $open->high / $open->low, 0.05);
    }

    public function test_what_the_person_said_has_no_spread(): void
    {
        $said = ['/coats/0/edge_film_mm' => 0.25, '/coats/0/runoff_pct' => 10, '/coats/0/residue_ml_per_cup' => 3, '/pieces/0/soak_ml_m2' => 30];
        $total = self::flood($said)['volume_ml/total'];
        self::assertEqualsWithDelta(0.0, $total->high - $total->low, 1e-9);
        self::assertSame([], $total->causes);
    }

    public function test_an_amount_is_mostly_as_unsure_as_its_run_off(): void
    {
        $total = self::flood(['/coats/0/edge_film_mm' => new Gone, '/coats/0/runoff_pct' => new Gone, '/coats/0/residue_ml_per_cup' => new Gone])['volume_ml/total'];
        self::assertSame('runoff_pct', array_key_first($total->causes));
        self::assertLessThanOrEqual(1.0, array_sum($total->causes));
        $planned = Plans::computed()->volume->totalMl();
        self::assertGreaterThan($total->low, $planned);
        self::assertLessThan($total->high, $planned);
    }

    public function test_the_same_plan_has_the_same_ranges_and_stays_as_it_was(): void
    {
        $document = self::withBatch([]);
        $before = serialize($document);
        $once = Ranges::of(PlanDocument::of($document));
        self::assertSame($before, serialize($document));
        self::assertEquals($once, Ranges::of(PlanDocument::of($document)));
    }

    public function test_a_cup_has_ranges_of_its_own_around_what_is_planned(): void
    {
        $ranges = Ranges::of(PlanDocument::of(self::withBatch([])))['batches']['b'];
        foreach (['total_ml', 'pot_life_min', 'emptied_min', 'peak_c'] as $figure) {
            self::assertLessThan($ranges[$figure]->high, $ranges[$figure]->low, $figure);
        }
        self::assertSame('pot_life_min', array_key_first($ranges['pot_life_min']->causes), 'its heat is fitted to it');
        self::assertSame(['emptied_min'], array_keys($ranges['emptied_min']->causes));
    }

    public function test_typical_densities_move_the_grams_and_not_the_millilitres(): void
    {
        $typical = ['/resins/0/density_a_g_ml' => new Gone, '/coats/0/edge_film_mm' => 0.25, '/coats/0/runoff_pct' => 10, '/coats/0/residue_ml_per_cup' => 3, '/pieces/0/soak_ml_m2' => 30];
        $ranges = self::flood($typical);
        self::assertEqualsWithDelta(0.0, $ranges['mix/a_ml']->high - $ranges['mix/a_ml']->low, 1e-9);
        self::assertSame(['density_a_g_ml'], array_keys($ranges['mix/a_g']->causes));
        self::assertEqualsWithDelta(2 * 1.2816 * log(1.03) / 1.96, log($ranges['mix/a_g']->high / $ranges['mix/a_g']->low), 0.003);
        self::assertEqualsWithDelta(0.0, $ranges['mix/b_g']->high - $ranges['mix/b_g']->low, 1e-9);
    }

    public function test_a_window_never_shuts_before_it_opens_and_a_changing_room_is_drawn_too(): void
    {
        $ranges = self::flood(['/resins/0/recoat_from_h' => 10, '/resins/0/recoat_to_h' => 10.5, '/studio/temperatures' => [(object) ['at_h' => 0, 'c' => 21], (object) ['at_h' => 8, 'c' => 17]]]);
        self::assertGreaterThan($ranges['windows/recoat_from_h']->low, $ranges['windows/recoat_to_h']->high);
    }

    public function test_wipes_and_what_stays_have_ranges_and_no_cause_is_named_that_does_not_move_it(): void
    {
        $ranges = self::flood(['/studio/temperature_c' => 23, '/pieces/0/edge_radius_mm' => new Gone]);
        foreach (['edge/stays_mm', 'drips/last_wipe_min', 'drips/wipes_min/0', 'drips/dripped_ml'] as $figure) {
            self::assertLessThan($ranges[$figure]->high, $ranges[$figure]->low, $figure);
        }
        self::assertSame('edge_radius_mm', array_key_first($ranges['edge/stays_mm']->causes));
        self::assertEmpty(array_diff(array_keys($ranges['drips/wipes_min/0']->causes), ['temperature_c', 'activation_kj_mol']), 'ten minutes of age');
        self::assertEmpty(array_diff(array_keys($ranges['windows/handle_h']->causes), ['handle_h', 'temperature_c', 'activation_kj_mol']));
    }

    public function test_lifts_stay_as_they_were_decided_and_their_peaks_are_drawn(): void
    {
        $deep = ['/pieces/0/kind' => 'tabletop', '/pieces/0/surface' => 'sealed', '/pieces/0/coated_edges' => 'none', '/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['total_depth_mm' => 12], '/resins/0/max_pour_mm' => new Gone];
        $lifts = count(Plans::computed($deep)->lifts);
        $ranges = self::flood($deep);
        self::assertArrayHasKey('lifts/'.($lifts - 1).'/peak_c', $ranges);
        self::assertArrayNotHasKey("lifts/$lifts/peak_c", $ranges);
        self::assertLessThan(1.1, $ranges['lifts/0/total_ml']->high / $ranges['lifts/0/total_ml']->low, 'no draw has other lifts');
        self::assertLessThan($ranges['lifts/0/peak_c']->high, $ranges['lifts/0/peak_c']->low);
        self::assertNotEmpty($ranges['lifts/0/peak_c']->causes);
    }

    public function test_on_the_console_they_stand_at_the_pointers_of_their_figures(): void
    {
        $document = self::withBatch([]);
        $written = RangesDocument::of(Ranges::of(PlanDocument::of($document)), (new PlanReader)->read($document));
        foreach (['/coats/0/volume_ml/total', '/coats/0/film/open_min', '/coats/0/windows/recoat_to_h', '/batches/0/pot_life_min', '/batches/0/total_ml'] as $pointer) {
            self::assertLessThanOrEqual($written[$pointer]['p90'], $written[$pointer]['p10']);
        }
        self::assertSame('pot_life_min', $written['/batches/0/pot_life_min']['causes'][0][0]);
        self::assertGreaterThan(0.1, $written['/batches/0/pot_life_min']['causes'][0][1]);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, Range>
     */
    private static function flood(array $changes): array
    {
        return Ranges::of(PlanDocument::of(Plans::with($changes)))['coats']['flood'];
    }

    /** @param  array<string, mixed>  $changes */
    private static function withBatch(array $changes): stdClass
    {
        return Plans::with([...$changes, '/batches' => [(object) ['id' => 'b', 'coats' => ['flood'], 'cup_diameter_mm' => 100]]]);
    }
}
