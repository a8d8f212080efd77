<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Models\Pour;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\HowItWent;
use OpenGlaze\Core\Run\WaitCover;

/**
 * A pour as a page counts it down: moments in milliseconds since 1970, by the server's clock, and
 * what that clock says now, so that the page can correct its own.
 *
 * Before the last of it is on the piece its acts have no moments yet: only how long after that they would come.
 */
final class PourState
{
    /** A time that the room has moved by more than this is shown beside the planned one, min. */
    private const PARTS_MIN = 2.0;

    /**
     * @param  VapoursInRoom  $vapours  that its passes wait for
     * @return array<string, mixed>
     */
    public static function of(Pour $pour, CarbonImmutable $now, VapoursInRoom $vapours): array
    {
        $zero = Moment::ms($pour->poured_at);
        $schedule = $pour->shown();
        $started = Moment::ms($pour->started_at);
        $openMs = (int) round(($schedule->number('open_min') ?? 0.0) * 60_000);
        $at = static fn (?float $min): ?int => $zero === null || $min === null ? null : $zero + (int) round($min * 60_000);

        return [
            'id' => $pour->id,
            'title' => $pour->title,
            'piece_id' => $pour->piece_id,
            'coat_id' => $pour->coat_id,
            'from_cup' => $pour->mixing_id !== null,
            'now' => Moment::ms($now),
            'started_at' => $started,
            'poured_at' => $zero,
            'poured_event' => $pour->poured_event,
            'written_at' => Moment::ms($pour->written_at),
            'off_at' => Moment::ms($pour->off_at),
            'off_event' => $pour->off_event,
            'handle_at' => Moment::ms($pour->handle_at),
            'open_until' => ($zero ?? $started) + $openMs,
            'gels_at' => ($gels = $schedule->number('gels_min')) === null ? null : ($zero ?? $started) + (int) round($gels * 60_000),
            'late' => $zero === null ? null : $schedule->value('late'),
            'closes_at' => $at($schedule->number('closes_min')),
            'closes_min' => $schedule->number('closes_min'),
            'tool' => $pour->tool()->value,
            'other_tools' => array_map(static fn (HeatTool $tool): string => $tool->value, $pour->tool()->others()),
            'seen' => $pour->seen->entries('entries'),
            'staged' => self::staged($pour),
            'phases' => array_map(static fn (Entry $span): array => [
                'phase' => $span->text('phase'),
                'from_min' => $span->number('from_min'),
                'from' => $at($span->number('from_min')),
                'to' => $at($span->number('to_min')),
            ], $schedule->entries('phases')),
            'effects' => array_map(static fn (Entry $one): array => [
                'pace' => $one->text('pace'),
                'from_at' => $at($one->number('from_min')),
                'to_at' => $at($one->number('to_min')),
                'fits' => $one->whole('fits') ?? 0,
            ], $schedule->entries('effects')),
            'warmings' => $schedule->entries('warmings'),
            'later' => array_map(static fn (Entry $one): array => ['what' => $one->text('what'), 'from_at' => $at($one->number('from_min')), 'to_at' => $at($one->number('to_min'))], $schedule->entries('later')),
            'fill' => ['judge_from' => $at($schedule->number('fill.judge_from_min')), 'pass_until' => $at($schedule->number('fill.pass_until_min'))],
            'acts' => self::acts($pour, $now, $vapours),
        ];
    }

    /** @return array{entries: list<Entry>, poured_ml: float, in_cup_ml: float|null}|null of what holds nobody knows how much: what was poured so far, and what the cup still holds */
    private static function staged(Pour $pour): ?array
    {
        if ($pour->stages === null) {
            return null;
        }
        $entries = $pour->stages->entries('entries');
        $poured = (float) array_sum(array_map(static fn (Entry $one): float => $one->number('ml') ?? 0.0, $entries));
        $planned = $pour->stages->number('planned_ml');

        return ['entries' => $entries, 'poured_ml' => $poured, 'in_cup_ml' => $planned === null ? null : max(0.0, $planned - $poured)];
    }

    /** @return list<array<string, mixed>> */
    private static function acts(Pour $pour, CarbonImmutable $now, VapoursInRoom $vapours): array
    {
        $zero = Moment::ms($pour->poured_at);
        $acts = [];
        $under = null;
        foreach (ShownActs::of($pour, $zero === null ? 0.0 : ((int) Moment::ms($now) - $zero) / 60_000, $vapours) as [$act, $plannedMin]) {
            $acts[] = [...self::act($pour, $act, $plannedMin, $now), 'under' => $under];
            $name = $act->text('id') ?? '';
            $under = WaitCover::afterOf($name) !== null ? $name : null;
        }

        return $acts;
    }

    /** @return array<string, mixed> */
    private static function act(Pour $pour, Entry $act, float $plannedMin, CarbonImmutable $now): array
    {
        $id = $act->text('id') ?? '';
        $mark = $pour->marks->at($id);
        $because = $mark->text('because');
        $zero = Moment::ms($pour->poured_at);
        $dueMin = $act->number('due_min') ?? 0.0;
        $untilMin = $act->number('until_min');
        $markedAt = $mark->number('at');
        $doneAt = $because === null && $markedAt !== null ? (int) $markedAt : null;
        $at = static fn (?float $min): ?int => $zero === null || $min === null ? null : $zero + (int) round($min * 60_000);

        return [
            'id' => $id,
            'kind' => $act->text('kind'),
            'title' => $act->text('title'),
            'how' => $act->text('how'),
            'lasts_min' => self::lastsMin($act),
            'left_ml' => $act->number('left_ml'),
            'gloves' => self::kind($act)->gloves($pour->tool())->value,
            'due_min' => $dueMin,
            'due_at' => $at($dueMin),
            // as it was planned, where the room has moved it by more than two minutes
            'planned_at' => abs($dueMin - $plannedMin) > self::PARTS_MIN ? $at($plannedMin) : null,
            'until_at' => $at($untilMin),
            'until_min' => $untilMin,
            'done_at' => $doneAt === null || $zero === null ? null : max($zero, $doneAt),
            'skipped_because' => $because,
            'done_with' => $mark->text('tool'),
            'event' => $mark->text('event'),
            'went' => $zero === null ? HowItWent::Open->value : HowItWent::of(
                self::kind($act),
                $dueMin,
                $untilMin,
                $doneAt === null ? null : ($doneAt - $zero) / 60_000,
                $because !== null,
                ((int) Moment::ms($now) - $zero) / 60_000,
            )->value,
        ];
    }

    public static function kind(Entry $act): ActKind
    {
        return ActKind::tryFrom($act->text('kind') ?? '') ?? ActKind::Look;
    }

    /** How long the hands are at it, min; what was planned before that was worked out is taken for a short one. */
    public static function lastsMin(Entry $act): float
    {
        return $act->number('lasts_min') ?? 0.5;
    }
}
