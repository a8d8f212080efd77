<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\KeptCoat;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Film\HeatTool;

/**
 * A film as it is on the bench or in the log: folded from its events, and never changed by anything else.
 *
 * The plan, the sheet and the schedule as they were computed stand in the events of its beginning and
 * of the end of its pouring.
 *
 * @property string $id
 * @property int|null $piece_id
 * @property int|null $coat_id
 * @property string|null $mixing_id
 * @property string $title
 * @property int|null $lift
 * @property int|null $count
 * @property string $begun_event
 * @property string|null $poured_event
 * @property string|null $override_reason
 * @property CarbonImmutable $started_at
 * @property CarbonImmutable|null $poured_at
 * @property Entry $schedule
 * @property Entry|null $followed  its times as the room made them, and which pouring they are of; null where they are as planned
 * @property Entry $marks  by act
 * @property Entry $seen  its entries: what was observed and added
 * @property CarbonImmutable|null $handle_at
 * @property CarbonImmutable|null $written_at
 * @property CarbonImmutable|null $off_at
 * @property string|null $off_event
 * @property float|null $used_a_ml
 * @property float|null $used_b_ml
 * @property string|null $used_a_how
 * @property string|null $used_b_how
 * @property Entry|null $stages  planned_ml, entries: what was poured so far, where it is poured in stages
 * @property float $added_ml
 * @property bool $oiled  effect oil was touched into it
 * @property float|null $tray_g
 * @property float|null $left_g  in its cup when that was weighed back, of the whole cup
 * @property string|null $note
 * @property string|null $photo
 * @property Piece|null $piece
 * @property Mixing|null $mixing
 * @property JournalEvent $begun
 * @property JournalEvent|null $poured
 */
final class Pour extends Model
{
    private const MOMENT = 'Y-m-d H:i:s.v';

    public $timestamps = false;

    public $incrementing = false;

    protected $keyType = 'string';

    protected $dateFormat = self::MOMENT;

    protected $casts = [
        'schedule' => JsonObject::class,
        'followed' => JsonObject::class,
        'marks' => JsonObject::class,
        'seen' => JsonObject::class,
        'stages' => JsonObject::class,
        'started_at' => 'immutable_datetime',
        'poured_at' => 'immutable_datetime',
        'handle_at' => 'immutable_datetime',
        'written_at' => 'immutable_datetime',
        'off_at' => 'immutable_datetime',
        'lift' => 'integer',
        'count' => 'integer',
        'used_a_ml' => 'float',
        'used_b_ml' => 'float',
        'added_ml' => 'float',
        'oiled' => 'boolean',
        'tray_g' => 'float',
        'left_g' => 'float',
    ];

    /** @return BelongsTo<JournalEvent, $this> */
    public function begun(): BelongsTo
    {
        return $this->belongsTo(JournalEvent::class, 'begun_event');
    }

    /** @return BelongsTo<JournalEvent, $this> */
    public function poured(): BelongsTo
    {
        return $this->belongsTo(JournalEvent::class, 'poured_event');
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

    /** The plan as it was when the clock began. */
    public function plan(): PlanDocument
    {
        return $this->begun->facts->at('plan', PlanDocument::class);
    }

    /** The schedule that is counted down: its times as the room made them, where it was measured, else as it was planned. */
    public function shown(): Entry
    {
        $moved = $this->moved();

        return $moved === null ? $this->schedule : $this->schedule->over($moved->without('of', 'acts', 'gone'));
    }

    /** What its bubbles are taken out with. */
    public function tool(): HeatTool
    {
        return HeatTool::tryFrom($this->schedule->text('tool') ?? '') ?? HeatTool::None;
    }

    /** What the room moved of this pouring; null where it is as planned. */
    public function moved(): ?Entry
    {
        return $this->followed?->text('of') === $this->poured_event ? $this->followed : null;
    }

    /** What was computed when the clock began. */
    public function result(): KeptCoat
    {
        return $this->begun->facts->at('result', KeptCoat::class);
    }

    /** How old the mix was when the last of it was on the piece, min at the reference temperature; null before. */
    public function ageMin(): ?float
    {
        return $this->poured === null ? null : $this->poured->facts->number('age_min');
    }

    /**
     * What is wet, or waits for its window, or can be handled and was not written down.
     *
     * @param  Builder<self>  $query
     */
    public function scopeOnTheBench(Builder $query, CarbonImmutable $now): void
    {
        $query->whereNull('off_at')->where(fn (Builder $still) => $still->whereNull('handle_at')->orWhere('handle_at', '>', $now->format(self::MOMENT))->orWhereNull('written_at'));
    }

    /**
     * Whose film cannot be handled yet, as far as anybody knows.
     *
     * @param  Builder<self>  $query
     */
    public function scopeSetting(Builder $query, CarbonImmutable $now): void
    {
        $query->whereNull('off_at')->where(fn (Builder $still) => $still->whereNull('handle_at')->orWhere('handle_at', '>', $now->format(self::MOMENT)));
    }
}
