<?php

declare(strict_types=1);

namespace App\Rehearsing;

use App\Journal\Moment;
use App\Models\JournalEvent;
use App\Models\Mixing;
use App\Models\Pour;
use App\Models\Rehearsal;
use App\Pouring\PourState;
use App\Pouring\ShownActs;
use Illuminate\Database\Eloquent\Collection;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Mishap;
use OpenGlaze\Core\Message\Speaker;
use OpenGlaze\Core\Rehearsal\Accident;
use OpenGlaze\Core\Rehearsal\Answered;
use OpenGlaze\Core\Rehearsal\Debriefing;
use OpenGlaze\Core\Rehearsal\Deed;
use OpenGlaze\Core\Rehearsal\Loss;
use OpenGlaze\Core\Rehearsal\Score;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\WaitCover;

/** Looks back on a rehearsal: what was pressed in it, beside what was due. */
final class Debrief
{
    /** @return array<string, mixed> as its page shows it; moments in ms since 1970 */
    public static function of(Rehearsal $rehearsal, int $nowMs, Speaker $say): array
    {
        $films = WhatGoesWrong::films($rehearsal)->load(['begun', 'poured']);
        $played = array_values($films->map(static fn (Pour $film): array => [$film->title, self::deeds($film, $rehearsal->begun_ms)])->all());
        $deeds = array_merge(...array_column($played, 1));
        $answered = self::answered($rehearsal, $films);
        $endMs = $rehearsal->ended_ms ?? $nowMs;
        $endMin = self::min($endMs, $rehearsal);
        $debriefing = Debriefing::of($deeds, $answered, $endMin);
        $at = static fn (float $min): int => $rehearsal->begun_ms + (int) round($min * 60_000);
        $score = static fn (Score $score): array => ['ml' => $score->ml, 'late_min' => $score->lateMin, 'faults' => $score->faults, 'risk' => $score->risk];

        return [
            'begun_at' => $rehearsal->begun_ms,
            'ended_at' => $endMs,
            'seed' => $rehearsal->seed,
            'mixed' => $rehearsal->is_mixed,
            'pace' => $rehearsal->pace,
            'script' => array_map(static fn (Accident $one): string => $one->value, $rehearsal->accidents()),
            'yours' => $score($debriefing->yours),
            'theirs' => $score($debriefing->theirs),
            'losses' => array_map(static fn (Loss $loss): array => ['at' => $at($loss->atMin), 'what' => $say->say($loss->what), 'saved' => $say->say($loss->saved)], $debriefing->losses),
            'accidents' => array_map(static fn (Answered $one): array => ['title' => $say->say($one->accident->title()), 'at' => $at($one->atMin), 'lost' => $one->isLost($endMin)], $answered),
            'films' => array_map(static fn (array $film): array => [
                'title' => $film[0],
                'acts' => array_map(static fn (Deed $deed): array => [
                    'title' => $deed->title, 'kind' => $deed->kind->value, 'due_at' => $at($deed->dueMin), 'done_at' => $deed->doneMin === null ? null : $at($deed->doneMin),
                    'lost' => $deed->isLost($endMin), 'skipped' => $deed->isSkipped,
                ], $film[1]),
            ], $played),
        ];
    }

    private static function min(int $ms, Rehearsal $rehearsal): float
    {
        return ($ms - $rehearsal->begun_ms) / 60_000;
    }

    /** @return list<Deed> of one film, its pouring first */
    private static function deeds(Pour $film, int $zeroMs): array
    {
        $min = static fn (?int $ms): ?float => $ms === null ? null : ($ms - $zeroMs) / 60_000;
        $started = $min(Moment::ms($film->started_at)) ?? 0.0;
        $poured = $min(Moment::ms($film->poured_at));
        $gels = $film->shown()->number('gels_min');
        $title = $film->result()->pour();
        $deeds = [new Deed($film->title, ActKind::Pour, $title, $poured ?? $started, $gels === null || $poured !== null ? null : $started + $gels, $poured, $film->off_at !== null && $poured === null)];
        if ($poured === null) {
            return $deeds;
        }
        foreach (ShownActs::timed($film) as [$act]) {
            // a cover for a wait is never late
            if (WaitCover::afterOf($act->text('id') ?? '') !== null) {
                continue;
            }
            $mark = $film->marks->at($act->text('id') ?? '');
            $isSkipped = $mark->text('because') !== null;
            $done = $mark->number('at');
            $until = $act->number('until_min');
            $kind = PourState::kind($act);
            $tool = HeatTool::tryFrom($mark->text('tool') ?? '') ?? $film->tool();
            $deeds[] = new Deed(
                $film->title, $kind, $act->text('title') ?? '', $poured + ($act->number('due_min') ?? 0.0), $until === null ? null : $poured + $until,
                $isSkipped || $done === null ? null : $min((int) $done), $isSkipped, $kind === ActKind::Pass && $tool === HeatTool::Flame,
            );
        }

        return $deeds;
    }

    /**
     * @param  Collection<int, Pour>  $films
     * @return list<Answered> those that came, in the order in which they did
     */
    private static function answered(Rehearsal $rehearsal, Collection $films): array
    {
        $all = [];
        foreach ($rehearsal->accidents() as $accident) {
            $came = $rehearsal->told->at($accident->value);
            $atMs = $came->number('at');
            if ($atMs === null) {
                continue;
            }
            $answered = self::answeredMs($accident, $came, $rehearsal, $films);
            $untilMs = $came->number('until');
            $all[] = new Answered(
                $accident, self::min((int) $atMs, $rehearsal), $untilMs === null ? INF : self::min((int) $untilMs, $rehearsal), $answered === null ? null : self::min($answered, $rehearsal),
                $came->text('title') ?? '', $came->number('ml') ?? 0.0,
            );
        }
        usort($all, static fn (Answered $a, Answered $b): int => $a->atMin <=> $b->atMin);

        return $all;
    }

    /** @param  Collection<int, Pour>  $films */
    private static function answeredMs(Accident $accident, Entry $came, Rehearsal $rehearsal, Collection $films): ?int
    {
        $at = (int) $came->number('at');
        $thing = $came->text('thing') ?? '';

        return match ($accident) {
            // it asks for nothing but to go by the clocks as they move
            Accident::ColdNight => $at,
            Accident::Visitor => $came->value('went') === true ? null : $at,
            Accident::DeadScale => Moment::ms(Mixing::query()->where('mixed_at', '>=', Moment::of($rehearsal->begun_ms))->oldest('mixed_at')->first()?->mixed_at),
            Accident::SmokingCup => Moment::ms(Mixing::query()->find($thing)?->discarded_at),
            Accident::ShortCup => self::saidMs($thing, Mishap::Short),
            Accident::Hair => self::pickedMs($films->firstWhere('id', $thing)),
        };
    }

    /** When it was said of a film, ms since 1970; null where nobody did. */
    private static function saidMs(string $film, Mishap $mishap): ?int
    {
        $event = JournalEvent::query()->where('subject', $film)->where('kind', EventKind::Happened)->where('facts->what', $mishap->value)->orderBy('pressed_ms')->first();

        return $event?->inCore()->atMs;
    }

    private static function pickedMs(?Pour $film): ?int
    {
        foreach ($film?->schedule->entries('acts') ?? [] as $act) {
            $mark = $film?->marks->at($act->text('id') ?? '');
            if (PourState::kind($act) === ActKind::Pick && $mark?->text('because') === null && $mark?->number('at') !== null) {
                return (int) $mark->number('at');
            }
        }

        return null;
    }
}
