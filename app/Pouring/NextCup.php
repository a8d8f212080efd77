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
     * @param  bool  $isPoured  all that is on the bench is on its piece
     * @param  callable(float): int  $beginAt  the first moment for what takes so many min, ms since 1970
     * @return array<string, mixed>|null null where none is left, or another is to be poured first
     */
    public function state(array $cups, bool $isPoured, CarbonImmutable $now, TickedChecks $ticked, callable $beginAt): ?array
    {
        foreach ($cups as $cup) {
            if ($cup['mixed_at'] === null) {
                return ['to' => "/mixings/{$cup['id']}", 'title' => $cup['title'], 'pieces' => [], 'begun' => true, 'leave' => null, 'total_ml' => $cup['total_ml'], 'lasts_min' => Hands::GO_ON_MIN, 'begin_at' => $beginAt(Hands::GO_ON_MIN)];
            }
        }
        $plan = Plan::own();
        $next = $cups === [] && $isPoured ? $this->of($plan, $now, $ticked) : null;
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
        $coats = self::coatsOf($kept);
        $soft = self::soft($coats, $now);
        $poured = StillToPour::read();
        foreach (StillToMix::among($kept, $plan) as $batch) {
            $own = array_intersect_key($coats, array_flip($batch->coats()));
            if (self::isLeft($batch, $ticked) || ! self::canBePoured($own, $soft)) {
                continue;
            }
            try {
                $result = $this->planner->compute($plan, $kept, $batch->id())->batch($batch->id());
            } catch (FieldException) {
                // what cannot be computed is seen to on its own page
                continue;
            }
            if ($result !== null && self::isWanted($result, $own, $poured)) {
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
        $names = array_map(static fn (Coat $coat): string => $coat->piece->spec->text('name') ?? $coat->piece->key, self::coatsOf($left));

        return array_map(static fn (BatchEntry $batch): array => [
            'title' => implode(', ', array_intersect_key($names, array_flip($batch->coats()))),
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

    /**
     * @param  list<BatchEntry>  $batches
     * @return array<string, Coat> by their keys
     */
    private static function coatsOf(array $batches): array
    {
        $coats = [];
        foreach (CoatKeys::find(BatchEntry::coatsOfAll($batches)) as $coat) {
            $coats[CoatKeys::of($coat)] = $coat;
        }

        return $coats;
    }

    /**
     * The uppermost coat of each piece that nothing else can be laid on: it is too soft. While anything is still to be poured no cup is offered.
     *
     * @param  array<Coat>  $coats
     * @return array<int, int> coat by piece
     */
    private static function soft(array $coats, CarbonImmutable $now): array
    {
        $pieces = array_values(array_unique(array_map(static fn (Coat $coat): int => $coat->piece_id, $coats)));
        $soft = [];
        foreach (FilmsNow::ofPieces($pieces, $now) as $piece => $films) {
            $phases = $films->byCoat();
            if (Phase::tryFrom((string) end($phases))?->isTooSoft() === true) {
                $soft[$piece] = (int) key($phases);
            }
        }

        return $soft;
    }

    /**
     * Whether nothing below them is too soft but themselves, poured from another cup.
     *
     * @param  array<Coat>  $coats
     * @param  array<int, int>  $soft  coat by piece
     */
    private static function canBePoured(array $coats, array $soft): bool
    {
        $own = array_map(static fn (Coat $coat): int => $coat->id, $coats);
        foreach ($coats as $coat) {
            if (isset($soft[$coat->piece_id]) && ! in_array($soft[$coat->piece_id], $own, true)) {
                return false;
            }
        }

        return true;
    }

    /** @param  array<string, Coat>  $coats  its own, by their keys */
    private static function isWanted(BatchResult $batch, array $coats, StillToPour $poured): bool
    {
        foreach ($batch->turns as $turn) {
            $coat = $coats[$turn->coat->case->coat->id] ?? null;
            if ($coat !== null && $poured->of($coat, count($turn->coat->lifts), $turn->coat->case->piece->quantity) > 0) {
                return true;
            }
        }

        return false;
    }
}
