<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use App\Models\PourAct;
use App\PlanFile\Dig;
use Carbon\CarbonImmutable;
use stdClass;

/**
 * A pour as a page counts it down: moments in milliseconds since 1970, by the server's clock, and
 * what that clock says now, so that the page can correct its own.
 */
final class PourState
{
    /** @return array<string, mixed> */
    public static function of(Pour $pour): array
    {
        $zero = $pour->poured_at;
        $answer = self::answer($pour);
        $at = static fn (?float $min): ?int => $zero === null || $min === null ? null : self::ms($zero) + (int) round($min * 60_000);

        return [
            'id' => $pour->id,
            'title' => $pour->title,
            'piece_id' => $pour->piece_id,
            'coat_id' => $pour->coat_id,
            'now' => self::ms(CarbonImmutable::now()),
            'started_at' => self::ms($pour->started_at),
            'poured_at' => $zero === null ? null : self::ms($zero),
            'finished_at' => $pour->finished_at === null ? null : self::ms($pour->finished_at),
            'open_until' => $zero === null
                ? self::ms($pour->started_at) + (int) round((Dig::float($answer, 'coat.film.open_min') ?? 0.0) * 60_000)
                : $at((Dig::float($answer, 'coat.film.open_min') ?? 0.0)),
            'closes_at' => $at(Dig::float($answer, 'coat.torch.closes_min')),
            'tool' => self::tool($pour),
            'phases' => $zero === null ? [] : array_map(static fn (stdClass $span): array => [
                'phase' => Dig::text($span, 'phase'),
                'from' => $at(Dig::float($span, 'from_min')),
                'to' => $at(Dig::float($span, 'to_min')),
            ], Dig::objects($answer, 'phases')),
            'acts' => $pour->acts->map(static fn (PourAct $act): array => [
                'id' => $act->id,
                'kind' => $act->kind,
                'title' => $act->title,
                'how' => $act->how,
                'due_at' => $at($act->due_min),
                'done_at' => $act->done_at === null ? null : self::ms($act->done_at),
            ])->values()->all(),
        ];
    }

    /** The phase that its film is in by the server's clock; null before it is poured. */
    public static function phaseNow(Pour $pour): ?string
    {
        if ($pour->poured_at === null) {
            return null;
        }
        $min = $pour->poured_at->diffInSeconds(CarbonImmutable::now()) / 60;
        $phase = null;
        foreach (Dig::objects(self::answer($pour), 'phases') as $span) {
            if ((Dig::float($span, 'from_min') ?? INF) <= $min) {
                $phase = Dig::text($span, 'phase');
            }
        }

        return $phase;
    }

    /** What was computed for the pour: with the mix's age once it is on the piece. */
    public static function answer(Pour $pour): stdClass
    {
        return $pour->times === null ? $pour->result : Dig::object($pour->times, 'answer');
    }

    public static function tool(Pour $pour): string
    {
        return Dig::text(self::answer($pour), 'coat.torch.tool') ?? 'none';
    }

    private static function ms(CarbonImmutable $moment): int
    {
        return (int) $moment->valueOf();
    }
}
