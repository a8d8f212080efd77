<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Edge;

use OpenGlaze\Core\Edge\Trays;
use PHPUnit\Framework\TestCase;

final class TraysTest extends TestCase
{
    public function test_what_was_weighed_of_what_was_said_by_all_that_was_said(): void
    {
        $trays = Trays::of([[100.0, 80.0], [300.0, 270.0], [0.0, 12.0]]);
        self::assertEqualsWithDelta(350 / 400, $trays?->share, 1e-12);
        self::assertSame(2, $trays?->pours, 'where nothing was said nothing is compared');
        self::assertSame(0.0, Trays::of([[50.0, 0.0]])?->share, 'an empty tray is a weighing too');
    }

    public function test_without_any_there_is_no_rate(): void
    {
        self::assertNull(Trays::of([]));
        self::assertNull(Trays::of([[0.0, 5.0]]));
    }
}
