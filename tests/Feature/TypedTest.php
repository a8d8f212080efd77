<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\PlanFile\Json;
use App\Planning\TypedFields;
use App\Typed\FieldException;
use OpenGlaze\Core\Quantity\UnitSystem;
use PHPUnit\Framework\TestCase;
use stdClass;

/** Texts as people type them become the plan file's numbers, also inside lists. */
final class TypedTest extends TestCase
{
    public function test_lists_of_things_are_read_entry_by_entry(): void
    {
        $read = $this->read('{"inclusions": [{"size_mm": "40 × 3", "count": "12", "bottom_mm": "1/8"}, {"volume_ml": "2,5", "size_mm": null}, {"bulk_ml": 300}], "parts": [{"share_pct": "60"}], "zone": {"width_mm": "20 cm"}}');
        self::assertSame([40, 3], $read->inclusions[0]->size_mm);
        self::assertSame(12, $read->inclusions[0]->count);
        self::assertSame(3.175, $read->inclusions[0]->bottom_mm);
        self::assertSame(2.5, $read->inclusions[1]->volume_ml);
        self::assertSame(300, $read->inclusions[2]->bulk_ml);
        self::assertSame(60, $read->parts[0]->share_pct);
        self::assertSame(200, $read->zone->width_mm);
    }

    public function test_one_side_is_a_ball_and_three_are_a_block(): void
    {
        self::assertSame(12, $this->read('{"inclusions": [{"size_mm": "12"}]}')->inclusions[0]->size_mm);
        self::assertEqualsWithDelta(2.5, $this->read('{"slope_mm_per_m": "0.03"}', UnitSystem::Imperial)->slope_mm_per_m, 1e-9, 'inches a foot');
        self::assertSame([60, 45, 30], $this->read('{"measure": {"ellipsoid_mm": "6 cm x 45; 30"}}')->measure->ellipsoid_mm);
    }

    public function test_imperial_readers_write_ounces_and_square_feet(): void
    {
        self::assertEqualsWithDelta([12, 2 * 6.4516, 38.1], [$this->read('{"measure": {"area_cm2": "12"}}')->measure->area_cm2, $this->read('{"measure": {"area_cm2": "2"}}', UnitSystem::Imperial)->measure->area_cm2, $this->read('{"measure": {"deepest_mm": "1.5 in"}}')->measure->deepest_mm], 1e-9);
        $read = $this->read('{"size_by": {"ml_per_piece": "2"}, "measure": {"each_ml": "1"}}', UnitSystem::Imperial);
        self::assertEqualsWithDelta(59.147, $read->size_by->ml_per_piece, 1e-3);
        self::assertEqualsWithDelta(29.574, $read->measure->each_ml, 1e-3);
        self::assertEqualsWithDelta(29.5735295625 / (144 * 6.4516), $this->read('{"size_by": {"ml_per_cm2": "1"}}', UnitSystem::Imperial)->size_by->ml_per_cm2, 1e-8);
    }

    public function test_an_empty_text_leaves_a_field_out_and_numbers_pass(): void
    {
        $read = $this->read('{"relief_mm": " ", "texture": 1.5, "name": "12"}');
        self::assertNull($read->relief_mm);
        self::assertSame([1.5, '12'], [$read->texture, $read->name]);
    }

    public function test_every_field_that_cannot_be_read_has_its_sentence_at_its_place(): void
    {
        try {
            $this->read('{"inclusions": [{"size_mm": "4 × wide"}, {"count": "few"}], "size_by": {"total_depth_mm": "deep"}}');
            self::fail('These are no numbers.');
        } catch (FieldException $exception) {
            self::assertEqualsCanonicalizing(['coat.inclusions.0.size_mm', 'coat.inclusions.1.count', 'coat.size_by.total_depth_mm'], array_keys($exception->said));
        }
    }

    private function read(string $json, UnitSystem $units = UnitSystem::Metric): stdClass
    {
        return (new TypedFields($units))->read(Json::object($json), 'coat.');
    }
}
