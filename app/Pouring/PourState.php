<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Models\Pour;
use App\Models\PourAct;
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
                ? self::ms($pour->started_at) + (int) round(self::float($answer, 'coat', 'film', 'open_min') * 60_000)
                : $at(self::float($answer, 'coat', 'film', 'open_min')),
            'closes_at' => $at(self::float($answer, 'coat', 'torch', 'closes_min')),
            'handle_at' => $at(self::minutes($answer, 'handle_h')),
            'tool' => self::tool($pour),
            'phases' => $zero === null ? [] : array_map(static fn (stdClass $span): array => [
                'phase' => $span->phase,
                'from' => $at((float) $span->from_min),
                'to' => $span->to_min === null ? null : $at((float) $span->to_min),
            ], self::spans($answer)),
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

    /** What was computed for the pour: with the mix's age once it is on the piece. */
    public static function answer(Pour $pour): stdClass
    {
        $answer = $pour->times->answer ?? null;

        return $answer instanceof stdClass ? $answer : $pour->result;
    }

    public static function tool(Pour $pour): string
    {
        $tool = self::answer($pour)->coat->torch->tool ?? null;

        return is_string($tool) ? $tool : 'none';
    }

    private static function minutes(stdClass $answer, string $field): ?float
    {
        $hours = $answer->coat->windows->{$field} ?? null;

        return is_numeric($hours) ? (float) $hours * 60 : null;
    }

    private static function float(stdClass $answer, string ...$path): float
    {
        $value = $answer;
        foreach ($path as $step) {
            $value = $value instanceof stdClass ? $value->{$step} ?? null : null;
        }

        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** @return list<stdClass> */
    private static function spans(stdClass $answer): array
    {
        $spans = $answer->phases ?? [];

        return array_values(array_filter(is_array($spans) ? $spans : [], static fn (mixed $span): bool => $span instanceof stdClass));
    }

    private static function ms(CarbonImmutable $moment): int
    {
        return (int) $moment->valueOf();
    }
}
