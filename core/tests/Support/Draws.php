<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Support;

/** How often a law is tried: as often as is usual, or DRAWS times that where the environment says so. */
final class Draws
{
    public static function of(int $usual): int
    {
        return max(1, (int) round($usual * self::times()));
    }

    public static function times(): float
    {
        $times = getenv('DRAWS');

        return is_numeric($times) && (float) $times > 0 ? (float) $times : 1.0;
    }
}
