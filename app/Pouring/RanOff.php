<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use OpenGlaze\Core\Edge\Trays;

/** What was said to run off a pour, and what was weighed in the trays of those before. */
final class RanOff
{
    /** So many of the last pours tell a studio's own rate. */
    private const LAST = 12;

    /** @return array{ml: float, g: float|null}|null null where nothing runs over an edge, or it was planned before that was known */
    public static function said(Pour $pour): ?array
    {
        $result = $pour->result();
        $ml = $result->drippedMl();
        if ($ml === null) {
            return null;
        }
        $all = $result->pieces() ?? 1.0;
        $ml *= ($pour->count ?? $all) / $all;
        [$totalG, $totalMl] = [$result->mix()->number('total_g'), $result->mix()->number('total_ml')];

        return ['ml' => $ml, 'g' => $totalG === null || $totalMl === null || $totalMl <= 0 ? null : $ml * $totalG / $totalMl];
    }

    /** What this studio weighed of what was said, over its last pours; null where it never did. */
    public static function ownRate(): ?Trays
    {
        $pours = Pour::query()->whereNotNull('tray_g')->with('begun')->latest('started_at')->limit(self::LAST)->get()
            ->map(static fn (Pour $pour): array => [self::said($pour)['g'] ?? 0.0, $pour->tray_g ?? 0.0]);

        return Trays::of(array_values($pours->all()));
    }
}
