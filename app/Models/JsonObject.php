<?php

declare(strict_types=1);

namespace App\Models;

use App\PlanFile\Json;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use stdClass;

/**
 * An object of the plan file kept in one column, letter by letter as exact as in the file.
 *
 * @implements CastsAttributes<stdClass|null, stdClass|null>
 */
final class JsonObject implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): ?stdClass
    {
        return is_string($value) ? Json::object($value) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : Json::line($value);
    }
}
