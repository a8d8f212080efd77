<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Plan;

use stdClass;

/** The objects of a plan's document, which was read before. */
final class Entries
{
    /** @return list<stdClass> of a list; the studio is the only entry of its own */
    public static function of(stdClass $holder, string $field): array
    {
        $value = $holder->{$field} ?? [];

        return array_values(array_filter(is_array($value) ? $value : [$value], static fn (mixed $one): bool => $one instanceof stdClass));
    }
}
