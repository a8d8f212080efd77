<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the room was like at a moment.
 *
 * @property int $at_ms  ms since 1970
 * @property float $celsius
 * @property float $humidity_pct
 * @property float|null $battery_pct
 * @property bool $by_hand  read by somebody, and not by a sensor
 */
final class RoomRow extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'room_readings';

    protected $primaryKey = 'at_ms';

    protected $casts = ['at_ms' => 'integer', 'celsius' => 'float', 'humidity_pct' => 'float', 'battery_pct' => 'float', 'by_hand' => 'boolean'];
}
