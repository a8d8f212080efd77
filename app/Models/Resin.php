<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use OpenGlaze\Core\Document\Entry;

/**
 * A resin's data sheet: on the studio's shelf, or brought along by a plan file.
 *
 * @property int $id
 * @property int $version
 * @property int|null $plan_id
 * @property string $key
 * @property int $position
 * @property Entry $sheet
 */
final class Resin extends Model
{
    use SoftDeletes;

    protected $attributes = ['version' => 1];

    protected $casts = ['version' => 'integer', 'sheet' => JsonObject::class];

    /**
     * What the coats of a plan can be poured with: the shelf, and what its own file brought.
     *
     * @return Builder<Resin>
     */
    public static function atHandFor(Plan $plan): Builder
    {
        return self::query()
            ->where(fn (Builder $query) => $query->whereNull('plan_id')->orWhere('plan_id', $plan->id))
            ->orderBy('position');
    }

    /** @return HasMany<Lot, $this> the bottles that are opened first come first */
    public function lots(): HasMany
    {
        return $this->hasMany(Lot::class)->orderByRaw('opened_on is null')->orderBy('opened_on')->orderBy('id');
    }

    public function name(): string
    {
        return $this->sheet->text('name') ?? $this->key;
    }
}
