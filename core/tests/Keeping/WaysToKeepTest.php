<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Keeping;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Keeping\WaysToKeep;
use OpenGlaze\Core\Keeping\WayToKeep;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;
use stdClass;

/** What would keep a film, worked out beside the plan as it is asked. */
final class WaysToKeepTest extends TestCase
{
    private const AT_23 = ['/studio/temperature_c' => 23];

    public function test_each_way_is_what_the_plan_would_have_if_it_were_taken(): void
    {
        $ways = self::ways(self::AT_23);
        self::assertSame(['as_asked', 'coats', 'held', 'older', 'sharper'], array_keys($ways));
        $taken = [
            'as_asked' => [],
            'held' => ['/coats/0/containment' => 'held'],
            'older' => ['/coats/0/age_min' => 16],
            'sharper' => ['/pieces/0/edge_radius_mm' => 0.2],
        ];
        foreach ($taken as $kind => $changes) {
            $result = Plans::computed([...self::AT_23, ...$changes]);
            self::assertEqualsWithDelta($result->volume->totalMl(), $ways[$kind]->mixedMl(), 1e-6, $kind);
            self::assertEqualsWithDelta($result->edge->drippedMl ?? 0.0, $ways[$kind]->onTheFloorMl(), 1e-6, $kind);
            self::assertEqualsWithDelta($result->edge->staysMm ?? 1.6, $ways[$kind]->staysMm(), 1e-6, $kind);
            self::assertCount($ways[$kind]->wipes(), $result->edge->wipesMin ?? [], $kind);
        }
        $two = Plans::stack(self::AT_23, ['size_by' => (object) ['thickness_mm' => 0.8]], ['size_by' => (object) ['thickness_mm' => 0.8]]);
        self::assertEqualsWithDelta($two[0]->volume->totalMl() + $two[1]->volume->totalMl(), $ways['coats']->mixedMl(), 1e-6);
        self::assertEqualsWithDelta(1.76, $ways['coats']->staysMm(), 1e-6, 'of each all stays, with what was poured to run off');
        self::assertEqualsWithDelta((float) $two[0]->windows->recoatFromH, $ways['coats']->takesH(), 1e-9);
        self::assertSame(0.0, $ways['as_asked']->takesH());
    }

    public function test_the_film_from_its_middle_to_its_edge(): void
    {
        $ways = self::ways(self::AT_23);
        self::assertEqualsWithDelta(1.0924, $ways['as_asked']->atEdgeMm(), 1e-4);
        self::assertGreaterThan($ways['as_asked']->staysMm(), $ways['as_asked']->middleMm());
        self::assertSame(0.0, $ways['held']->atEdgeMm(), 'it ends there');
        self::assertEqualsWithDelta($ways['coats']->middleMm(), $ways['coats']->atEdgeMm(), 1e-9);
    }

    public function test_what_makes_up_for_it_is_offered_only_where_that_is_little(): void
    {
        self::assertArrayHasKey('more', self::ways([...self::AT_23, '/coats/0/size_by/thickness_mm' => 1.15]));
        self::assertArrayNotHasKey('more', self::ways(self::AT_23));
    }

    public function test_of_other_resins_the_quicker_one_that_keeps_most_is_named_and_only_where_it_keeps_more(): void
    {
        $own = Plans::autumnSky()->resins[0];
        $like = static function (string $id, array $fields) use ($own): stdClass {
            $resin = clone $own;
            foreach (['id' => $id, 'name' => ucfirst($id), ...$fields] as $field => $value) {
                $resin->{$field} = $value;
            }

            return $resin;
        };
        $ways = self::ways(self::AT_23, [$like('thin', ['viscosity_pa_s' => 0.4]), $like('quick', ['open_min' => 12]), $like('thick', ['viscosity_pa_s' => 3]), $like('vapour', ['open_min' => 6, 'family' => 'polyester']), $like('broken', ['open_min' => 'soon'])]);
        self::assertSame(['Quick', 'quick'], [$ways['resin']->resin, $ways['resin']->resinId]);
        self::assertArrayNotHasKey('resin', self::ways(self::AT_23, [$like('thin', ['viscosity_pa_s' => 0.4])]));
    }

    public function test_a_middle_coat_is_split_where_it_lies_and_the_plan_is_left_as_it_was(): void
    {
        $plan = Plans::with(self::AT_23);
        $plan->coats = [
            (object) [...(array) $plan->coats[0], 'id' => 'base', 'size_by' => (object) ['thickness_mm' => 0.4]],
            (object) [...(array) $plan->coats[0], 'id' => 'flood', 'size_by' => (object) ['thickness_mm' => 2.4]],
            (object) [...(array) $plan->coats[0], 'id' => 'top', 'size_by' => (object) ['thickness_mm' => 0.5]],
        ];
        $before = json_encode($plan);
        $ways = array_column(array_map(static fn (WayToKeep $way): array => [$way->kind->value, $way], WaysToKeep::of(PlanDocument::of($plan), 1)), 1, 0);
        self::assertSame($before, json_encode($plan));
        self::assertSame(['flood', 'flood/2', 'flood/3'], array_map(static fn ($coat): string => $coat->case->coat->id, $ways['coats']->coats));
    }

    public function test_where_nothing_runs_there_is_nothing_to_keep(): void
    {
        self::assertSame([], self::ways(['/coats/0/size_by/thickness_mm' => 0.8]));
        self::assertSame([], self::ways(['/pieces/0/coated_edges' => 'none']));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  list<stdClass>  $resins
     * @return array<string, WayToKeep>
     */
    private static function ways(array $changes, array $resins = []): array
    {
        $ways = [];
        foreach (WaysToKeep::of(PlanDocument::of(Plans::with($changes)), 0, array_map(Entry::of(...), $resins)) as $way) {
            $ways[$way->kind->value] = $way;
        }

        return $ways;
    }
}
