<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use stdClass;

/**
 * One batch being mixed, with its own copy of the plan and of what was computed.
 *
 * @property int $id
 * @property int $plan_id
 * @property string $batch_key
 * @property string $title
 * @property stdClass $plan
 * @property stdClass $result
 * @property stdClass $weighed
 * @property CarbonImmutable|null $stirred_from
 * @property CarbonImmutable|null $mixed_at
 * @property CarbonImmutable $created_at
 * @property int|null $pours_count  where it was counted
 */
final class Mixing extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = [
        'plan' => JsonObject::class,
        'result' => JsonObject::class,
        'weighed' => JsonObject::class,
        'stirred_from' => 'immutable_datetime',
        'mixed_at' => 'immutable_datetime',
        'created_at' => 'immutable_datetime',
    ];

    /** @return HasMany<Pour, $this> */
    public function pours(): HasMany
    {
        return $this->hasMany(Pour::class)->orderBy('id');
    }
}
