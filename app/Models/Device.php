<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A browser that something was pressed in, by the name that it gave itself.
 *
 * @property string $id
 * @property string $name
 * @property int $heard_ms
 */
final class Device extends Model
{
    /** How often it is written down that a device was heard of, ms. */
    private const EVERY_MS = 3_600_000;

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $casts = ['heard_ms' => 'integer'];

    public static function heard(string $id, string $name, CarbonImmutable $now): void
    {
        $ms = (int) $now->valueOf();
        $known = self::query()->find($id);
        if ($known === null || $known->name !== $name || $known->heard_ms + self::EVERY_MS < $ms) {
            self::query()->updateOrCreate(['id' => $id], ['name' => $name, 'heard_ms' => $ms]);
        }
    }
}
