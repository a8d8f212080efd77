<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Answer;

use OpenGlaze\Core\Outline\Outlines;
use OpenGlaze\Core\Outline\Overlap;
use OpenGlaze\Core\Outline\Point;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** Coats on parts of the face. */
final class ZonesTest extends TestCase
{
    public function test_the_area_that_two_shapes_share(): void
    {
        $square = Outlines::rectangle(100, 100);
        $circle = Outlines::ellipse(100, 100);
        $share = static fn (float $x, float $y): float => Overlap::areaMm2($square, new Point(0, 0), $circle, new Point($x, $y));
        self::assertEqualsWithDelta(M_PI / 4 * 1e4, $share(0, 0), 20);
        self::assertEqualsWithDelta(M_PI / 8 * 1e4, $share(50, 0), 20);
        self::assertEqualsWithDelta(M_PI / 16 * 1e4, $share(-50, -50), 20);
        self::assertSame(0.0, $share(100, 0));
        self::assertSame(0.0, $share(0, -101));
        self::assertEqualsWithDelta($share(30, 20), Overlap::areaMm2($circle, new Point(30, 20), $square, new Point(0, 0)), 1e-6);
        $ring = Outlines::ring(100, 60);
        self::assertEqualsWithDelta($ring->areaMm2(), Overlap::areaMm2($square, new Point(0, 0), $ring, new Point(0, 0)), 20);
    }

    public function test_the_part_of_an_edge_within_a_zone(): void
    {
        $piece = Outlines::rectangle(620, 410);
        self::assertEqualsWithDelta((200 + 410 + 200) / 2060, Overlap::shareOfEdge($piece, Outlines::rectangle(200, 410), new Point(0, 0)), 2e-3);
        self::assertSame(0.0, Overlap::shareOfEdge($piece, Outlines::rectangle(200, 200), new Point(100, 100)));
        self::assertEqualsWithDelta(1, Overlap::shareOfEdge($piece, $piece, new Point(0, 0)), 1e-9);
    }

    public function test_bands_that_share_a_face_add_up_to_it(): void
    {
        $band = static fn (float $x, float $width): array => ['zone' => self::band($x, $width), 'residue_ml_per_cup' => 0];
        $parts = Plans::stack(['/studio/margin_pct' => 0], $band(0, 200), $band(200, 300), $band(500, 120));
        $whole = Plans::computed(['/studio/margin_pct' => 0, '/coats/0/residue_ml_per_cup' => 0]);
        self::assertEqualsWithDelta($whole->volume->filmMl, array_sum(array_map(static fn ($one) => $one->volume->filmMl, $parts)), 1e-6);
        self::assertEqualsWithDelta($whole->volume->totalMl(), array_sum(array_map(static fn ($one) => $one->volume->totalMl(), $parts)), 0.1);
        self::assertSame([1, 1, 1], array_map(static fn ($one) => $one->case->ground->layer, $parts));
        foreach ($parts as $part) {
            self::assertGreaterThan(0, $part->volume->soakMl, 'each lies on the bare face');
        }
    }

    public function test_a_zone_over_another_lies_in_the_next_layer_and_drinks_where_it_is_raw(): void
    {
        $results = Plans::stack([], ['zone' => self::band(0, 300)], ['zone' => self::band(200, 300)], []);
        self::assertSame([1, 2, 3], array_map(static fn ($one) => $one->case->ground->layer, $results));
        $soak = array_map(static fn ($one): float => $one->volume->soakMl, $results);
        $whole = Plans::computed()->volume->soakMl;
        self::assertEqualsWithDelta($whole, array_sum($soak), 0.01 * $whole, 'all of it drinks once');
        self::assertEqualsWithDelta(200 / 300, $soak[1] / $soak[0], 0.15, 'of the second band a third lies on the first');
        self::assertGreaterThan(0, $soak[2], 'the rest is raw under the last');
    }

    public function test_a_place_drinks_once_whatever_lies_on_it_in_whatever_order(): void
    {
        mt_srand(12);
        $whole = Plans::computed()->volume->soakMl;
        for ($times = 0; $times < 60; $times++) {
            $coats = [];
            for ($count = mt_rand(1, 4); $count > 0; $count--) {
                $coats[] = match (mt_rand(0, 2)) {
                    0 => ['zone' => self::band($x = mt_rand(0, 500), mt_rand(20, 620 - $x))],
                    1 => ['zone' => (object) ['share_pct' => mt_rand(5, 100)]],
                    default => ['coverage_pct' => mt_rand(10, 100)],
                };
            }
            $drunk = 0.0;
            foreach (Plans::stack([], ...[...$coats, []]) as $coat) {
                self::assertGreaterThanOrEqual(0.0, $coat->volume->soakMl);
                self::assertLessThanOrEqual($whole * 1.002, $drunk += $coat->volume->soakMl);
            }
            self::assertEqualsWithDelta($whole, $drunk, 0.03 * $whole, (string) json_encode($coats));
        }
        [$first, $second] = Plans::stack([], ['coverage_pct' => 20], []);
        self::assertEqualsWithDelta(0.2 * 2542 / 1e4 * 25 + 2.06 * 0.036 * 25, $first->volume->soakMl, 1e-6);
        self::assertEqualsWithDelta(0.8 * 2542 / 1e4 * 25, $second->volume->soakMl, 1e-6, 'four fifths were still raw');
        self::assertSame(0.0, Plans::stack([], [], [])[1]->volume->soakMl);
    }

    public function test_zones_that_are_said_to_share_a_layer_must_not_overlap(): void
    {
        $zone = static fn (float $x, float $width): object => (object) [...(array) self::band($x, $width), 'layer' => 1, 'name' => 'band'];
        self::assertSame([], Plans::faults([], ['zone' => $zone(0, 300)], ['zone' => $zone(300, 300)]));
        self::assertStringContainsString('lies over "band" in layer 1', Plans::faults([], ['zone' => $zone(0, 300)], ['zone' => $zone(200, 300)])['/coats/1/zone']);
        $share = static fn (float $percent): array => ['zone' => (object) ['share_pct' => $percent, 'layer' => 1]];
        self::assertSame([], Plans::faults([], $share(60), $share(40)));
        self::assertStringContainsString('add up to 110 %', Plans::faults([], $share(60), $share(50))['/coats/1/zone']);
        // a share and an outline are of one face: half of it in a band, and nine tenths besides
        self::assertStringContainsString('add up to 140 %', Plans::faults([], ['zone' => $zone(0, 310)], $share(90))['/coats/1/zone']);
        self::assertStringContainsString('add up to 140 %', Plans::faults([], $share(90), ['zone' => $zone(0, 310)])['/coats/1/zone']);
        self::assertSame([], Plans::faults([], ['zone' => $zone(0, 310)], $share(50)));
    }

    public function test_a_zone_is_cut_off_at_the_edge_and_refused_beside_it(): void
    {
        $half = Plans::computed(['/coats/0/zone' => self::band(520, 200)]);
        self::assertEqualsWithDelta(100 * 410, $half->case->face->areaMm2, 100);
        self::assertStringContainsString('outside the piece', Plans::faults([], ['zone' => self::band(700, 100)])['/coats/0/zone']);
        self::assertArrayHasKey('/coats/0/zone', Plans::faults(['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['each_ml' => 2]], ['zone' => (object) ['share_pct' => 10]]));
    }

    public function test_a_zones_boundary_on_the_open_face_holds_less_than_the_edge(): void
    {
        $held = ['containment' => 'held', 'size_by' => (object) ['thickness_mm' => 1.0]];
        $edge = Plans::stack([], $held)[0]->case->held->limitThicknessMm ?? 0.0;
        $zone = Plans::stack([], [...$held, 'zone' => self::band(0, 300)])[0]->case->held->limitThicknessMm ?? 0.0;
        self::assertLessThan($edge, $zone);
        self::assertStringContainsString('held by an outline', Plans::faults([], [...$held, 'zone' => (object) ['share_pct' => 30]])['/coats/0/containment']);
    }

    public function test_a_zone_has_the_surface_that_lies_under_it(): void
    {
        $raw = Plans::computed(['/coats/0/zone' => (object) [...(array) self::band(0, 200), 'surface' => 'raw_mdf'], '/coats/0/containment' => 'held', '/coats/0/size_by/thickness_mm' => 1]);
        self::assertEqualsWithDelta(0.2 * 0.41 * 120, $raw->volume->soakMl, 1e-6);
    }

    private static function band(float $x, float $width): object
    {
        return (object) ['shape' => 'rectangle', 'width_mm' => $width, 'height_mm' => 410, 'x_mm' => $x, 'y_mm' => 0];
    }
}
