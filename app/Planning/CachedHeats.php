<?php

declare(strict_types=1);

namespace App\Planning;

use Illuminate\Support\Facades\Cache;
use OpenGlaze\Core\Heat\HeatStore;
use OpenGlaze\Core\Heat\KnownHeat;

/** Heats of reaction that were worked out of sheets, kept from one request to the next. */
final class CachedHeats implements HeatStore
{
    private const NAME = 'heat-of-reaction ';

    public function get(string $key): ?KnownHeat
    {
        $kept = Cache::get(self::NAME.$key);

        return is_array($kept) ? new KnownHeat(is_float($kept[0] ?? null) ? $kept[0] : null) : null;
    }

    public function put(string $key, KnownHeat $heat): void
    {
        Cache::forever(self::NAME.$key, [$heat->kJKg]);
    }
}
