<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Amount;

use OpenGlaze\Core\Coating\CoatResult;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Held\Meniscus;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use OpenGlaze\Core\Tests\Support\Gone;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** Coats behind a dam: what climbs it, lifts, and what stands in them. */
final class DammedTest extends TestCase
{
    use ChecksValues;

    private const TABLETOP = [
        '/pieces/0/surface' => 'sealed', '/pieces/0/coated_edges' => 'none', '/pieces/0/kind' => 'tabletop',
        '/coats/0/containment' => 'dammed', '/coats/0/residue_ml_per_cup' => null,
    ];

    public function test_the_check_values_of_the_wall(): void
    {
        $capillary = 1000 * sqrt(0.036 / (1090 * 9.80665));
        self::assertClosed(1.83518, $capillary);
        self::assertClosed(1.2553, Meniscus::riseMm($capillary, 50));
        self::assertClosed(2.1648, Meniscus::climbMlPerM($capillary, 50));
        self::assertEqualsWithDelta(0, Meniscus::riseMm($capillary, 90), 1e-9);
    }

    public function test_the_climb_counts_holes_and_pieces_and_nothing_runs_off(): void
    {
        $hole = (object) ['shape' => 'circle', 'diameter_mm' => 100, 'x_mm' => 50, 'y_mm' => 50];
        $result = Plans::computed([...self::TABLETOP, '/pieces/0/outline/holes' => [$hole], '/pieces/0/quantity' => 2]);
        $perM = Meniscus::climbMlPerM($result->case->liquid->capillaryLengthMm(), 50);
        self::assertEqualsWithDelta($perM * (2060 + M_PI * 100) / 1000 * 2, $result->volume->climbMl, 1e-6);
        self::assertSame([0.0, 0.0, null], [$result->volume->edgesMl, $result->volume->runoffMl, $result->edge]);
        self::assertSame(0.0, Plans::computed()->volume->climbMl);
    }

    public function test_thin_lifts_share_what_is_displaced_as_thick_ones_do(): void
    {
        foreach ([0.9, 9.0] as $mm) {
            $result = Plans::computed([...self::TABLETOP, '/coats/0/size_by' => (object) ['total_depth_mm' => $mm], '/resins/0/max_pour_mm' => $mm / 3, '/coats/0/displaced_ml' => 6, '/pieces/0/quantity' => 4]);
            self::assertCount(3, $result->lifts);
            foreach ($result->lifts as $lift) {
                self::assertEqualsWithDelta(-8.0, $lift->volume->displacedMl, 1e-9, 'of four pieces');
            }
        }
    }

    public function test_a_deep_pour_is_split_by_the_label_and_by_heat(): void
    {
        $deep = fn (float $mm, array $more = []): CoatResult => Plans::computed([...self::TABLETOP, '/coats/0/size_by' => (object) ['total_depth_mm' => $mm], ...$more]);
        self::assertCount(1, $deep(4.0)->lifts);
        self::assertCount(2, $deep(4.001)->lifts);
        self::assertCount(4, $deep(14)->lifts);
        foreach ([3.0, 8.0, 14.0, 30.0] as $mm) {
            $unlabelled = $deep($mm, ['/resins/0/max_pour_mm' => new Gone]);
            $warm = $deep($mm, ['/resins/0/max_pour_mm' => new Gone, '/studio/temperature_c' => 26]);
            foreach ($unlabelled->lifts as $at => $lift) {
                self::assertLessThan(55, $lift->peakC, 'on a day five degrees warmer it stays below 60');
                self::assertGreaterThanOrEqual($lift->peakC, $warm->lifts[$at]->peakC ?? INF);
            }
            $fewer = count($unlabelled->lifts) - 1;
            if ($fewer > 0) {
                self::assertGreaterThan($fewer, $unlabelled->case->heat->coolCount($mm, 5.0), 'one lift fewer would be hot then');
                self::assertSame($fewer + 1, $unlabelled->case->heat->coolCount($mm, 5.0));
            }
        }
    }

    public function test_lifts_add_up_to_the_coat_and_to_its_depth(): void
    {
        $gears = [(object) ['name' => 'gears', 'count' => 12, 'size_mm' => [40, 5]], (object) ['name' => 'sand', 'bulk_ml' => 300]];
        $result = Plans::computed([...self::TABLETOP, '/coats/0/size_by' => (object) ['total_depth_mm' => 14], '/coats/0/cups' => 2, '/coats/0/inclusions' => $gears]);
        $sum = static fn (callable $of): float => array_sum(array_map($of, $result->lifts));
        self::assertEqualsWithDelta($result->volume->totalMl(), $sum(static fn ($lift) => $lift->volume->totalMl()), 1e-9);
        self::assertEqualsWithDelta(14, $sum(static fn ($lift) => $lift->depthMm), 1e-9);
        self::assertEqualsWithDelta($result->mix->aG, $sum(static fn ($lift) => $lift->mix->aG), 1e-9);
        self::assertEqualsWithDelta(-(12 * M_PI / 4 * 40 ** 2 * 5 / 1000 + 300 * 0.6), $result->volume->displacedMl, 1e-9);
        self::assertGreaterThan($result->lifts[3]->volume->displacedMl * 2, $result->lifts[3]->volume->displacedMl, 'the gears stand in the lower lifts only');
        self::assertEqualsWithDelta(3.5, $result->case->filmMm(), 1e-9);
    }

    public function test_what_stands_proud_displaces_only_what_lies_below_the_surface(): void
    {
        $with = fn (object $inclusion): CoatResult => Plans::computed([...self::TABLETOP, '/coats/0/size_by' => (object) ['thickness_mm' => 2.0], '/coats/0/inclusions' => [$inclusion]]);
        $post = (object) ['name' => 'post', 'size_mm' => [10, 20, 8]];
        self::assertEqualsWithDelta(-10 * 20 * 2 / 1000, $with($post)->volume->displacedMl, 1e-12);
        self::assertContains('inclusion_proud', array_column(CoatAdvisor::advise($with($post)), 'code'));
        $raised = (object) ['name' => 'post', 'size_mm' => [10, 20, 8], 'bottom_mm' => 1.5];
        self::assertEqualsWithDelta(-10 * 20 * 0.5 / 1000, $with($raised)->volume->displacedMl, 1e-12);
        $ball = (object) ['name' => 'ball', 'size_mm' => 4];
        self::assertEqualsWithDelta(-M_PI / 6 * 64 / 1000 / 2, $with($ball)->volume->displacedMl, 1e-12);
        $onTop = (object) ['name' => 'star', 'size_mm' => 4, 'on_top' => true];
        self::assertSame(0.0, $with($onTop)->volume->displacedMl);
    }

    public function test_inclusions_larger_than_the_layer_are_refused(): void
    {
        $faults = Plans::faults(self::TABLETOP, ['size_by' => (object) ['total_depth_mm' => 14], 'inclusions' => [(object) ['name' => 'stone', 'size_mm' => [620, 410, 14]]]]);
        self::assertStringContainsString('nothing would be left to pour', $faults['/coats/0/inclusions']);
    }

    public function test_no_flame_on_a_mould_on_tape_or_over_what_melts(): void
    {
        $tool = static fn (array $changes): HeatTool => Plans::computed([...self::TABLETOP, ...$changes])->film->torch->tool;
        self::assertSame(HeatTool::Flame, $tool([]));
        self::assertSame(HeatTool::HeatGun, $tool(['/coats/0/dam' => 'tape']));
        self::assertSame(HeatTool::HeatGun, $tool(['/pieces/0/kind' => 'mould']));
        self::assertSame(HeatTool::HeatGun, $tool(['/coats/0/inclusions' => [(object) ['name' => 'acrylic star', 'volume_ml' => 1, 'heat_tolerant' => false]]]));
        self::assertSame(HeatTool::None, $tool(['/coats/0/laying' => 'drops']));
        self::assertSame(HeatTool::None, $tool(['/coats/0/containment' => 'placed']));
    }

    public function test_a_layer_that_heats_itself_is_warned_of_and_stopped(): void
    {
        $levels = static function (float $mm): array {
            $advice = CoatAdvisor::advise(Plans::computed([...self::TABLETOP, '/coats/0/size_by/thickness_mm' => $mm, '/resins/0/max_pour_mm' => new Gone, '/studio/temperature_c' => 23]));

            return array_values(array_map(static fn ($one) => $one->level->value, array_filter($advice, static fn ($one): bool => $one->code === 'hot_lift')));
        };
        self::assertSame([], $levels(3));
        self::assertSame(['caution'], $levels(7.0));
        self::assertSame(['stop'], $levels(9));
    }

    public function test_what_no_label_tells_is_not_guessed(): void
    {
        $silent = Plans::computed([...self::TABLETOP, '/coats/0/size_by' => (object) ['total_depth_mm' => 14], ...self::polyester()]);
        self::assertNull($silent->lifts[0]->peakC);
        self::assertCount(4, $silent->lifts);
    }

    /** @return array<string, mixed> whose heat hangs on its catalyst */
    private static function polyester(): array
    {
        return ['/resins/0/family' => 'polyester', '/resins/0/catalyst' => [(object) ['depth_mm' => 1, 'pct' => 2], (object) ['depth_mm' => 5, 'pct' => 1]], '/resins/0/ratio' => new Gone];
    }
}
