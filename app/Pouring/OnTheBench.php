<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Mixing\CupReader;
use App\Models\Mixing;
use App\Models\Pour;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;

/** What is mixed, half weighed, wet or waiting: it stays in sight until it can be handled, whatever was written down of it. */
final class OnTheBench
{
    /** @return list<array<string, mixed>> as pages count them down, the last that began first */
    public static function films(CarbonImmutable $now): array
    {
        $pours = self::pours($now);
        $vapours = VapoursInRoom::of($pours, $now);

        return array_map(static fn (Pour $pour): array => PourState::of($pour, $now, $vapours), $pours);
    }

    /** @return list<Pour> the last that began first */
    public static function pours(CarbonImmutable $now): array
    {
        $pours = Pour::query()->onTheBench($now)->latest('started_at')->latest('rowid')->get();
        $later = self::later($pours);

        return array_values($pours->reject(fn (Pour $pour): bool => self::isCoatedOver($pour, $later))->all());
    }

    /**
     * Cups that something is in and nothing was poured from.
     *
     * @return list<array{ready: bool, id: string, title: string, now: int|null, begun_at: int|null, mixed_at: int|null, mixed_event: string|null, pot_life_min: float|null, total_ml: float|null}>
     */
    public static function cups(CarbonImmutable $now, CupReader $reader): array
    {
        $cups = Mixing::query()->where('in_use', true)->whereDoesntHave('pours')->with('begun')->latest('begun_at')->get();

        return array_values($cups->map(static fn (Mixing $mixing): array => [
            // nothing is left to be weighed into it or out of it
            'ready' => $mixing->mixed_at !== null && self::isWeighed($mixing, $reader),
            'id' => $mixing->id,
            'title' => $mixing->title,
            'now' => Moment::ms($now),
            'begun_at' => Moment::ms($mixing->begun_at),
            'mixed_at' => Moment::ms($mixing->mixed_at),
            'mixed_event' => $mixing->mixed_event,
            'pot_life_min' => $mixing->result()->potLifeMin(),
            'total_ml' => $mixing->result()->totalMl(),
        ])->all());
    }

    private static function isWeighed(Mixing $mixing, CupReader $reader): bool
    {
        try {
            return $reader->weighing($reader->batch($mixing), $mixing->weighed)->next() === null;
        } catch (FieldException) {
            // what cannot be computed any more is seen to on its own page
            return false;
        }
    }

    /**
     * @param  Collection<int, Pour>  $pours
     * @return Collection<int, Pour> what was poured on the same pieces
     */
    private static function later(Collection $pours): Collection
    {
        $pieces = $pours->pluck('piece_id')->filter()->unique()->values();

        return Pour::query()->whereIn('piece_id', $pieces)->whereNotNull('poured_at')->where('poured_at', '>', $pours->min('started_at') ?? '9999')
            ->get(['id', 'piece_id', 'coat_id', 'lift', 'poured_at']);
    }

    /**
     * Another coat, or another lift of the same, lies on it.
     *
     * @param  Collection<int, Pour>  $later
     */
    private static function isCoatedOver(Pour $pour, Collection $later): bool
    {
        return $pour->poured_at !== null && $later->contains(fn (Pour $other): bool => $other->piece_id !== null
            && $other->piece_id === $pour->piece_id
            && $other->poured_at > $pour->poured_at
            && ($other->coat_id !== $pour->coat_id || ($pour->lift !== null && $other->lift !== $pour->lift)));
    }
}
