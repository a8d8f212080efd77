<?php

declare(strict_types=1);

namespace App\Rehearsing;

use App\Journal\Moment;
use App\Models\JournalEvent;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Rehearsal;
use App\Models\RoomRow;
use App\Planning\RoomDesk;
use App\Pouring\FollowTheRoom;
use App\Pouring\PourState;
use App\Pouring\UsedBesidePlanned;
use App\Sensing\RoomLog;
use App\Sensing\RoomReading;
use Illuminate\Database\Eloquent\Collection;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Rehearsal\Accident;
use OpenGlaze\Core\Rehearsal\ColdNight;
use OpenGlaze\Core\Rehearsal\Cue;
use OpenGlaze\Core\Run\ActKind;

/** Lets the accidents of a rehearsal come when it is their time: what comes of them is kept in its row. */
final readonly class WhatGoesWrong
{
    /** A room is read once a minute; of longer breaks fewer readings are made up. */
    private const MOST_READINGS = 60;

    public function __construct(
        private FollowTheRoom $follow,
        private RoomDesk $rooms,
    ) {
    }

    public function until(Rehearsal $rehearsal, int $nowMs): void
    {
        $told = $rehearsal->told;
        $toCome = array_filter($rehearsal->cues(), static fn (Cue $cue): bool => ! $told->has($cue->accident->value));
        $films = $toCome === [] ? new Collection : self::films($rehearsal);
        foreach ($toCome as $cue) {
            $came = $this->comes($cue, $rehearsal, $films, $nowMs);
            $told = $came === null ? $told : $told->with($cue->accident->value, $came);
        }
        if ($told !== $rehearsal->told) {
            $rehearsal->update(['told' => $told]);
        }
        if ($told->has(Accident::ColdNight->value)) {
            $this->cool((int) $told->number(Accident::ColdNight->value.'.at'), $nowMs);
        }
    }

    /** @return Collection<int, Pour> what was begun in the rehearsal, in that order */
    public static function films(Rehearsal $rehearsal): Collection
    {
        return Pour::query()->whereIn('begun_event', JournalEvent::query()->where('kind', EventKind::PourBegun)->where('heard_ms', '>=', $rehearsal->begun_ms)->select('id'))
            ->orderBy('started_at')->orderBy('rowid')->get();
    }

    /**
     * What comes of an accident, when it has come: at, until, thing, title, ml; ms since 1970.
     *
     * @param  Collection<int, Pour>  $films
     */
    private function comes(Cue $cue, Rehearsal $rehearsal, Collection $films, int $nowMs): ?Entry
    {
        $first = $films->min(static fn (Pour $film): ?int => Moment::ms($film->poured_at));
        $at = is_int($first) ? $first + (int) round($cue->afterMin * 60_000) : null;
        $isTime = $at !== null && $at <= $nowMs;

        return match ($cue->accident) {
            Accident::DeadScale => self::came($cue, $rehearsal->begun_ms),
            Accident::ColdNight, Accident::Visitor => $isTime ? self::came($cue, $at) : null,
            Accident::ShortCup => self::shortOf($cue, $films),
            Accident::SmokingCup => $isTime ? self::smoking($cue, $films, $nowMs) : null,
            Accident::Hair => $isTime ? self::seen($cue, $films, $at) : null,
        };
    }

    /** @param  array<string, mixed>  $more */
    private static function came(Cue $cue, int $atMs, array $more = []): Entry
    {
        $patience = $cue->accident->patienceMin();

        return Entry::from(['at' => $atMs, 'until' => is_finite($patience) ? $atMs + (int) round($patience * 60_000) : null, ...$more]);
    }

    /**
     * It is empty when a certain piece is the next.
     *
     * @param  Collection<int, Pour>  $films
     */
    private static function shortOf(Cue $cue, Collection $films): ?Entry
    {
        $film = $films->first(static fn (Pour $one): bool => $one->poured_at === null && $one->off_at === null);
        $before = $films->filter(static fn (Pour $one): bool => $one->poured_at !== null);
        if ($film === null || $before->count() < $cue->at($films->count())) {
            return null;
        }
        // what it was to take stands in its beginning
        $ml = (UsedBesidePlanned::planned($film->load('begun'))->number('total_ml') ?? 0.0) * $cue->size;
        $last = $before->max(static fn (Pour $one): ?int => Moment::ms($one->poured_at));

        return self::came($cue, is_int($last) ? $last : (int) Moment::ms($film->started_at), ['thing' => $film->id, 'title' => $film->title, 'ml' => $ml]);
    }

    /**
     * It smokes from when it is told, while something is still to be poured from it: who pours early has an empty cup.
     *
     * @param  Collection<int, Pour>  $films
     */
    private static function smoking(Cue $cue, Collection $films, int $atMs): ?Entry
    {
        $film = $films->first(static fn (Pour $one): bool => $one->poured_at === null && $one->off_at === null && $one->mixing_id !== null);

        return $film === null ? null : self::came($cue, $atMs, ['thing' => $film->mixing_id, 'title' => $film->title]);
    }

    /**
     * It is seen when somebody looks along its film.
     *
     * @param  Collection<int, Pour>  $films
     */
    private static function seen(Cue $cue, Collection $films, int $atMs): ?Entry
    {
        $film = $films->values()->get($cue->at($films->count()));
        foreach ($film?->schedule->entries('acts') ?? [] as $act) {
            $looked = PourState::kind($act) === ActKind::Look ? $film?->marks->at($act->text('id') ?? '')->number('at') : null;
            if ($film !== null && $looked !== null && $looked >= $atMs) {
                return self::came($cue, (int) $looked, ['thing' => $film->id, 'title' => $film->title]);
            }
        }

        return null;
    }

    private function cool(int $fromMs, int $nowMs): void
    {
        $room = $this->rooms->inForce(Plan::own())->room->temperatures->at(0.0);
        $last = RoomRow::query()->where('at_ms', '>=', $fromMs)->max('at_ms');
        $next = is_numeric($last) ? (int) $last + 60_000 : $fromMs;
        if ($next > $nowMs) {
            return;
        }
        $step = max(1, (int) ceil(($nowMs - $next) / 60_000 / self::MOST_READINGS)) * 60_000;
        for (; $next <= $nowMs; $next += $step) {
            RoomLog::write(new RoomReading(ColdNight::celsius($room, ($next - $fromMs) / 60_000), 60.0, null), Moment::of($next));
        }
        $this->follow->all(Moment::of($nowMs));
    }
}
