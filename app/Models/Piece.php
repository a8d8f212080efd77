<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use OpenGlaze\Core\Document\PieceEntry;

/**
 * @property int $id
 * @property int $version
 * @property int $plan_id
 * @property string $key
 * @property int $position
 * @property PieceEntry $spec
 * @property Plan $plan
 * @property Pour|null $lastPour
 */
final class Piece extends Model
{
    use SoftDeletes;

    protected $attributes = ['version' => 1];

    protected $casts = ['version' => 'integer', 'spec' => JsonObject::class.':'.PieceEntry::class];

    /** @return BelongsTo<Plan, $this> */
    public function plan(): BelongsTo
    {
        return $this->belongsTo(Plan::class);
    }

    /** @return HasMany<Coat, $this> */
    public function coats(): HasMany
    {
        return $this->hasMany(Coat::class)->orderBy('position');
    }

    /** @return HasMany<Pour, $this> */
    public function pours(): HasMany
    {
        return $this->hasMany(Pour::class)->latest('started_at');
    }

    /** @return HasOne<Pour, $this> */
    public function lastPour(): HasOne
    {
        return $this->hasOne(Pour::class)->ofMany('started_at', 'max');
    }

    public function name(): string
    {
        return $this->spec->text('name') ?? $this->key;
    }
}
