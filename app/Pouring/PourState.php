<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Models\Pour;
use App\PlanFile\Dig;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\HowItWent;
use stdClass;

/**
 * A pour as a page counts it down: moments in milliseconds since 1970, by the server's clock, and
 * what that clock says now, so that the page can correct its own.
 *
 * Before the last of it is on the piece its acts have no moments yet: only how long after that they would come.
 */
final class PourState
{
    /** @return array<string, mixed> */
    public static function of(Pour $pour, CarbonImmutable $now): array
    {
        $zero = Moment::ms($pour->poured_at);
        $schedule = $pour->schedule;
        $started = Moment::ms($pour->started_at);
        $openMs = (int) round((Dig::float($schedule, 'open_min') ?? 0.0) * 60_000);
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
            'gels_at' => ($gels = Dig::float($schedule, 'gels_min')) === null ? null : ($zero ?? $started) + (int) round($gels * 60_000),
            'late' => $zero === null ? null : Dig::value($schedule, 'late'),
            'closes_at' => $at(Dig::float($schedule, 'closes_min')),
            'closes_min' => Dig::float($schedule, 'closes_min'),
            'tool' => self::tool($pour),
            'seen' => Dig::objects($pour->seen, 'entries'),
            'phases' => array_map(static fn (stdClass $span): array => [
                'phase' => Dig::text($span, 'phase'),
                'from_min' => Dig::float($span, 'from_min'),
                'from' => $at(Dig::float($span, 'from_min')),
                'to' => $at(Dig::float($span, 'to_min')),
            ], Dig::objects($schedule, 'phases')),
            'acts' => array_map(static fn (stdClass $act): array => self::act($pour, $act, $now), Dig::objects($schedule, 'acts')),
        ];
    }

    /** @return array<string, mixed> */
    private static function act(Pour $pour, stdClass $act, CarbonImmutable $now): array
    {
        $id = Dig::text($act, 'id') ?? '';
        $mark = Dig::object($pour->marks, $id);
        $because = Dig::text($mark, 'because');
        $zero = Moment::ms($pour->poured_at);
        $dueMin = Dig::float($act, 'due_min') ?? 0.0;
        $untilMin = Dig::float($act, 'until_min');
        $markedAt = Dig::float($mark, 'at');
        $doneAt = $because === null && $markedAt !== null ? (int) $markedAt : null;
        $at = static fn (?float $min): ?int => $zero === null || $min === null ? null : $zero + (int) round($min * 60_000);

        return [
            'id' => $id,
            'kind' => Dig::text($act, 'kind'),
            'title' => Dig::text($act, 'title'),
            'how' => Dig::text($act, 'how'),
            'due_min' => $dueMin,
            'due_at' => $at($dueMin),
            'until_at' => $at($untilMin),
            'until_min' => $untilMin,
            'done_at' => $doneAt === null || $zero === null ? null : max($zero, $doneAt),
            'skipped_because' => $because,
            'event' => Dig::text($mark, 'event'),
            'went' => $zero === null ? HowItWent::Open->value : HowItWent::of(
                ActKind::tryFrom(Dig::text($act, 'kind') ?? '') ?? ActKind::Look,
                $dueMin,
                $untilMin,
                $doneAt === null ? null : ($doneAt - $zero) / 60_000,
                $because !== null,
                ((int) Moment::ms($now) - $zero) / 60_000,
            )->value,
        ];
    }

    public static function tool(Pour $pour): string
    {
        return Dig::text($pour->schedule, 'tool') ?? 'none';
    }
}
