<?php

declare(strict_types=1);

namespace App\PlanFile;

use stdClass;

/** Takes a value out of decoded JSON by its path, such as "coat.mix.a_ml". */
final class Dig
{
    public static function value(stdClass $object, string $path): mixed
    {
        $value = $object;
        foreach (explode('.', $path) as $step) {
            if (! $value instanceof stdClass) {
                return null;
            }
            $value = $value->{$step} ?? null;
        }

        return $value;
    }

    public static function float(stdClass $object, string $path): ?float
    {
        $value = self::value($object, $path);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    public static function text(stdClass $object, string $path): ?string
    {
        $value = self::value($object, $path);

        return is_string($value) ? $value : null;
    }

    public static function object(stdClass $object, string $path): stdClass
    {
        $value = self::value($object, $path);

        return $value instanceof stdClass ? $value : new stdClass;
    }

    /** @return list<stdClass> */
    public static function objects(stdClass $object, string $path): array
    {
        $value = self::value($object, $path);

        return array_values(array_filter(is_array($value) ? $value : [], static fn (mixed $entry): bool => $entry instanceof stdClass));
    }
}
