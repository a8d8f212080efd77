<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use OpenGlaze\Core\Quantity\UnitSystem;

/** What is known of who looks at the page: the units they read. */
final class Person
{
    public const UNITS_COOKIE = 'units';

    public static function units(Request $request): UnitSystem
    {
        $cookie = $request->cookie(self::UNITS_COOKIE);

        return UnitSystem::tryFrom(is_string($cookie) ? $cookie : '') ?? UnitSystem::Metric;
    }
}
