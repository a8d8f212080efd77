<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Heat;

use OpenGlaze\Core\Heat\HeatStrip;
use OpenGlaze\Core\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The temperatures through a layer over time, where it passes 40 °C. */
final class HeatStripTest extends TestCase
{
    #[TestWith([1.6, false])]
    #[TestWith([3.0, false])]
    #[TestWith([5.0, false])]
    #[TestWith([7.0, true])]
    #[TestWith([12.0, true])]
    public function test_it_is_there_where_any_place_passes_forty(float $mm, bool $is): void
    {
        $result = Plans::computed(self::block(['thickness_mm' => $mm]));
        self::assertSame($is, $result->case->heat->strip() !== null);
        self::assertSame($is, ($result->case->heat->peakC() ?? 0.0) > HeatStrip::DRAWN_FROM_C);
    }

    #[TestWith([7.0])]
    #[TestWith([9.0])]
    #[TestWith([20.0])]
    public function test_it_holds_the_peak_and_when_it_is_warm(float $mm): void
    {
        $case = Plans::computed(self::block(['thickness_mm' => $mm]))->case;
        $strip = $case->heat->strip();
        self::assertNotNull($strip);
        self::assertEqualsWithDelta($case->heat->peakC(), $strip->peakC, 1e-9);
        $hottest = array_map(static fn (array $celsius): float => max([-INF, ...$celsius]), $strip->frames);
        self::assertEqualsWithDelta($strip->peakC, max($hottest), 1e-6, 'one of the frames is the peak');
        self::assertContains($strip->peakMin, $strip->mins);
        self::assertSame($strip->mins, self::sorted($strip->mins));
        foreach ($hottest as $at => $celsius) {
            $min = $strip->mins[$at];
            self::assertSame($celsius > HeatStrip::DRAWN_FROM_C, $min > $strip->warmFromMin && ($strip->warmUntilMin === null || $min < $strip->warmUntilMin), "after $min min");
        }
        $last = $strip->frames[count($strip->frames) - 1];
        self::assertLessThan($last[0], $last[count($last) - 1], 'on wood its top is cool before its floor');
    }

    public function test_of_several_lifts_the_hottest_is_shown_with_those_below(): void
    {
        $case = Plans::computed([...self::block(['total_depth_mm' => 24]), '/coats/0/lifts' => 3, '/coats/0/lift_interval_h' => 4])->case;
        $strip = $case->heat->strip();
        self::assertNotNull($strip);
        $peaks = $case->heat->peaksC();
        self::assertSame(max($peaks), $peaks[$strip->lift - 1]);
        self::assertEqualsWithDelta(8.0 * $strip->lift, $strip->depthMm, 1e-9);
        self::assertCount(10 * $strip->lift, $strip->frames[0]);
        self::assertLessThanOrEqual(240.0, $strip->lift < 3 ? $strip->mins[count($strip->mins) - 1] : 0.0, 'until the next is poured');
    }

    /**
     * @param  array<string, mixed>  $sizeBy
     * @return array<string, mixed>
     */
    private static function block(array $sizeBy): array
    {
        return ['/pieces/0/kind' => 'tabletop', '/pieces/0/surface' => 'sealed', '/pieces/0/coated_edges' => 'none', '/coats/0/containment' => 'dammed', '/coats/0/size_by' => (object) $sizeBy];
    }

    /**
     * @param  list<float>  $mins
     * @return list<float>
     */
    private static function sorted(array $mins): array
    {
        sort($mins);

        return $mins;
    }
}
