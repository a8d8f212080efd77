<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use OpenGlaze\Core\Document\CoatEntry;

/**
 * @property int $id
 * @property int $version
 * @property int $plan_id
 * @property int $piece_id
 * @property int $resin_id
 * @property string $key
 * @property int $position
 * @property CoatEntry $spec
 * @property bool $oiled  effect oil was touched into a film of it
 * @property Piece $piece
 * @property Resin $resin
 */
final class Coat extends Model
{
    use SoftDeletes;

    protected $attributes = ['version' => 1, 'oiled' => false];

    protected $casts = ['version' => 'integer', 'oiled' => 'boolean', 'spec' => JsonObject::class.':'.CoatEntry::class];

    /** @return BelongsTo<Piece, $this> */
    public function piece(): BelongsTo
    {
        return $this->belongsTo(Piece::class)->withTrashed();
    }

    /** @return BelongsTo<Resin, $this> */
    public function resin(): BelongsTo
    {
        return $this->belongsTo(Resin::class)->withTrashed();
    }

    /** A coat of a piece that was taken away is not there either. */
    public function resolveRouteBinding($value, $field = null): ?Model
    {
        $coat = parent::resolveRouteBinding($value, $field);

        return $coat instanceof self && $coat->piece->trashed() ? null : $coat;
    }

    public function kind(): string
    {
        return $this->spec->kind();
    }
}
