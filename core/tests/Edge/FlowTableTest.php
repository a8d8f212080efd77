<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Edge;

use OpenGlaze\Core\Edge\FaceShape;
use OpenGlaze\Core\Edge\FlowTable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Every number of the table of edges fits those beside it: a value follows from the slopes about it (Simpson's rule). */
final class FlowTableTest extends TestCase
{
    #[TestWith([FaceShape::Straight])]
    #[TestWith([FaceShape::Round])]
    public function test_values_and_slopes_of_the_table_are_one_curve(FaceShape $shape): void
    {
        self::assertCount(FlowTable::COLUMNS + 1, $shape->columns());
        foreach ($shape->columns() as $column => [$values, $slopes]) {
            self::assertCount(FlowTable::ROWS + 1, $values);
            self::assertCount(FlowTable::ROWS + 1, $slopes);
            self::assertEqualsWithDelta(0.0, $values[0], 1e-12, 'at the pour nothing has run over');
            for ($row = 1; $row < FlowTable::ROWS; $row++) {
                $change = ($slopes[$row - 1] + 4 * $slopes[$row] + $slopes[$row + 1]) / 3 / FlowTable::ROWS;
                self::assertEqualsWithDelta($change, $values[$row + 1] - $values[$row - 1], 0.004 * max(0.02, abs($change)), "column $column, row $row");
            }
        }
    }
}
