<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

/** Compares with published check values within their tolerance. */
trait ChecksValues
{
    private static function assertWithin(float $percent, float $expected, ?float $actual, string $what = ''): void
    {
        self::assertNotNull($actual, $what);
        self::assertEqualsWithDelta($expected, $actual, abs($expected) * $percent / 100, $what);
    }

    /** Closed forms hold within 0.1 %. */
    private static function assertClosed(float $expected, ?float $actual, string $what = ''): void
    {
        self::assertWithin(0.1, $expected, $actual, $what);
    }
}
