<?php

declare(strict_types=1);

namespace App\Models;

use App\Clock\Pace;
use Illuminate\Database\Eloquent\Model;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Rehearsal\Accident;
use OpenGlaze\Core\Rehearsal\Cue;
use OpenGlaze\Core\Rehearsal\Script;

/**
 * The rehearsal that this database is of; a studio's own has none.
 *
 * @property string $id
 * @property int $seed
 * @property Entry $accidents  its names
 * @property Entry $told  what came of them so far, by their names: at, until, thing, ml, answered; ms since 1970
 * @property bool $is_mixed  it began with its first cup mixed
 * @property int $real_ms
 * @property int $at_ms
 * @property float $pace
 * @property int $begun_ms
 * @property int|null $ended_ms
 */
final class Rehearsal extends Model
{
    /** Nobody rehearses longer; one that was left open stands still then. */
    private const LONGEST_MS = 12 * 3_600_000;

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $casts = ['accidents' => JsonObject::class, 'told' => JsonObject::class, 'seed' => 'integer', 'is_mixed' => 'boolean', 'real_ms' => 'integer', 'at_ms' => 'integer', 'pace' => 'float', 'begun_ms' => 'integer', 'ended_ms' => 'integer'];

    public function clock(): Pace
    {
        return new Pace($this->real_ms, $this->at_ms, $this->pace, $this->ended_ms ?? $this->begun_ms + self::LONGEST_MS);
    }

    /** @return list<Accident> */
    public function accidents(): array
    {
        return array_values(array_filter(array_map(Accident::tryFrom(...), $this->accidents->texts('names'))));
    }

    /** @return list<Cue> */
    public function cues(): array
    {
        return Script::drawn($this->seed, $this->accidents());
    }
}
