<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Plan;

use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\Plan;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Quantity\Origin;
use OpenGlaze\Core\Quantity\Sourced;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every number of the plan file: its range, both ends included, and its default where it may be left out. */
final class FieldsTest extends TestCase
{
    private const PAST = 1.001;

    /** @return iterable<string, array{string, float, float}> pointer, least, most */
    public static function ranges(): iterable
    {
        $fields = [
            ['/studio/temperature_c', -10, 60],
            ['/studio/humidity_pct', 1, 100],
            ['/studio/slope_mm_per_m', 0, 100],
            ['/studio/margin_pct', 0, 100],
            ['/studio/surface_c', -10, 60],
            ['/studio/spread_min', 0.1, 1000],
            ['/studio/second_torch_min', 0.1, 1000],
            ['/studio/look_every_min', 1, 1000],
            ['/studio/advancing_angle_deg', 1, 180],
            ['/studio/residue_film_mm', 0.01, 5],
            ['/studio/activation_kj_mol', 1, 300],
            ['/studio/flow_activation_kj_mol', 1, 300],
            ['/resins/0/ratio/a', 0.01, 1000],
            ['/resins/0/ratio/b', 0.01, 1000],
            ['/resins/0/density_a_g_ml', 0.5, 3],
            ['/resins/0/density_b_g_ml', 0.5, 3],
            ['/resins/0/viscosity_pa_s', 0.01, 1000],
            ['/resins/0/viscosity_at_c', -10, 60],
            ['/resins/0/surface_tension_n_m', 0.001, 0.5],
            ['/resins/0/reference_c', -10, 60],
            ['/resins/0/open_min', 0.001, 600_000],
            ['/resins/0/sand_from_h', 0.001, 10_000],
            ['/resins/0/handle_h', 0.001, 10_000],
            ['/resins/0/full_cure_h', 0.001, 10_000],
            ['/resins/0/max_pour_mm', 0.01, 500],
            ['/resins/0/mix_min', 0.001, 600_000],
            ['/resins/0/min_room_c', -10, 60],
            ['/resins/0/max_room_c', -10, 60],
            ['/resins/0/max_humidity_pct', 1, 100],
            ['/pieces/0/outline/width_mm', 0.1, 10_000],
            ['/pieces/0/outline/height_mm', 0.1, 10_000],
            ['/pieces/0/edge_depth_mm', 0.1, 10_000],
            ['/pieces/0/coated_edges', 0, 2060],
            ['/pieces/0/soak_ml_m2', 0, 10_000],
            ['/pieces/0/quantity', 1, 10_000],
            ['/coats/0/size_by/thickness_mm', 0.01, 500],
            ['/coats/0/texture', 0.1, 10],
            ['/coats/0/coverage_pct', 0.1, 100],
            ['/coats/0/edge_film_mm', 0.01, 500],
            ['/coats/0/runoff_pct', 0, 100],
            ['/coats/0/cups', 1, 10_000],
            ['/coats/0/residue_ml_per_cup', 0, 10_000],
            ['/coats/0/age_min', 0, 600_000],
            ['/coats/0/mark_mm', 0.1, 10_000],
            ['/coats/0/relief_mm', 0.01, 500],
            ['/coats/0/displaced_ml', 0, 1_000_000],
            ['/studio/wall_angle_deg', 1, 90],
            ['/studio/void_fraction', 0, 0.95],
            ['/studio/heat_loss_w_m2_k', 1, 100],
            ['/resins/0/pot_life_min', 0.001, 600_000],
            ['/resins/0/pot_life_mass_g', 0.1, 1_000_000],
            ['/resins/0/heat_kj_kg', 1, 2000],
            ['/resins/0/heat_capacity_j_kg_k', 100, 10_000],
            ['/resins/0/shrinkage_pct', 0, 20],
            ['/pieces/0/recess_mm', 0.1, 500],
            ['/pieces/0/lip_mm', 0.1, 500],
            ['/pieces/0/target_thickness_mm', 0.01, 500],
        ];
        foreach ($fields as $field) {
            yield $field[0] => $field;
        }
    }

    #[DataProvider('ranges')]
    public function test_both_ends_of_a_range_are_in_it_and_nothing_past_them(string $pointer, float $least, float $most): void
    {
        foreach ([$least, $most] as $end) {
            self::assertNull($this->sentenceAt($pointer, $end), "$pointer refuses $end");
        }
        $below = $least > 0 ? $least / self::PAST - 1e-6 : ($least < 0 ? $least * self::PAST : -0.001);
        foreach ([$below, $most * self::PAST] as $past) {
            $sentence = $this->sentenceAt($pointer, $past);
            self::assertNotNull($sentence, "$pointer takes $past");
            self::assertMatchesRegularExpression('/from -?[\d.,]+ to -?[\d.,]+/', $sentence);
        }
    }

    #[DataProvider('ranges')]
    public function test_a_text_a_truth_and_a_list_are_no_numbers(string $pointer): void
    {
        foreach (['7', true, [7]] as $value) {
            self::assertNotNull($this->sentenceAt($pointer, $value), $pointer.' takes '.json_encode($value));
        }
    }

    /** @return iterable<string, array{string, callable(Plan): Sourced, float}> */
    public static function defaults(): iterable
    {
        yield from [
            'humidity' => ['/studio/humidity_pct', fn (Plan $plan) => $plan->studio->room->humidityPct, 50.0],
            'slope' => ['/studio/slope_mm_per_m', fn (Plan $plan) => $plan->studio->room->slopeMmPerM, 0.0],
            'margin' => ['/studio/margin_pct', fn (Plan $plan) => $plan->studio->hands->marginPct, 5.0],
            'spreading' => ['/studio/spread_min', fn (Plan $plan) => $plan->studio->hands->spreadMin, 5.0],
            'between passes' => ['/studio/second_torch_min', fn (Plan $plan) => $plan->studio->hands->secondTorchMin, 8.0],
            'advancing angle' => ['/studio/advancing_angle_deg', fn (Plan $plan) => $plan->studio->wetting->advancingAngleDeg, 35.0],
            'film that clings' => ['/studio/residue_film_mm', fn (Plan $plan) => $plan->studio->hands->residueFilmMm, 0.15],
            'activation' => ['/studio/activation_kj_mol', fn (Plan $plan) => $plan->studio->pace->activationKjMol, 55.0],
            'activation of the flow' => ['/studio/flow_activation_kj_mol', fn (Plan $plan) => $plan->studio->pace->flowActivationKjMol, 65.0],
            'surface tension' => ['/resins/0/surface_tension_n_m', fn (Plan $plan) => $plan->resins['bench']->flow->surfaceTensionNM, 0.036],
            'coldest room' => ['/resins/0/min_room_c', fn (Plan $plan) => $plan->resins['bench']->room->minRoomC, 15.0],
            'warmest room' => ['/resins/0/max_room_c', fn (Plan $plan) => $plan->resins['bench']->room->maxRoomC, 30.0],
            'dampest air' => ['/resins/0/max_humidity_pct', fn (Plan $plan) => $plan->resins['bench']->room->maxHumidityPct, 80.0],
            'edge depth' => ['/pieces/0/edge_depth_mm', fn (Plan $plan) => $plan->pieces['chart']->edge->depthMm, 0.0],
            'soak of primed canvas' => ['/pieces/0/soak_ml_m2', fn (Plan $plan) => $plan->pieces['chart']->face->soakMlPerM2, 25.0],
            'texture' => ['/coats/0/texture', fn (Plan $plan) => $plan->coats[0]->asked->coverage->texture, 1.0],
            'coverage' => ['/coats/0/coverage_pct', fn (Plan $plan) => $plan->coats[0]->asked->coverage->coveragePct, 100.0],
            'edge film' => ['/coats/0/edge_film_mm', fn (Plan $plan) => $plan->coats[0]->asked->edge->filmMm, 0.25],
            'run-off' => ['/coats/0/runoff_pct', fn (Plan $plan) => $plan->coats[0]->asked->edge->runoffPct, 10.0],
            'age' => ['/coats/0/age_min', fn (Plan $plan) => $plan->coats[0]->manner->ageMin, 0.0],
            'wall' => ['/studio/wall_angle_deg', fn (Plan $plan) => $plan->studio->wetting->wallAngleDeg, 50.0],
            'voids' => ['/studio/void_fraction', fn (Plan $plan) => $plan->studio->counts->voidFraction, 0.40],
            'loss of a cup' => ['/studio/heat_loss_w_m2_k', fn (Plan $plan) => $plan->studio->pace->heatLossWM2K, 10.0],
            'heat capacity' => ['/resins/0/heat_capacity_j_kg_k', fn (Plan $plan) => $plan->resins['bench']->setting->heatCapacityJKgK, 1900.0],
            'shrinkage' => ['/resins/0/shrinkage_pct', fn (Plan $plan) => $plan->resins['bench']->setting->shrinkagePct, 0.0],
            'displaced' => ['/coats/0/displaced_ml', fn (Plan $plan) => $plan->coats[0]->asked->coverage->displacedMl, 0.0],
            'marks of the tool' => ['/coats/0/mark_mm', fn (Plan $plan) => $plan->coats[0]->ground->markMm, 30.0],
        ];
    }

    /** @param  callable(Plan): Sourced  $read */
    #[DataProvider('defaults')]
    public function test_a_field_left_out_or_null_has_its_default_and_says_that_it_was_assumed(string $pointer, callable $read, float $default): void
    {
        foreach ([new Gone, null] as $nothing) {
            $value = $read((new PlanReader)->read(Plans::with([$pointer => $nothing])));
            self::assertSame($default, $value->value);
            self::assertSame(Origin::Assumed, $value->origin);
        }
    }

    public function test_a_number_keeps_where_it_came_from(): void
    {
        $plan = (new PlanReader)->read(Plans::autumnSky());
        self::assertSame(Origin::Measured, $plan->studio->room->humidityPct->origin);
        self::assertSame(Origin::Entered, $plan->studio->hands->marginPct->origin);
        self::assertSame(Origin::Label, $plan->resins['bench']->times->openMin->origin);
        self::assertSame(Origin::Entered, $plan->coats[0]->asked->size->value->origin);
    }

    public function test_a_skims_marks_are_a_fingers(): void
    {
        $plan = (new PlanReader)->read(Plans::with(['/coats/0/kind' => 'skim']));
        self::assertSame(10.0, $plan->coats[0]->ground->markMm->value);
    }

    private function sentenceAt(string $pointer, mixed $value): ?string
    {
        try {
            (new PlanReader)->read(Plans::with([$pointer => $value]));
        } catch (PlanException $exception) {
            $found = array_values(array_filter($exception->faults, static fn (Fault $fault): bool => $fault->pointer === $pointer))[0] ?? null;

            return $found === null ? null : English::say($found->said);
        }

        return null;
    }
}
