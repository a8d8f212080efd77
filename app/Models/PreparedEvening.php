<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use OpenGlaze\Core\Document\Entry;

/**
 * What was ticked before an evening: folded from its events, and never changed by anything else.
 *
 * @property string $id
 * @property Entry $checked  the press by the check's name
 * @property CarbonImmutable|null $last_at
 */
final class PreparedEvening extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = ['checked' => JsonObject::class, 'last_at' => 'immutable_datetime'];
}
