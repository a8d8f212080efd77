<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Stock;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Measuring\Vessel;
use OpenGlaze\Core\Plan\VesselSheet;
use OpenGlaze\Core\Reading\BatchReader;
use OpenGlaze\Core\Stock\VesselStock;
use OpenGlaze\Core\Stock\VesselUse;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class VesselStockTest extends TestCase
{
    private const HOUR = 3_600_000;

    public function test_what_nobody_counts_is_always_there(): void
    {
        self::assertNull(VesselStock::of(self::sheet('silicone', null), [new VesselUse(9, 0, 60.0)], 0));
    }

    public function test_a_flexible_cup_is_out_of_use_until_the_rest_in_it_has_hardened(): void
    {
        $uses = [new VesselUse(1, 0, 24 * 60.0), new VesselUse(2, 10 * self::HOUR, 24 * 60.0)];
        $at = static fn (float $hours): array => [($stock = VesselStock::of(self::sheet('silicone', 4), $uses, (int) ($hours * self::HOUR)))?->free, $stock?->nextMs];
        self::assertSame([1, 24 * self::HOUR], $at(12));
        self::assertSame([2, 34 * self::HOUR], $at(24));
        self::assertSame([4, null], $at(34));
        self::assertSame(0, VesselStock::of(self::sheet('silicone', 2), $uses, 12 * self::HOUR)?->free, 'never less than none');
    }

    public function test_where_the_label_is_silent_it_is_out_for_a_day(): void
    {
        self::assertSame(0, VesselStock::of(self::sheet('flexible', 1), [new VesselUse(1, 0, null)], 23 * self::HOUR)?->free);
        self::assertSame(1, VesselStock::of(self::sheet('flexible', 1), [new VesselUse(1, 0, null)], 24 * self::HOUR)?->free);
    }

    #[TestWith(['glass'])]
    #[TestWith(['paper'])]
    public function test_what_is_used_once_does_not_come_back(string $material): void
    {
        $stock = VesselStock::of(self::sheet($material, 5), [new VesselUse(2, 0, 60.0)], 9000 * self::HOUR);
        self::assertSame([3, null], [$stock?->free, $stock?->nextMs]);
        self::assertSame([1, 0], [$stock?->leftAfter(2), $stock?->leftAfter(7)]);
    }

    public function test_what_is_wiped_out_serves_one_batch_after_the_other(): void
    {
        $stock = VesselStock::of(self::sheet('plastic', 1), [new VesselUse(1, 0, 60.0)], 0);
        self::assertSame([1, 1], [$stock?->free, $stock?->leftAfter(3)]);
    }

    public function test_a_sheet_of_the_shelf_is_read_with_its_count_or_not_at_all(): void
    {
        $sheet = (object) ['id' => 'cup', 'bottom_mm' => 60, 'top_mm' => 70, 'height_mm' => 90, 'material' => 'silicone', 'have' => 3];
        self::assertSame(3, BatchReader::saved(Entry::of($sheet))?->have);
        unset($sheet->have);
        self::assertNull(BatchReader::saved(Entry::of($sheet))->have ?? null);
        foreach (['have' => 2.5, 'top_mm' => 'wide'] as $field => $value) {
            $wrong = clone $sheet;
            $wrong->{$field} = $value;
            self::assertNull(BatchReader::saved(Entry::of($wrong)), $field);
        }
    }

    private static function sheet(string $material, ?int $have): VesselSheet
    {
        return new VesselSheet('cup', 'Cup', Vessel::straight(60.0, 100.0), null, null, $material, $have);
    }
}
