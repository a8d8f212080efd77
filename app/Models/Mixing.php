<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\KeptBatch;
use OpenGlaze\Core\Document\PlanDocument;

/**
 * A cup from its first gram on: folded from its events, and never changed by anything else.
 *
 * @property string $id
 * @property int|null $plan_id
 * @property string $batch_key
 * @property string $title
 * @property string $begun_event
 * @property Entry $weighed  got: g by step; first
 * @property string|null $last_reading  the event of it
 * @property CarbonImmutable $begun_at
 * @property string|null $vessel  that it is mixed in, where one is chosen
 * @property int|null $vessel_cups
 * @property float|null $vessel_hardens_min  what stays in it
 * @property CarbonImmutable|null $first_stirred_at
 * @property CarbonImmutable|null $stirred_from
 * @property CarbonImmutable|null $mixed_at
 * @property string|null $mixed_event
 * @property string|null $rest  what became of what was left in it
 * @property string|null $rest_event
 * @property CarbonImmutable|null $discarded_at
 * @property bool $in_use
 * @property JournalEvent $begun
 * @property int|null $pours_count  where it was counted
 */
final class Mixing extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = [
        'weighed' => JsonObject::class,
        'begun_at' => 'immutable_datetime',
        'first_stirred_at' => 'immutable_datetime',
        'vessel_cups' => 'integer',
        'vessel_hardens_min' => 'float',
        'stirred_from' => 'immutable_datetime',
        'mixed_at' => 'immutable_datetime',
        'discarded_at' => 'immutable_datetime',
        'in_use' => 'boolean',
    ];

    /** @return BelongsTo<JournalEvent, $this> */
    public function begun(): BelongsTo
    {
        return $this->belongsTo(JournalEvent::class, 'begun_event');
    }

    /** @return HasMany<Pour, $this> */
    public function pours(): HasMany
    {
        return $this->hasMany(Pour::class)->orderBy('started_at')->orderBy('id');
    }

    /** The plan as it was when the first gram was to be weighed. */
    public function plan(): PlanDocument
    {
        return $this->begun->facts->at('plan', PlanDocument::class);
    }

    /** The batch as it was computed then. */
    public function result(): KeptBatch
    {
        return $this->begun->facts->at('result', KeptBatch::class);
    }
}
