<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use stdClass;

/**
 * One pour, with its own copy of the plan and of what was computed; nothing edited later changes it.
 *
 * @property int $id
 * @property int|null $piece_id
 * @property int|null $coat_id
 * @property int|null $mixing_id
 * @property string $title
 * @property stdClass $plan
 * @property stdClass $result
 * @property stdClass|null $times
 * @property string|null $override_reason
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $poured_at
 * @property CarbonImmutable|null $finished_at
 * @property float|null $used_a_ml
 * @property float|null $used_b_ml
 * @property string|null $note
 * @property string|null $photo
 * @property Piece|null $piece
 * @property Mixing|null $mixing
 */
final class Pour extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = [
        'plan' => JsonObject::class,
        'result' => JsonObject::class,
        'times' => JsonObject::class,
        'started_at' => 'immutable_datetime',
        'poured_at' => 'immutable_datetime',
        'finished_at' => 'immutable_datetime',
        'used_a_ml' => 'float',
        'used_b_ml' => 'float',
    ];

    /** @return HasMany<PourAct, $this> */
    public function acts(): HasMany
    {
        return $this->hasMany(PourAct::class)->orderBy('position');
    }

    /** @return BelongsTo<Mixing, $this> */
    public function mixing(): BelongsTo
    {
        return $this->belongsTo(Mixing::class);
    }

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class)->withTrashed();
    }
}
