<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Mixing\EveningDesk;
use App\Mixing\EveningPlanner;
use App\Mixing\StillToMix;
use App\Mixing\StillToPour;
use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Plan;
use App\Models\Pour;
use App\Planning\CoatKeys;
use App\Planning\FilmsNow;
use App\Typed\FieldException;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Hands;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Document\BatchEntry;

/** The cup that is mixed next, once an evening is under way: of those that were planned for it, the first whose pieces can be poured on. */
final readonly class NextCup
{
    /** What is ticked when all that is left to mix is left for another evening. */
    private const LEAVE_ALL = 'not-tonight';

    /** So long hands are at what is left of a cup that is half weighed, or being stirred. Source: the studio's practice; an estimate. */
    private const GO_ON_MIN = 4.0;

    public function __construct(
        private EveningDesk $evenings,
        private EveningPlanner $planner,
    ) {
    }

    /** Whether something was mixed or poured for this evening and is not off the bench. */
    public static function isUnderWay(CarbonImmutable $now): bool
    {
        $since = TickedChecks::since($now);

        return Mixing::query()->where('in_use', true)->where('begun_at', '>=', $since)->exists() || Pour::query()->whereNull('off_at')->where('started_at', '>=', $since)->exists();
    }

    /**
     * The cup that is mixed next, or on with, and when the hands can turn to it.
     *
     * @param  list<array{id: string, title: string, mixed_at: int|null, total_ml: float|null}>  $cups  that something is in
     * @param  callable(float): int  $beginAt  the first moment for what takes so many min, ms since 1970
     * @return array<string, mixed>|null null where none is left, or one stands mixed
     */
    public function state(array $cups, CarbonImmutable $now, TickedChecks $ticked, callable $beginAt): ?array
    {
        foreach ($cups as $cup) {
            if ($cup['mixed_at'] === null) {
                return ['to' => "/mixings/{$cup['id']}", 'title' => $cup['title'], 'pieces' => [], 'begun' => true, 'leave' => null, 'total_ml' => $cup['total_ml'], 'lasts_min' => self::GO_ON_MIN, 'begin_at' => $beginAt(self::GO_ON_MIN)];
            }
        }
        $plan = Plan::own();
        $next = $cups === [] ? $this->of($plan, $now, $ticked) : null;
        if ($next === null) {
            return null;
        }
        $lastsMin = Hands::readyMin($next->resin) + $next->colouringMin();

        return [
            'to' => "/plans/{$plan->id}/batches/{$next->batch->id}",
            'title' => $next->resin->name,
            'pieces' => array_map(static fn (Turn $turn): string => $turn->coat->case->piece->name, $next->turns),
            'begun' => false,
            'leave' => ['evening' => $ticked->evening, 'this' => self::leave($next->batch->id), 'all' => self::LEAVE_ALL],
            'total_ml' => $next->mixed->portions->totalMl(),
            'lasts_min' => $lastsMin,
            'begin_at' => $beginAt($lastsMin),
        ];
    }

    private function of(Plan $plan, CarbonImmutable $now, TickedChecks $ticked): ?BatchResult
    {
        $kept = $this->evenings->kept($plan);
        $poured = StillToPour::read();
        foreach (StillToMix::among($kept, $plan) as $batch) {
            if (self::isLeft($batch, $ticked)) {
                continue;
            }
            try {
                $result = $this->planner->compute($plan, $kept, $batch->id())->batch($batch->id());
            } catch (FieldException) {
                // what cannot be computed is seen to on its own page
                continue;
            }
            if ($result !== null && self::isNext($result, $poured, $now)) {
                return $result;
            }
        }

        return null;
    }

    /** @return list<array{title: string, to: string}> cups that are left for another evening, and where they are mixed all the same */
    public function left(Plan $plan, TickedChecks $ticked): array
    {
        if (! $ticked->hasAny(self::LEAVE_ALL)) {
            return [];
        }
        $left = array_values(array_filter(StillToMix::among($this->evenings->kept($plan), $plan), static fn (BatchEntry $batch): bool => self::isLeft($batch, $ticked)));

        return array_map(static fn (BatchEntry $batch): array => [
            'title' => CoatKeys::find($batch->coats())->map(static fn (Coat $coat): string => $coat->piece->spec->text('name') ?? $coat->piece->key)->implode(', '),
            'to' => "/plans/$plan->id/batches/{$batch->id()}",
        ], $left);
    }

    /** What is ticked when one batch is left for another evening. */
    private static function leave(string $batch): string
    {
        return self::LEAVE_ALL."-$batch";
    }

    private static function isLeft(BatchEntry $batch, TickedChecks $ticked): bool
    {
        return $ticked->has(self::LEAVE_ALL) || $ticked->has(self::leave($batch->id()));
    }

    /** Whether something is still to be poured from it, on nothing that is too soft. */
    private static function isNext(BatchResult $batch, StillToPour $poured, CarbonImmutable $now): bool
    {
        $coats = [];
        foreach (CoatKeys::find(array_map(self::keyOf(...), $batch->turns)) as $coat) {
            $coats[CoatKeys::of($coat)] = $coat;
        }
        $isWanted = array_filter($batch->turns, static fn (Turn $turn): bool => isset($coats[self::keyOf($turn)])
            && $poured->of($coats[self::keyOf($turn)], count($turn->coat->lifts), $turn->coat->case->piece->quantity) > 0) !== [];

        return $isWanted && self::canBePouredOn(array_values($coats), $now);
    }

    private static function keyOf(Turn $turn): string
    {
        return $turn->coat->case->coat->id;
    }

    /**
     * Whether no other coat on their pieces is still too soft, or to be poured before them.
     *
     * @param  list<Coat>  $coats
     */
    private static function canBePouredOn(array $coats, CarbonImmutable $now): bool
    {
        $own = array_map(static fn (Coat $coat): int => $coat->id, $coats);
        $pieces = array_map(static fn (Coat $coat): int => $coat->piece_id, $coats);
        foreach (FilmsNow::ofPieces($pieces, $now) as $films) {
            $others = array_diff_key($films->byCoat(), array_flip($own));
            if (in_array(end($others), [Phase::Wet->value, Phase::Tacky->value], true)) {
                return false;
            }
        }

        return Pour::query()->whereIn('piece_id', $pieces)->whereNotIn('coat_id', $own)->whereNull('poured_at')->whereNull('off_at')->doesntExist();
    }
}
