<?php

declare(strict_types=1);

namespace App\Database;

use App\PlanFile\Json;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\SubjectKind;
use Ramsey\Uuid\Uuid;
use stdClass;

/**
 * Writes down as events what a studio knew of its bench before there was a journal, with the times that were kept.
 *
 * Used by one migration, and reads the rows as they were then: nothing here follows later changes.
 */
final class KeptBench
{
    private int $sequence = 0;

    private readonly int $nowMs;

    private function __construct(private readonly string $studio)
    {
        $this->nowMs = (int) CarbonImmutable::now()->valueOf();
    }

    public static function writeDown(string $studio): void
    {
        $kept = new self($studio);
        $cups = [];
        DB::table('mixings')->orderBy('id')->each(function (stdClass $mixing) use ($kept, &$cups): void {
            $cups[self::key($mixing->id)] = $kept->cup($mixing);
        });
        DB::table('pours')->orderBy('started_at')->orderBy('id')->each(fn (stdClass $pour) => $kept->film($pour, $cups[self::key($pour->mixing_id)] ?? null));
        DB::table('lots')->orderBy('id')->each(fn (stdClass $lot) => $kept->lot($lot));
    }

    private function cup(stdClass $mixing): string
    {
        $cup = $this->name('mixing', $mixing->id);
        $begunMs = self::ms($mixing->created_at) ?? $this->nowMs;
        $weighed = self::object($mixing->weighed);
        $this->write(SubjectKind::Cup, $cup, EventKind::MixingBegun, $begunMs, [
            'plan_id' => $mixing->plan_id, 'batch' => $mixing->batch_key, 'title' => $mixing->title,
            'plan' => self::object($mixing->plan), 'result' => self::object($mixing->result),
        ]);
        if ($weighed->value('first') !== null) {
            $this->write(SubjectKind::Cup, $cup, EventKind::PartsTurned, $begunMs, ['first' => $weighed->value('first')]);
        }
        foreach ($weighed->at('got')->fields() as $step => $grams) {
            $this->write(SubjectKind::Cup, $cup, EventKind::Weighed, $begunMs, ['step' => (string) $step, 'grams' => $grams]);
        }
        foreach (['stirred_from' => EventKind::StirringBegun, 'mixed_at' => EventKind::Mixed] as $column => $kind) {
            $atMs = self::ms($mixing->{$column});
            if ($atMs !== null) {
                $this->write(SubjectKind::Cup, $cup, $kind, $atMs, []);
            }
        }

        return $cup;
    }

    private function film(stdClass $pour, ?string $cup): void
    {
        $film = $this->name('pour', $pour->id);
        $result = self::object($pour->result);
        $startedMs = self::ms($pour->started_at) ?? $this->nowMs;
        $amounts = static fn (string $how): array => array_filter([
            'a' => $pour->used_a_ml === null ? null : ['ml' => $pour->used_a_ml, 'how' => $how],
            'b' => $pour->used_b_ml === null ? null : ['ml' => $pour->used_b_ml, 'how' => $how],
        ]);
        $this->write(SubjectKind::Film, $film, EventKind::PourBegun, $startedMs, [
            'piece_id' => $pour->piece_id, 'coat_id' => $pour->coat_id, 'cup' => $cup, 'title' => $pour->title,
            'lift' => $result->value('lift'), 'count' => $result->value('count'), 'share' => $result->value('share'),
            'reason' => $pour->override_reason, 'started_ms' => $startedMs,
            'plan' => self::object($pour->plan), 'result' => $result, ...($cup === null ? [] : $amounts('weighed')),
        ]);
        $pouredMs = self::ms($pour->poured_at);
        $times = self::object($pour->times);
        $answer = $times->at('answer');
        if ($pouredMs !== null) {
            $acts = DB::table('pour_acts')->where('pour_id', $pour->id)->orderBy('position')->get();
            $answer = $answer->with('acts', $acts->map(fn (stdClass $act): array => [
                'id' => $act->key, 'kind' => $act->kind, 'title' => $act->title, 'how' => $act->how, 'due_min' => $act->due_min,
                'until_min' => self::untilMin($answer, is_string($act->kind) ? $act->kind : '', $times->number('age_min') ?? 0.0),
            ])->all());
            $this->write(SubjectKind::Film, $film, EventKind::Poured, $pouredMs, ['age_min' => $times->value('age_min') ?? 0, 'answer' => $answer]);
            foreach ($acts->whereNotNull('done_at')->sortBy('done_at') as $act) {
                $this->write(SubjectKind::Film, $film, EventKind::ActDone, self::ms($act->done_at) ?? $pouredMs, ['act' => $act->key]);
            }
        }
        $writtenMs = self::ms($pour->finished_at);
        if ($writtenMs === null) {
            return;
        }
        if ($pouredMs !== null) {
            $this->write(SubjectKind::Film, $film, EventKind::Took, $writtenMs, [
                ...$amounts($cup === null ? self::known($pour, $result) : 'weighed'), 'note' => $pour->note, 'photo' => $pour->photo,
            ]);
        }
        $handleMin = 60 * ($answer->number('coat.windows.handle_h') ?? 0.0);
        if ($handleMin === 0.0 || ($pouredMs ?? $writtenMs) + $handleMin * 60_000 < $this->nowMs) {
            $this->write(SubjectKind::Film, $film, EventKind::TakenOff, max($writtenMs, ($pouredMs ?? 0) + (int) ($handleMin * 60_000)), []);
        }
    }

    private function lot(stdClass $lot): void
    {
        $subject = $this->name('lot', $lot->id);
        DB::table('lots')->where('id', $lot->id)->update(['subject' => $subject]);
        if ($lot->opened_on !== null) {
            $this->write(SubjectKind::Lot, $subject, EventKind::Opened, $this->nowMs, ['on' => substr(self::key($lot->opened_on), 0, 10)]);
        }
        if ($lot->left_a_ml !== null || $lot->left_b_ml !== null) {
            $this->write(SubjectKind::Lot, $subject, EventKind::Counted, $this->nowMs, ['a_ml' => $lot->left_a_ml, 'b_ml' => $lot->left_b_ml]);
        }
        if ($lot->deleted_at !== null) {
            $this->write(SubjectKind::Lot, $subject, EventKind::ThrownAway, self::ms($lot->deleted_at) ?? $this->nowMs, []);
        }
    }

    /** @param  array<string, mixed>  $facts */
    private function write(SubjectKind $of, string $subject, EventKind $kind, int $atMs, array $facts): void
    {
        $this->sequence++;
        DB::table('events')->insert([
            'id' => $this->name('event', $this->sequence),
            'subject_kind' => $of->value, 'subject' => $subject, 'kind' => $kind->value,
            'device' => $this->name('device', 'kept'), 'sequence' => $this->sequence,
            'pressed_ms' => $atMs, 'offset_ms' => 0, 'heard_ms' => $this->nowMs, 'kept' => true,
            'facts' => Json::line(Entry::from(array_filter($facts, static fn (mixed $fact): bool => $fact !== null))),
        ]);
    }

    /** What was the plan's own figure was never measured; what was typed otherwise was read off something. */
    private static function known(stdClass $pour, Entry $result): string
    {
        $planned = $result->number('coat.mix.total_ml') ?? 0.0;
        $used = self::number($pour->used_a_ml) + self::number($pour->used_b_ml);

        return abs($used - $planned) <= 0.001 * $planned ? 'planned' : 'read';
    }

    private static function untilMin(Entry $answer, string $kind, float $ageMin): ?float
    {
        return match ($kind) {
            'wipe' => self::flowsUntil($answer, $ageMin),
            'cover' => self::times(60, $answer->number('coat.windows.handle_h')),
            default => $answer->number('coat.torch.closes_min'),
        };
    }

    /** It flows until four open times of age, as the core has it; answers of that time did not say so. */
    private static function flowsUntil(Entry $answer, float $ageMin): ?float
    {
        $openMin = $answer->number('coat.film.open_min');

        return $openMin === null ? null : 4 * $openMin + 3 * $ageMin / ($answer->number('coat.film.rate') ?? 1.0);
    }

    private static function times(int $factor, ?float $value): ?float
    {
        return $value === null ? null : $factor * $value;
    }

    private function name(string $what, mixed $id): string
    {
        return Uuid::uuid5($this->studio, $what.':'.self::key($id))->toString();
    }

    private static function ms(mixed $moment): ?int
    {
        return is_string($moment) && $moment !== '' ? (int) CarbonImmutable::parse($moment, 'UTC')->valueOf() : null;
    }

    private static function object(mixed $text): Entry
    {
        return is_string($text) ? Json::read($text) : Entry::of();
    }

    private static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    private static function key(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
