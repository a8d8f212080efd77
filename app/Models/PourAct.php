<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * One thing to do while a film sets, and when it was done.
 *
 * @property int $id
 * @property int $pour_id
 * @property string $key
 * @property string $kind
 * @property int $position
 * @property float $due_min
 * @property string $title
 * @property string $how
 * @property CarbonImmutable|null $done_at
 */
final class PourAct extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $casts = ['due_min' => 'float', 'done_at' => 'immutable_datetime'];
}
