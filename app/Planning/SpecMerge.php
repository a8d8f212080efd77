<?php

declare(strict_types=1);

namespace App\Planning;

use App\PlanFile\Json;
use stdClass;

/**
 * Lays changed fields over a saved object: what was not touched stays letter by letter, null takes a
 * field away, fields nobody here knows are kept.
 */
final class SpecMerge
{
    public static function over(stdClass $saved, stdClass $changes): stdClass
    {
        $merged = Json::copy($saved);
        foreach (get_object_vars($changes) as $field => $value) {
            $old = $merged->{$field} ?? null;
            if ($value === null) {
                unset($merged->{$field});
            } elseif ($value instanceof stdClass) {
                $merged->{$field} = self::over($old instanceof stdClass ? $old : new stdClass, $value);
            } elseif (! self::sameNumber($old, $value)) {
                $merged->{$field} = $value;
            }
        }

        return $merged;
    }

    private static function sameNumber(mixed $old, mixed $new): bool
    {
        return (is_int($old) || is_float($old)) && (is_int($new) || is_float($new)) && (float) $old === (float) $new;
    }
}
