<?php

declare(strict_types=1);

namespace App\Editing;

use App\PlanFile\Json;
use stdClass;

/** In which fields two objects differ: each by its path, with what stood there and what stands there now. */
final class Difference
{
    /** @return array<string, array{from: mixed, to: mixed}> by path, such as "size_by.thickness_mm" */
    public static function between(stdClass $before, stdClass $after, string $under = ''): array
    {
        $found = [];
        foreach (array_keys(get_object_vars($before) + get_object_vars($after)) as $field) {
            $from = $before->{$field} ?? null;
            $to = $after->{$field} ?? null;
            $path = $under.$field;
            if ($from instanceof stdClass && $to instanceof stdClass) {
                $found += self::between($from, $to, $path.'.');
            } elseif (self::text($from) !== self::text($to)) {
                $found[$path] = ['from' => $from, 'to' => $to];
            }
        }

        return $found;
    }

    /**
     * The fields that a change writes.
     *
     * @return list<string> their paths
     */
    public static function paths(stdClass $change, string $under = ''): array
    {
        $paths = [];
        foreach (get_object_vars($change) as $field => $value) {
            $paths = $value instanceof stdClass ? [...$paths, ...self::paths($value, $under.$field.'.')] : [...$paths, $under.$field];
        }

        return $paths;
    }

    /** Whether a field is the other, lies in it, or holds it. */
    public static function touches(string $path, string $other): bool
    {
        return $path === $other || str_starts_with($path, $other.'.') || str_starts_with($other, $path.'.');
    }

    private static function text(mixed $value): string
    {
        return is_int($value) || is_float($value) ? (string) (float) $value : Json::file($value);
    }
}
