<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Measuring;

use OpenGlaze\Core\Measuring\MeasuredBy;
use OpenGlaze\Core\Measuring\MeasuringTools;
use OpenGlaze\Core\Measuring\StraightCup;
use OpenGlaze\Core\Measuring\UnknownCup;
use OpenGlaze\Core\Measuring\WayToMeasure;
use OpenGlaze\Core\Mix\Mixture;
use OpenGlaze\Core\Mix\Portions;
use OpenGlaze\Core\Mix\Ratio;
use OpenGlaze\Core\Tests\Support\ChecksValues;
use PHPUnit\Framework\TestCase;

final class WayToMeasureTest extends TestCase
{
    use ChecksValues;

    public function test_each_way_has_the_error_of_its_own(): void
    {
        $ways = self::byName(self::mix(40.0), new StraightCup(70.0));
        self::assertClosed(28.57, $ways['cups']->error->worstPct);
        self::assertClosed(50.00, $ways['one_cup']->error->worstPct);
        self::assertClosed(20.41, $ways['cups']->error->likelyPct);
        self::assertClosed(25.00, $ways['one_cup']->error->likelyPct);
        self::assertClosed(0.466, $ways['scale']->error->worstPct);
        self::assertClosed(3.848, $ways['pen_lines']->step);
    }

    public function test_the_finest_comes_first_and_more_is_always_measured_better(): void
    {
        $last = null;
        foreach ([6.0, 20.0, 60.0, 200.0, 600.0] as $ml) {
            $ways = self::byName(self::mix($ml), new StraightCup(90.0));
            $likely = array_map(static fn (WayToMeasure $way): float => $way->error->likelyPct ?? INF, array_values($ways));
            $sorted = $likely;
            sort($sorted);
            self::assertSame($sorted, $likely);
            foreach ($ways as $name => $way) {
                self::assertLessThanOrEqual($last[$name] ?? INF, $way->error->likelyPct ?? INF, "$name, $ml ml");
            }
            $last = array_map(static fn (WayToMeasure $way): float => $way->error->likelyPct ?? INF, $ways);
        }
    }

    public function test_by_volume_comes_before_any_scale_where_weighing_would_go_by_typical_densities(): void
    {
        $byVolume = static fn (float $off): array => array_map(static fn (WayToMeasure $way): bool => $way->by->isByVolume(), WayToMeasure::all(self::mix(20.0), new StraightCup(90.0), new MeasuringTools(5.0, 0.1), 0.15, $off));
        self::assertSame([true, true, true, true, false, false], $byVolume(6.2));
        self::assertSame([false, false, true, true, true, true], $byVolume(0.0));
    }

    public function test_what_clings_to_two_measuring_cups_shifts_the_ratio_to_the_larger_part(): void
    {
        $clings = static function (float $a, float $b): float {
            foreach (WayToMeasure::all(Mixture::of(Ratio::byVolume($a, $b), 1.1, 1.0)->split(30.0), new StraightCup(90.0), new MeasuringTools(5.0, 0.1), 0.15) as $way) {
                if ($way->by === MeasuredBy::Cups) {
                    return $way->clingsPct;
                }
                self::assertSame(0.0, $way->clingsPct, 'only of parts that are poured over');
            }
            self::fail('no cups');
        };
        self::assertEqualsWithDelta(0.0, $clings(1, 1), 1e-9);
        // 20 and 10 ml: a film of 0.15 mm in cups ⌀29.42 and ⌀23.35 mm keeps 0.5099 and 0.3212 ml
        self::assertEqualsWithDelta(100 * ((20 - 0.5099) / (10 - 0.3212) / 2 - 1), $clings(2, 1), 0.01);
        self::assertLessThan(0, $clings(1, 3));
    }

    public function test_no_lines_on_an_unknown_cup(): void
    {
        self::assertArrayNotHasKey(MeasuredBy::PenLines->value, self::byName(self::mix(40.0), new UnknownCup));
    }

    private static function mix(float $ml): Portions
    {
        return Mixture::of(Ratio::byVolume(1, 1), 1.14, 1.02)->split($ml);
    }

    /** @return array<string, WayToMeasure> */
    private static function byName(Portions $mix, StraightCup|UnknownCup $cup): array
    {
        $ways = [];
        foreach (WayToMeasure::all($mix, $cup, new MeasuringTools(5.0, 0.1), 0.15) as $way) {
            $ways[$way->by->value] = $way;
        }

        return $ways;
    }
}
