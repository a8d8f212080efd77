<?php

declare(strict_types=1);

namespace App\Http;

use App\Clock\StudioClock;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** When a request came, by the studio's clock: one moment for all that is done for it. */
final class Arrival
{
    private const KEY = 'arrival';

    public static function of(Request $request): CarbonImmutable
    {
        $at = $request->attributes->get(self::KEY);
        if (! $at instanceof CarbonImmutable) {
            $at = app(StudioClock::class)->now();
            $request->attributes->set(self::KEY, $at);
        }

        return $at;
    }
}
