<?php

declare(strict_types=1);

namespace App\Models;

use App\PlanFile\Json;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use OpenGlaze\Core\Document\Entry;

/**
 * An object of the plan file kept in one column, letter by letter as exact as in the file.
 *
 * @implements CastsAttributes<Entry|null, Entry|null>
 */
final readonly class JsonObject implements CastsAttributes
{
    /** @param  class-string<Entry>  $as */
    public function __construct(private string $as = Entry::class)
    {
    }

    public function get(Model $model, string $key, mixed $value, array $attributes): ?Entry
    {
        return is_string($value) ? Json::read($value, $this->as) : null;
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : Json::line($value);
    }
}
