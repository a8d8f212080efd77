<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\PlanFile\Json;
use App\Typed\FieldException;
use App\Typed\TypedFields;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Quantity\UnitSystem;
use PHPUnit\Framework\TestCase;

/** Texts as people type them become the plan file's numbers, also inside lists. */
final class TypedTest extends TestCase
{
    public function test_lists_of_things_are_read_entry_by_entry(): void
    {
        $read = $this->read('{"inclusions": [{"size_mm": "40 × 3", "count": "12", "bottom_mm": "1/8"}, {"volume_ml": "2,5", "size_mm": null}, {"bulk_ml": 300}], "parts": [{"share_pct": "60"}], "zone": {"width_mm": "20 cm"}}');
        self::assertSame([40, 3], $read->value('inclusions.0.size_mm'));
        self::assertSame(12, $read->value('inclusions.0.count'));
        self::assertSame(3.175, $read->value('inclusions.0.bottom_mm'));
        self::assertSame(2.5, $read->value('inclusions.1.volume_ml'));
        self::assertSame(300, $read->value('inclusions.2.bulk_ml'));
        self::assertSame(60, $read->value('parts.0.share_pct'));
        self::assertSame(200, $read->value('zone.width_mm'));
    }

    public function test_one_side_is_a_ball_and_three_are_a_block(): void
    {
        self::assertSame(12, $this->read('{"inclusions": [{"size_mm": "12"}]}')->value('inclusions.0.size_mm'));
        self::assertEqualsWithDelta(2.5, $this->read('{"slope_mm_per_m": "0.03"}', UnitSystem::Imperial)->value('slope_mm_per_m'), 1e-9, 'inches a foot');
        self::assertSame([60, 45, 30], $this->read('{"measure": {"ellipsoid_mm": "6 cm x 45; 30"}}')->value('measure.ellipsoid_mm'));
    }

    public function test_imperial_readers_write_ounces_and_square_feet(): void
    {
        self::assertEqualsWithDelta([12, 2 * 6.4516, 38.1], [$this->read('{"measure": {"area_cm2": "12"}}')->value('measure.area_cm2'), $this->read('{"measure": {"area_cm2": "2"}}', UnitSystem::Imperial)->value('measure.area_cm2'), $this->read('{"measure": {"deepest_mm": "1.5 in"}}')->value('measure.deepest_mm')], 1e-9);
        $read = $this->read('{"size_by": {"ml_per_piece": "2"}, "measure": {"each_ml": "1"}}', UnitSystem::Imperial);
        self::assertEqualsWithDelta(59.147, $read->value('size_by.ml_per_piece'), 1e-3);
        self::assertEqualsWithDelta(29.574, $read->value('measure.each_ml'), 1e-3);
        self::assertEqualsWithDelta(29.5735295625 / (144 * 6.4516), $this->read('{"size_by": {"ml_per_cm2": "1"}}', UnitSystem::Imperial)->value('size_by.ml_per_cm2'), 1e-8);
    }

    public function test_an_empty_text_leaves_a_field_out_and_numbers_pass(): void
    {
        $read = $this->read('{"relief_mm": " ", "texture": 1.5, "name": "12"}');
        self::assertNull($read->value('relief_mm'));
        self::assertSame([1.5, '12'], [$read->value('texture'), $read->value('name')]);
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

    public function test_small_doses_are_millilitres_for_everybody(): void
    {
        $read = $this->read('{"colours": [{"ml": "1", "doses": [{"ml": "0,4", "drops": "12"}]}], "drop_ml": "0.05", "min_batch_ml": "2"}', UnitSystem::Imperial);
        self::assertSame([0.4, 12, 0.05], [$read->value('colours.0.doses.0.ml'), $read->value('colours.0.doses.0.drops'), $read->value('drop_ml')]);
        self::assertEqualsWithDelta([29.5735, 59.1471], [$read->value('colours.0.ml'), $read->value('min_batch_ml')], 1e-3);
    }

    /** The schema says which fields are numbers, their names say of what: a new one needs no list here. */
    public function test_every_number_of_the_plan_schema_is_read_and_no_text_is_taken_for_one(): void
    {
        $schema = Json::read((string) file_get_contents(__DIR__.'/../../resources/schema/plan.schema.json'));
        $kinds = [];
        self::collect($schema, $kinds);
        self::assertGreaterThan(120, count($kinds));
        foreach ($kinds as $field => $types) {
            // of the edges either their names or their length: they are chosen, not typed
            if (! in_array($field, ['version', 'coated_edges'], true)) {
                self::assertSame(in_array('number', $types, true) || in_array('integer', $types, true), TypedFields::unitOf($field) !== null, $field);
            }
        }
    }

    /** @param  array<string, list<string>>  $kinds  types by the names of fields */
    private static function collect(mixed $schema, array &$kinds): void
    {
        if ($schema instanceof Entry) {
            foreach ($schema->at('properties')->fields() as $field => $of) {
                $types = $of instanceof Entry ? self::types($of) : [];
                $kinds[(string) $field] = [...$kinds[$field] ?? [], ...$types];
            }
        }
        foreach ($schema instanceof Entry ? $schema->fields() : (is_array($schema) ? $schema : []) as $inner) {
            self::collect($inner, $kinds);
        }
    }

    /** @return list<string> */
    private static function types(Entry $of): array
    {
        $types = is_string($of->value('type')) ? [$of->text('type')] : $of->texts('type');
        foreach ([...$of->entries('anyOf'), ...$of->entries('oneOf'), $of->at('items')] as $inner) {
            $types = $inner->isEmpty() ? $types : [...$types, ...self::types($inner)];
        }

        return array_values(array_filter($types, is_string(...)));
    }

    private function read(string $json, UnitSystem $units = UnitSystem::Metric): Entry
    {
        return (new TypedFields($units))->read(Json::read($json), 'coat.');
    }
}
