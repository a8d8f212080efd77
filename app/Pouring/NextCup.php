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
    public function __construct(
        private StillToMix $toMix,
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

    /** What is ticked when all that is left to mix is left for another evening. */
    public const LEAVE_ALL = 'not-tonight';

    /** What is ticked when one batch is. */
    public static function leave(string $batch): string
    {
        return self::LEAVE_ALL."-$batch";
    }

    private static function isLeft(BatchEntry $batch, TickedChecks $ticked): bool
    {
        return $ticked->has(self::LEAVE_ALL) || $ticked->has(self::leave($batch->id()));
    }

    public function of(Plan $plan, CarbonImmutable $now, TickedChecks $ticked): ?BatchResult
    {
        $kept = $this->evenings->kept($plan);
        $poured = StillToPour::read();
        foreach ($this->toMix->of($plan) as $batch) {
            if (self::isLeft($batch, $ticked)) {
                continue;
            }
            try {
                $result = $this->planner->compute($plan, $kept, $batch->id())->batch($batch->id());
            } catch (FieldException) {
                // what cannot be computed is seen to on its own page
                continue;
            }
            if ($result !== null && self::isWanted($result, $poured) && self::canBePouredOn($result, $now)) {
                return $result;
            }
        }

        return null;
    }

    /** @return list<array{title: string, to: string}> cups that are left for another evening, and where they are mixed all the same */
    public function left(Plan $plan, TickedChecks $ticked): array
    {
        $left = array_values(array_filter($this->toMix->of($plan), static fn (BatchEntry $batch): bool => self::isLeft($batch, $ticked)));

        return array_map(static fn (BatchEntry $batch): array => [
            'title' => CoatKeys::find($batch->coats())->map(static fn (Coat $coat): string => $coat->piece->spec->text('name') ?? $coat->piece->key)->implode(', '),
            'to' => "/plans/$plan->id/batches/{$batch->id()}",
        ], $left);
    }

    /** How long the hands are at it until the first of it is poured, min. */
    public static function lastsMin(BatchResult $batch): float
    {
        return Hands::readyMin($batch->resin) + $batch->colouringMin();
    }

    private static function isWanted(BatchResult $batch, StillToPour $poured): bool
    {
        foreach ($batch->turns as $turn) {
            $coat = self::coatOf($turn);
            if ($coat !== null && $poured->of($coat, count($turn->coat->lifts), $turn->coat->case->piece->quantity) > 0) {
                return true;
            }
        }

        return false;
    }

    /** Whether no other coat on its pieces is still too soft, or to be poured before it. */
    private static function canBePouredOn(BatchResult $batch, CarbonImmutable $now): bool
    {
        $coats = array_values(array_filter(array_map(self::coatOf(...), $batch->turns)));
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

    private static function coatOf(Turn $turn): ?Coat
    {
        return CoatKeys::find([$turn->coat->case->coat->id])->first();
    }
}
