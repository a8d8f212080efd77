<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Heat;

/**
 * Heats of reaction that were worked out of labels, which takes some tens of milliseconds each: kept for the process,
 * and with whoever serves many of them. They follow from the label alone, so none is ever wrong.
 */
final class KnownHeats
{
    /** So many are kept, the latest of them. */
    public const MOST = 400;

    /** @var array<string, float|null> kJ/kg by what it was worked out of; null where none fits */
    private static array $known = [];

    private static ?HeatStore $store = null;

    /** Keeps them for others too. */
    public static function keepIn(?HeatStore $store): void
    {
        self::$store = $store;
    }

    /**
     * @param  list<float>  $of  all that it follows from
     * @param  callable(): (float|null)  $workedOut
     */
    public static function of(string $what, array $of, callable $workedOut): ?float
    {
        $key = $what.' '.implode(' ', $of);
        if (! array_key_exists($key, self::$known)) {
            $kept = self::$store?->get($key);
            $heat = $kept === null ? $workedOut() : $kept->kJKg;
            if ($kept === null) {
                self::$store?->put($key, new KnownHeat($heat));
            }
            self::$known = [...array_slice(self::$known, 1 - self::MOST, null, true), $key => $heat];
        }

        return self::$known[$key];
    }
}
