<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Plan;

use OpenGlaze\Core\Plan\Fault;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Reading\PlanReader;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

final class PlanReaderTest extends TestCase
{
    public function test_it_reads_the_example(): void
    {
        $plan = (new PlanReader)->read(Plans::autumnSky());
        self::assertSame(['chart'], array_keys($plan->pieces));
        self::assertSame(36.0, $plan->pieces['chart']->edge->depthMm->value);
        self::assertFalse($plan->studio->hands->marginPct->isAssumed());
    }

    public function test_what_is_left_out_has_its_default_and_says_so(): void
    {
        $plan = (new PlanReader)->read(Plans::with([
            '/studio/margin_pct' => new Gone,
            '/coats/0/runoff_pct' => new Gone,
            '/coats/0/residue_ml_per_cup' => new Gone,
            '/resins/0/surface_tension_n_m' => new Gone,
            '/resins/0/recoat_to_h' => new Gone,
            '/pieces/0/quantity' => new Gone,
        ]));
        self::assertSame(5.0, $plan->studio->hands->marginPct->value);
        self::assertTrue($plan->studio->hands->marginPct->isAssumed());
        self::assertTrue($plan->coats[0]->asked->edge->runoffPct->isAssumed());
        self::assertNull($plan->coats[0]->manner->cup->residueMlPerCup);
        self::assertTrue($plan->resins['bench']->flow->surfaceTensionNM->isAssumed());
        self::assertTrue($plan->resins['bench']->stages->recoatToH?->isAssumed());
        self::assertSame(1, $plan->pieces['chart']->quantity);
    }

    public function test_unknown_fields_are_ignored_at_any_depth(): void
    {
        $plan = (new PlanReader)->read(Plans::with(['/mood' => 'calm', '/pieces/0/outline/paint' => new stdClass, '/coats/0/size_by/by_eye' => 3]));
        self::assertCount(1, $plan->coats);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield from [
            'another format' => [['/format' => 'other'], '/format', 'open-glaze-plan'],
            'another version' => [['/version' => 2], '/version', 'version 1'],
            'no room' => [['/studio/temperature_c' => new Gone], '/studio/temperature_c', 'missing'],
            'an oven' => [['/studio/temperature_c' => 200], '/studio/temperature_c', 'from -10 to 60 °C'],
            'no humidity at all' => [['/studio/humidity_pct' => 0], '/studio/humidity_pct', 'from 1 to 100 %'],
            'a size of zero' => [['/pieces/0/outline/width_mm' => 0], '/pieces/0/outline/width_mm', 'from 0.1 to 10,000 mm'],
            'a negative size' => [['/pieces/0/outline/width_mm' => -3], '/pieces/0/outline/width_mm', '-3 is out of range'],
            'a size far too large' => [['/pieces/0/outline/width_mm' => 1e9], '/pieces/0/outline/width_mm', 'from 0.1 to 10,000 mm'],
            'a size beyond doubles' => [['/pieces/0/outline/width_mm' => INF], '/pieces/0/outline/width_mm', 'too large'],
            'an unknown field beyond doubles' => [['/pieces/0/mood' => INF], '/pieces/0/mood', 'too large'],
            'a size in words' => [['/pieces/0/outline/width_mm' => 'abc'], '/pieces/0/outline/width_mm', 'Write a number'],
            'a missing size' => [['/pieces/0/outline/height_mm' => new Gone], '/pieces/0/outline/height_mm', 'missing'],
            'no outline' => [['/pieces/0/outline' => new Gone], '/pieces/0/outline', 'missing'],
            'an outline that is a list' => [['/pieces/0/outline' => []], '/pieces/0/outline', 'object'],
            'another shape' => [['/pieces/0/outline/shape' => 'star'], '/pieces/0/outline/shape', '"star" is not known'],
            'a corner too round' => [['/pieces/0/outline/radius_mm' => 300], '/pieces/0/outline', 'half of the shorter side'],
            'a ring that is closed' => [['/pieces/0/outline' => (object) ['shape' => 'ring', 'diameter_mm' => 30, 'inner_mm' => 30]], '/pieces/0/outline/inner_mm', 'smaller than the outer'],
            'two points' => [['/pieces/0/outline' => (object) ['shape' => 'polygon', 'points_mm' => [[0, 0], [1, 1]]]], '/pieces/0/outline', 'three points or more'],
            'a point of three' => [['/pieces/0/outline' => (object) ['shape' => 'polygon', 'points_mm' => [[0, 0], [1, 1, 1]]]], '/pieces/0/outline/points_mm/1', '[x, y]'],
            'no points' => [['/pieces/0/outline' => (object) ['shape' => 'polygon']], '/pieces/0/outline/points_mm', 'missing'],
            'an edge that crosses itself' => [['/pieces/0/outline' => (object) ['shape' => 'path', 'd' => 'M0 0L90 90L90 0L0 90Z']], '/pieces/0/outline', 'crosses itself near 45, 45 mm'],
            'a path far too large' => [['/pieces/0/outline' => (object) ['shape' => 'path', 'd' => 'M0 0H20000V90H0Z']], '/pieces/0/outline', 'longest side'],
            'a hole outside' => [['/pieces/0/outline/holes' => [(object) ['shape' => 'circle', 'diameter_mm' => 20, 'x_mm' => 610, 'y_mm' => 50]]], '/pieces/0/outline', 'A hole lies outside'],
            'a hole without a place' => [['/pieces/0/outline/holes' => [(object) ['shape' => 'circle', 'diameter_mm' => 20]]], '/pieces/0/outline/holes/0/x_mm', 'missing'],
            'an unknown surface' => [['/pieces/0/surface' => 'cheese'], '/pieces/0/surface', '"cheese" is not known'],
            'an unknown side' => [['/pieces/0/coated_edges' => ['top', 'under']], '/pieces/0/coated_edges', 'all, none'],
            'half a piece' => [['/pieces/0/quantity' => 1.5], '/pieces/0/quantity', 'whole number'],
            'no piece' => [['/pieces/0/quantity' => 0], '/pieces/0/quantity', 'whole number from 1'],
            'a ratio of zero' => [['/resins/0/ratio/b' => 0], '/resins/0/ratio/b', 'from 0.01 to 1,000'],
            'no open time' => [['/resins/0/open_min' => new Gone], '/resins/0/open_min', 'missing'],
            'a density in kilograms' => [['/resins/0/density_a_g_ml' => 1140], '/resins/0/density_a_g_ml', 'from 0.5 to 3 g/ml'],
            'polyester without its table' => [['/resins/0/family' => 'polyester'], '/resins/0/catalyst', 'label\'s own table'],
            'a catalyst table that falls' => [['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 4, 'pct' => 2], (object) ['depth_mm' => 3, 'pct' => 1]]], '/resins/0/catalyst/1/depth_mm', 'must rise'],
            'an unknown resin' => [['/coats/0/resin' => 'glue'], '/coats/0/resin', 'no resin with the id "glue"'],
            'an unknown piece' => [['/coats/0/piece' => 'door'], '/coats/0/piece', 'no piece with the id "door"'],
            'a depth without a dam' => [['/coats/0/size_by' => (object) ['total_depth_mm' => 14]], '/coats/0/size_by/total_depth_mm', 'Only a dammed coat'],
            'a dam of nothing known' => [['/coats/0/containment' => 'dammed', '/coats/0/dam' => 'jelly'], '/coats/0/dam', 'tape, frame, border'],
            'a dam without a wall' => [['/coats/0/dam' => 'tape'], '/coats/0/dam', 'Only a dammed coat'],
            'two measures' => [['/pieces/0/measure' => (object) ['water_g' => 5, 'each_ml' => 3]], '/pieces/0/measure', 'Write one of'],
            'outline and count' => [['/pieces/0/measure' => (object) ['each_ml' => 3]], '/pieces/0/measure/each_ml', 'not both'],
            'a stone of two sides' => [['/pieces/0/outline' => null, '/pieces/0/measure' => (object) ['ellipsoid_mm' => [3, 4]]], '/pieces/0/measure/ellipsoid_mm', 'three lengths'],
            'an inclusion of no size' => [['/coats/0/inclusions' => [(object) ['name' => 'gear']]], '/coats/0/inclusions/0', 'Write one of size_mm'],
            'an inclusion of four sides' => [['/coats/0/inclusions' => [(object) ['size_mm' => [1, 2, 3, 4]]]], '/coats/0/inclusions/0/size_mm', 'ball'],
            'parts that are not all' => [['/coats/0/parts' => [(object) ['colour' => 'blue', 'share_pct' => 60]]], '/coats/0/parts', 'add up to 60 %'],
            'a step skipped without a reason' => [['/coats/0/steps' => [(object) ['step' => 'sand', 'state' => 'skipped']]], '/coats/0/steps/0/reason', 'Say why'],
            'a mixed film' => [['/coats/0/size_by/counted' => 'mixed'], '/coats/0/size_by/counted', 'counted as mixed'],
            'an angle of a flooded coat' => [['/coats/0/size_by' => (object) ['edge_angle_deg' => 60]], '/coats/0/size_by/edge_angle_deg', 'Only a held coat'],
            'an angle of an open coat' => [['/coats/0/size_by' => (object) ['edge_angle_deg' => 60]], '/coats/0/size_by/edge_angle_deg', 'Only a held coat'],
            'two sizes' => [['/coats/0/containment' => 'held', '/coats/0/size_by/edge_angle_deg' => 60], '/coats/0/size_by', 'not several'],
            'another turn of the edge' => [['/pieces/0/edge_turn' => 'blunt'], '/pieces/0/edge_turn', '"blunt" is not known'],
            'an angle past flat on its back' => [['/coats/0/containment' => 'held', '/coats/0/size_by' => (object) ['edge_angle_deg' => 190]], '/coats/0/size_by/edge_angle_deg', 'from 1 to 180 °'],
            'a dome flooded over' => [['/coats/0/kind' => 'dome'], '/coats/0/containment', 'held at its edge'],
            'a zone of nothing' => [['/coats/0/zone' => new stdClass], '/coats/0/zone', 'outline with its place'],
            'no size' => [['/coats/0/size_by' => new stdClass], '/coats/0/size_by/thickness_mm', 'missing'],
            'no thickness' => [['/coats/0/size_by' => new stdClass], '/coats/0/size_by/thickness_mm', 'missing'],
            'a film of nothing' => [['/coats/0/size_by/thickness_mm' => 0], '/coats/0/size_by/thickness_mm', 'from 0.01 to 500 mm'],
            'a batch of nothing' => [['/batches' => [(object) ['id' => 'b1']]], '/batches/0/coats', 'This field is missing.'],
            'a batch of a coat that is not there' => [['/batches' => [(object) ['id' => 'b1', 'coats' => ['flood', 'dome']]]], '/batches/0/coats/1', 'There is no coat "dome"'],
            'a vessel that is not there' => [['/batches' => [(object) ['id' => 'b1', 'coats' => ['flood'], 'vessel' => 'jug']]], '/batches/0/vessel', 'There is no vessel "jug"'],
            'a vessel rounder than half a ball' => [['/vessels' => [(object) ['id' => 'jug', 'bottom_mm' => 50, 'top_mm' => 50, 'height_mm' => 90, 'floor_radius_mm' => 30]]], '/vessels/0/floor_radius_mm', 'at most 25 mm'],
            'pen lines on no cup' => [['/batches' => [(object) ['id' => 'b1', 'coats' => ['flood'], 'measure' => (object) ['by' => 'pen_lines']]]], '/batches/0/measure/by', 'Pen lines need a cup'],
            'a count of what is not in it' => [['/batches' => [(object) ['id' => 'b1', 'coats' => ['flood'], 'counts' => (object) ['dome' => 2]]]], '/batches/0/counts/dome', 'not in the batch'],
            'pieces that are no list' => [['/pieces' => new stdClass], '/pieces', 'Write a list'],
            'a piece that is no object' => [['/pieces' => [3]], '/pieces/0', 'Write an object'],
            'hours that fall' => [['/studio/temperatures' => [(object) ['at_h' => 1, 'c' => 20], (object) ['at_h' => 1, 'c' => 21]]], '/studio/temperatures/1/at_h', 'must rise'],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('bad')]
    public function test_what_is_wrong_is_refused_at_its_pointer_with_what_is_allowed(array $changes, string $pointer, string $sentence): void
    {
        $fault = self::faultAt($pointer, Plans::with($changes));
        self::assertStringContainsString($sentence, English::say($fault->said));
    }

    public function test_all_faults_are_found_in_one_reading(): void
    {
        $this->expectException(PlanException::class);
        try {
            (new PlanReader)->read(Plans::with(['/studio/temperature_c' => 99, '/pieces/0/surface' => 'x', '/coats/0/cups' => 0]));
        } catch (PlanException $exception) {
            self::assertSame(
                ['/studio/temperature_c', '/pieces/0/surface', '/coats/0/cups'],
                array_map(static fn (Fault $fault): string => $fault->pointer, $exception->faults),
            );
            throw $exception;
        }
    }

    public function test_every_shape_is_read(): void
    {
        $hole = (object) ['shape' => 'circle', 'diameter_mm' => 20, 'x_mm' => 40, 'y_mm' => 40];
        foreach ([
            [M_PI / 4 * 30 * 20, ['shape' => 'ellipse', 'width_mm' => 300, 'height_mm' => 200]],
            [M_PI / 4 * (30 ** 2 - 10 ** 2), ['shape' => 'ring', 'diameter_mm' => 300, 'inner_mm' => 100]],
            [50.0, ['shape' => 'polygon', 'points_mm' => [[0, 0], [100, 0], [0, 100]]]],
            [100.0, ['shape' => 'path', 'd' => 'M0 0h100v100h-100z']],
            [100.0 - M_PI, ['shape' => 'path', 'd' => 'M5 5h100v100h-100z', 'holes' => [$hole]]],
            [600 - (4 - M_PI) * 2.5 ** 2 - M_PI, ['shape' => 'rectangle', 'width_mm' => 300, 'height_mm' => 200, 'radius_mm' => 25, 'holes' => [$hole]]],
        ] as [$cm2, $outline]) {
            $piece = (new PlanReader)->read(Plans::with(['/pieces/0/outline' => (object) $outline]))->pieces['chart'];
            self::assertEqualsWithDelta($cm2, $piece->areaCm2(), 1e-6, $outline['shape']);
        }
    }

    public function test_ids_are_unique(): void
    {
        $plan = Plans::autumnSky();
        $plan->pieces[] = clone $plan->pieces[0];
        self::assertStringContainsString('taken already', English::say(self::faultAt('/pieces/1/id', $plan)->said));
    }

    private static function faultAt(string $pointer, stdClass $document): Fault
    {
        try {
            (new PlanReader)->read($document);
        } catch (PlanException $exception) {
            foreach ($exception->faults as $fault) {
                if ($fault->pointer === $pointer) {
                    return $fault;
                }
            }
            self::fail("Nothing said at $pointer, but: ".$exception->getMessage());
        }
        self::fail("Nothing said at $pointer.");
    }
}
