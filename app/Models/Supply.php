<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use OpenGlaze\Core\Document\Entry;

/**
 * A vessel, a colourant or a recipe of the studio, as the plan file writes it.
 *
 * @property int $id
 * @property int $version
 * @property SupplyKind $kind
 * @property string $key
 * @property int $position
 * @property Entry $sheet
 * @property Carbon $updated_at
 */
final class Supply extends Model
{
    use SoftDeletes;

    protected $attributes = ['version' => 1];

    protected $casts = ['version' => 'integer', 'sheet' => JsonObject::class, 'kind' => SupplyKind::class];

    /** @return Collection<int, self> in their order */
    public static function onShelf(SupplyKind $kind): Collection
    {
        return self::query()->where('kind', $kind)->orderBy('position')->get();
    }

    /**
     * Everything on the shelf at once.
     *
     * @return array<string, Collection<int, self>> by the name of its kind, each in its order
     */
    public static function allOnShelf(): array
    {
        $all = self::query()->orderBy('position')->get();
        $byKind = [];
        foreach (SupplyKind::cases() as $kind) {
            $byKind[$kind->value] = $all->where('kind', $kind)->values();
        }

        return $byKind;
    }

    public function name(): string
    {
        return $this->sheet->text('name') ?? $this->key;
    }
}
