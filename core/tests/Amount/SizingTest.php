<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Amount;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Tests\Support\English;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use stdClass;

/** The schools of sizing say the same in their own words. */
final class SizingTest extends TestCase
{
    public function test_a_spread_rate_is_ten_times_its_film_in_mm(): void
    {
        $rate = Plans::computed(['/coats/0/size_by' => (object) ['ml_per_cm2' => 0.16]]);
        $film = Plans::computed();
        self::assertEqualsWithDelta(1.6, $rate->case->thicknessMm?->value, 1e-12);
        self::assertEqualsWithDelta($film->volume->totalMl(), $rate->volume->totalMl(), 1e-9);
    }

    public function test_ml_a_piece_that_were_laid_are_the_film(): void
    {
        $result = Plans::computed(['/coats/0/size_by' => (object) ['ml_per_piece' => 406.72], '/pieces/0/quantity' => 3]);
        self::assertEqualsWithDelta(3 * 406.72, $result->volume->filmMl, 1e-9);
        self::assertEqualsWithDelta(1.6, $result->case->thicknessMm?->value, 1e-9);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function mixed(): iterable
    {
        yield from [
            'a cup that was weighed' => [[]],
            'unknown cups' => [['/coats/0/residue_ml_per_cup' => new Gone, '/coats/0/cups' => 4]],
            'held' => [['/coats/0/containment' => 'held']],
            'against a wall' => [['/coats/0/containment' => 'dammed']],
            'round something' => [['/coats/0/displaced_ml' => 20]],
            'many' => [['/pieces/0/quantity' => 24, '/studio/margin_pct' => 12]],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('mixed')]
    public function test_what_came_out_of_the_bottles_is_the_total_to_the_last_drop(array $changes): void
    {
        foreach ([40.0, 300.0, 2000.0] as $ml) {
            $result = Plans::computed([...$changes, '/coats/0/size_by' => (object) ['ml_per_piece' => $ml, 'counted' => 'mixed']]);
            self::assertEqualsWithDelta($ml * $result->case->piece->quantity, $result->volume->totalMl(), 1e-6);
            $again = Plans::computed([...$changes, '/coats/0/size_by' => (object) ['thickness_mm' => $result->case->thicknessMm?->value]]);
            self::assertEqualsWithDelta($result->volume->totalMl(), $again->volume->totalMl(), 1e-6);
        }
    }

    public function test_too_little_for_a_film_is_refused_with_what_it_takes(): void
    {
        $faults = Plans::faults([], ['size_by' => (object) ['ml_per_piece' => 20, 'counted' => 'mixed']]);
        self::assertStringContainsString('more than 34.2 ml a piece', $faults['/coats/0/size_by']);
        self::assertSame([], Plans::faults([], ['size_by' => (object) ['ml_per_piece' => 34.3, 'counted' => 'mixed']]));
        // what is said to be enough for each of several is enough, and a tenth less is not
        foreach ([1, 4] as $quantity) {
            $of = static fn (float $ml): string => Plans::faults(['/pieces/0/quantity' => $quantity], ['size_by' => (object) ['ml_per_piece' => $ml, 'counted' => 'mixed']])['/coats/0/size_by'] ?? '';
            self::assertSame(1, preg_match('/more than ([\d.]+) ml a piece/', $of(5), $said));
            self::assertSame('', $of((float) $said[1] + 0.1));
            self::assertNotSame('', $of(0.9 * (float) $said[1]));
        }
    }

    public function test_a_texture_counts_only_for_a_thickness(): void
    {
        $rough = ['/coats/0/texture' => 1.5];
        self::assertEqualsWithDelta(1.5 * 406.72, Plans::computed($rough)->volume->filmMl, 1e-9);
        self::assertEqualsWithDelta(406.72, Plans::computed([...$rough, '/coats/0/size_by' => (object) ['ml_per_cm2' => 0.16]])->volume->filmMl, 1e-9);
    }

    public function test_what_is_counted_takes_its_own_amount(): void
    {
        $counted = ['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['each_ml' => 1.2], '/pieces/0/quantity' => 60];
        $result = Plans::computed([...$counted, '/coats/0/containment' => 'placed']);
        self::assertEqualsWithDelta(72, $result->volume->filmMl, 1e-9);
        self::assertNotNull($result->film->level->settleMin, 'its film is known');
        $bare = Plans::computed([...$counted, '/coats/0/size_by' => (object) ['ml_per_piece' => 1.5]]);
        self::assertEqualsWithDelta(90, $bare->volume->filmMl, 1e-9);
        self::assertNull($bare->case->thicknessMm);
        self::assertStringContainsString('film of what is counted (1.6 mm)', English::advice(CoatAdvisor::advise($bare)));
        $film = Plans::computed(['/coats/0/size_by' => (object) ['thickness_mm' => 1.6]])->film;
        self::assertEqualsWithDelta([$film->level->upToMm, $film->torch->closesMin], [$bare->film->level->upToMm, $bare->film->torch->closesMin], 1e-9, 'as a usual film');
        self::assertNotSame([], $bare->film->torch->passesMin);
        self::assertNotNull($bare->film->torch->lookMin);
        self::assertSame(HeatTool::Breath, $bare->film->torch->tool);
        self::assertStringContainsString('no face', Plans::faults($counted, ['size_by' => (object) ['ml_per_cm2' => 1]])['/coats/0/size_by']);
        self::assertStringContainsString('held by an outline', Plans::faults($counted, ['containment' => 'held'])['/coats/0/containment']);
    }

    public function test_what_is_counted_with_its_area_has_a_film_of_its_own(): void
    {
        $counted = ['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['each_ml' => 1.2, 'area_cm2' => 4], '/pieces/0/quantity' => 60];
        foreach ([['thickness_mm' => 1.6], ['ml_per_piece' => 1.2]] as $size) {
            $result = Plans::computed([...$counted, '/coats/0/containment' => 'placed', '/coats/0/size_by' => (object) $size]);
            self::assertEqualsWithDelta([72.0, 3.0], [$result->volume->filmMl, $result->case->thicknessMm?->value], 1e-9, 'what it takes over its area');
            self::assertStringNotContainsString('film of what is counted', English::advice(CoatAdvisor::advise($result)));
        }
        self::assertArrayHasKey('/pieces/0/measure/area_cm2', Plans::faults([...$counted, '/pieces/0/measure' => (object) ['each_ml' => 1.2, 'area_cm2' => 0]]));
    }

    public function test_the_deepest_place_of_what_was_filled_with_water_counts(): void
    {
        $mould = static fn (float $ml, ?float $deepest, array $more = []): CoatResult => Plans::computed(['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/kind' => 'mould', '/pieces/0/surface' => 'sealed',
            '/pieces/0/measure' => (object) ['water_g' => 180, ...($deepest === null ? [] : ['deepest_mm' => $deepest])], '/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) ['ml_per_piece' => $ml], ...$more]);
        $codes = static fn (CoatResult $result): array => array_values(array_intersect(['over_max_pour', 'depth_unknown', 'hot_lift'], array_column(CoatAdvisor::advise($result), 'code')));
        self::assertSame([], $codes($mould(180, 3.9)));
        self::assertSame(['over_max_pour'], array_slice($codes($mould(180, 4.1)), 0, 1), 'the label allows 4 mm');
        self::assertSame([], $codes($mould(90, 7.8)), 'half of it at a time');
        self::assertContains('depth_unknown', $codes($mould(180, null)));
        $bare = ['/resins/0/max_pour_mm' => new Gone];
        [$deep, $lump] = [$mould(180, 40, $bare), $mould(180, null, $bare)];
        self::assertSame(40.0, $deep->case->heat->layer()?->depthMm);
        self::assertGreaterThan(60, $lump->case->heat->peakC());
        self::assertContains('hot_lift', $codes($lump));
        self::assertLessThan($lump->case->heat->peakC(), $mould(5, null, $bare)->case->heat->peakC(), 'less of it stays cooler');
        self::assertArrayHasKey('/pieces/0/measure/deepest_mm', Plans::faults(['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/measure' => (object) ['water_g' => 180, 'deepest_mm' => -1]]));
    }

    public function test_the_last_pour_is_what_the_mould_holds_less_the_earlier_ones(): void
    {
        $mould = ['/pieces/0/outline' => null, '/pieces/0/coated_edges' => 'none', '/pieces/0/kind' => 'mould', '/pieces/0/measure' => (object) ['water_g' => 180], '/pieces/0/surface' => 'sealed'];
        $beads = [(object) ['name' => 'beads', 'count' => 10, 'volume_ml' => 1]];
        $results = Plans::stack($mould,
            ['containment' => 'dammed', 'size_by' => (object) ['ml_per_piece' => 60], 'inclusions' => $beads],
            ['containment' => 'dammed', 'size_by' => (object) ['rest_leaving_ml' => 15]],
            ['containment' => 'dammed', 'kind' => 'back', 'size_by' => (object) ['rest_leaving_ml' => 0]],
        );
        self::assertEqualsWithDelta(50, $results[0]->volume->filmMl + $results[0]->volume->displacedMl, 1e-9);
        self::assertEqualsWithDelta(105, $results[1]->volume->filmMl, 1e-9);
        self::assertEqualsWithDelta(15, $results[2]->volume->filmMl, 1e-9);
        $drop = Plans::stack($mould, ['containment' => 'dammed', 'size_by' => (object) ['ml_per_piece' => 179.6]], ['containment' => 'dammed', 'size_by' => (object) ['rest_leaving_ml' => 0]]);
        self::assertEqualsWithDelta(0.4, $drop[1]->volume->filmMl, 1e-9, 'however little is left');
        self::assertStringContainsString('leave 0 ml', Plans::faults($mould,
            ['containment' => 'dammed', 'size_by' => (object) ['rest_leaving_ml' => 0]],
            ['containment' => 'dammed', 'size_by' => (object) ['rest_leaving_ml' => 0]],
        )['/coats/1/size_by']);
    }

    public function test_the_rest_of_a_recess_is_a_depth(): void
    {
        $tray = ['/pieces/0/recess_mm' => 6, '/pieces/0/surface' => 'slate', '/pieces/0/kind' => 'tray'];
        $results = Plans::stack($tray,
            ['containment' => 'dammed', 'size_by' => (object) ['thickness_mm' => 1.5]],
            ['containment' => 'dammed', 'size_by' => (object) ['rest_leaving_mm' => 1]],
        );
        self::assertEqualsWithDelta(3.5, $results[1]->case->thicknessMm?->value, 1e-9);
        self::assertEqualsWithDelta(0.25, Plans::stack($tray, ['containment' => 'dammed', 'size_by' => (object) ['rest_leaving_mm' => 5.75]])[0]->case->thicknessMm?->value, 1e-9);
        self::assertStringContainsString('recess', Plans::faults([], ['containment' => 'dammed', 'size_by' => (object) ['rest_leaving_mm' => 0]])['/coats/0/size_by']);
    }

    public function test_what_is_laid_on_top_takes_nothing_of_what_is_mixed_and_what_lies_in_it_does(): void
    {
        $film = static fn (stdClass ...$inclusions): float => Plans::computed(['/coats/0/size_by' => (object) ['ml_per_piece' => 400, 'counted' => 'mixed'], '/coats/0/inclusions' => $inclusions])->volume->filmMl;
        $star = static fn (bool $onTop): stdClass => (object) ['name' => 'star', 'volume_ml' => 5, 'on_top' => $onTop];
        self::assertSame($film(), $film($star(true)));
        self::assertEqualsWithDelta($film() + 5 / 1.1, $film($star(false)), 1e-6, 'the film is so much deeper');
    }
}
