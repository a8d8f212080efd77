<?php

declare(strict_types=1);

namespace App\Journal;

use Carbon\CarbonImmutable;

/** Moments of the journal, ms since 1970, as rows keep them. */
final class Moment
{
    /** @return ($ms is null ? null : CarbonImmutable) */
    public static function of(?int $ms): ?CarbonImmutable
    {
        return $ms === null ? null : CarbonImmutable::createFromTimestampMs($ms);
    }

    /** @return ($moment is null ? null : int) */
    public static function ms(?CarbonImmutable $moment): ?int
    {
        return $moment === null ? null : (int) $moment->valueOf();
    }
}
