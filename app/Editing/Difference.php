<?php

declare(strict_types=1);

namespace App\Editing;

use App\PlanFile\Json;
use OpenGlaze\Core\Document\Entry;

/** In which fields two objects differ: each by its path, with what stood there and what stands there now. */
final class Difference
{
    /** @return array<string, array{from: mixed, to: mixed}> by path, such as "size_by.thickness_mm" */
    public static function between(Entry $before, Entry $after, string $under = ''): array
    {
        $found = [];
        [$was, $is] = [$before->fields(), $after->fields()];
        foreach (array_keys($was + $is) as $field) {
            $from = $was[$field] ?? null;
            $to = $is[$field] ?? null;
            $path = $under.$field;
            if ($from instanceof Entry && $to instanceof Entry) {
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
    public static function paths(Entry $change, string $under = ''): array
    {
        $paths = [];
        foreach ($change->fields() as $field => $value) {
            $paths = $value instanceof Entry ? [...$paths, ...self::paths($value, $under.$field.'.')] : [...$paths, $under.$field];
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
