<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Quantity;

/**
 * Reads times and thicknesses as labels print them: 30 min, 1 day, 3-4 h, 900 cps, 0.9 Pa·s.
 *
 * A number without a unit is in the field's own. Of a range that end is taken that cannot hurt, which the caller names.
 */
final class LabelParser
{
    private const NUMBER = '\d+(?:[.,]\d+)?';

    private const TO = '\s*(?:-|–|—|to|\.\.\.?)\s*';

    /** Minutes of each unit. */
    private const MINUTES = [
        's|sec|secs|seconds?' => 1 / 60,
        'm|min|mins|minutes?' => 1,
        'h|hr|hrs|hours?' => 60,
        'd|days?' => 24 * 60,
        'w|weeks?' => 7 * 24 * 60,
    ];

    /** Pa·s of each unit. */
    private const PASCAL_SECONDS = [
        'm\s*pa\s*[·.*\s]?\s*s|cps?|centipoises?' => 0.001,
        'pa\s*[·.*\s]?\s*s' => 1,
        'p|poises?' => 0.1,
    ];

    /**
     * A time in minutes.
     *
     * @throws QuantityException when it is not one time or one range of times
     */
    public static function minutes(string $written, bool $latest = false): float
    {
        return self::read($written, self::MINUTES, 1, $latest) ?? throw QuantityException::notATime(trim($written));
    }

    /**
     * A time in hours.
     *
     * @throws QuantityException when it is not one time or one range of times
     */
    public static function hours(string $written, bool $latest = false): float
    {
        return (self::read($written, self::MINUTES, 60, $latest) ?? throw QuantityException::notATime(trim($written))) / 60;
    }

    /**
     * A viscosity in Pa·s, the middle of a range.
     *
     * @throws QuantityException when it is not one viscosity or one range of them
     */
    public static function pascalSeconds(string $written): float
    {
        $ends = array_map(static fn (bool $upper): ?float => self::read($written, self::PASCAL_SECONDS, 1, $upper), [false, true]);
        if ($ends[0] === null || $ends[1] === null) {
            throw QuantityException::notAThickness(trim($written));
        }

        return ($ends[0] + $ends[1]) / 2;
    }

    /** @param  non-empty-array<string, int|float>  $units  what one of each is, by how it is written */
    private static function read(string $written, array $units, float $own, bool $upper): ?float
    {
        if (Thousands::mayBeMeant(trim($written))) {
            throw QuantityException::ambiguousComma(trim($written));
        }
        $unit = '('.implode('|', array_keys($units)).')\.?';
        $pattern = '/^\s*('.self::NUMBER.')(?:\s*'.$unit.')?(?:'.self::TO.'('.self::NUMBER.')(?:\s*'.$unit.')?)?\s*$/iu';
        if (preg_match($pattern, $written, $found, PREG_UNMATCHED_AS_NULL) !== 1) {
            return null;
        }
        // "3-4 h" and "30 min - 1 h": a first number without a unit shares the second's
        $last = self::factor($found[4] ?? null, $units) ?? $own;
        $first = self::factor($found[2] ?? null, $units) ?? (isset($found[3]) ? $last : $own);
        $lower = self::decimal($found[1] ?? '') * $first;
        $higher = isset($found[3]) ? self::decimal($found[3]) * $last : $lower;

        return $higher < $lower ? null : ($upper ? $higher : $lower);
    }

    /** @param  non-empty-array<string, int|float>  $units */
    private static function factor(?string $written, array $units): ?float
    {
        if ($written === null) {
            return null;
        }
        foreach ($units as $spelling => $factor) {
            if (preg_match('/^(?:'.$spelling.')$/iu', $written) === 1) {
                return (float) $factor;
            }
        }

        return null;
    }

    private static function decimal(string $text): float
    {
        return (float) strtr($text, [',' => '.']);
    }
}
