<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Journal\Pressed;
use App\Journal\Refused;
use App\Journal\SubjectRules;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Pour;
use App\Saying\Person;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\ActDone;
use OpenGlaze\Core\Journal\ActMark;
use OpenGlaze\Core\Journal\ActSkipped;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\FilmFact;
use OpenGlaze\Core\Journal\FilmRecord;
use OpenGlaze\Core\Journal\Happened;
use OpenGlaze\Core\Journal\Known;
use OpenGlaze\Core\Journal\Observed;
use OpenGlaze\Core\Journal\Oiled;
use OpenGlaze\Core\Journal\PourBegun;
use OpenGlaze\Core\Journal\Poured;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Journal\Staged;
use OpenGlaze\Core\Journal\SubjectKind;
use OpenGlaze\Core\Journal\TakenOff;
use OpenGlaze\Core\Journal\TookSaid;
use OpenGlaze\Core\Journal\ToppedUp;
use OpenGlaze\Core\Journal\Undone;
use OpenGlaze\Core\Plan\Dam;
use OpenGlaze\Core\Quantity\QuantityException;
use OpenGlaze\Core\Quantity\VolumeParser;

/** What may happen to a film, and the row that is folded from it. */
final readonly class FilmRules implements SubjectRules
{
    private const MOST_ML = 1_000_000.0;

    private const LONGEST = ['reason' => 500, 'note' => 5000, 'text' => 500, 'what' => 40, 'photo' => 120];

    public function __construct(
        private FilmSchedule $schedule,
        private FilmSequels $sequels,
    ) {
    }

    public function of(): SubjectKind
    {
        return SubjectKind::Film;
    }

    public function accept(Pressed $pressed, array $before, Person $person): Entry
    {
        $record = FilmRecord::of($before);
        $facts = match (true) {
            in_array($pressed->kind, [EventKind::ToppedUp, EventKind::Staged], true) => self::added($pressed->facts, $person),
            $pressed->kind === EventKind::Happened && $pressed->facts->text('written') !== null => self::added($pressed->facts, $person)->with('what', $pressed->facts->text('what')),
            in_array($pressed->kind, [EventKind::ActDone, EventKind::ActSkipped], true) => self::asShown($pressed, $record),
            default => $pressed->facts,
        };
        $refusal = $record->refusalOf($pressed->kind, $facts);
        if ($refusal !== null) {
            throw Refused::because($refusal);
        }

        $said = $pressed->kind->read($facts);
        if (! $said instanceof FilmFact) {
            return $said instanceof Undone ? self::texts($facts, 'of') : throw Refused::because(Refusal::NotOfThis);
        }

        return match (true) {
            $said instanceof PourBegun, $said instanceof Staged => $facts,
            $said instanceof ToppedUp, $said instanceof Oiled, $said instanceof Happened => $this->sequels->of($pressed->saying($facts), $record, $person),
            $said instanceof Poured => $this->schedule->of($record, $pressed->press->correctedMs(), $person),
            $said instanceof ActDone => self::texts($facts, 'act', ...($facts->text('tool') === null ? [] : ['tool']))->over(self::came($facts)),
            $said instanceof ActSkipped => self::texts($facts, 'act', 'reason')->over(self::came($facts)),
            $said instanceof Observed => self::texts($facts, 'what', 'text'),
            $said instanceof TookSaid => self::took($facts),
            $said instanceof TakenOff => $said->toFacts(),
        };
    }

    public function follows(Pressed $pressed, array $before, array $after): array
    {
        return [];
    }

    public function fold(string $subject, array $events): void
    {
        $film = FilmRecord::of($events);
        [$begun, $began] = [$film->begun, $film->began()];
        $startedMs = $film->startedMs();
        if ($begun === null || $began === null || $startedMs === null) {
            return;
        }
        $answer = $film->laid()->answer ?? $began->result;
        $handleH = $answer->handleH();
        $pouredMs = $film->pouredMs();
        $took = $film->took;
        Pour::query()->updateOrCreate(['id' => $subject], [
            'piece_id' => self::there(Piece::class, $began->pieceId),
            'coat_id' => self::there(Coat::class, $began->coatId),
            'mixing_id' => $began->cup,
            'title' => $began->title,
            'lift' => $began->lift,
            'count' => $began->count,
            'begun_event' => $begun->id,
            'poured_event' => $film->poured?->id,
            'override_reason' => $began->reason,
            'started_at' => Moment::of($startedMs),
            'poured_at' => Moment::of($pouredMs),
            'schedule' => FilmSchedule::countedDown($answer)->with('acts', $film->poured === null ? $answer->acts() : $film->schedule())->with('replaced', $film->replaced()),
            'marks' => Entry::from(array_map(static fn (ActMark $mark): array => ['event' => $mark->event, 'at' => $mark->atMs, 'because' => $mark->skippedBecause, ...($mark->tool === null ? [] : ['tool' => $mark->tool->value])], $film->acts)),
            'handle_at' => $pouredMs === null || $handleH === null ? null : Moment::of($pouredMs + (int) round($handleH * 3_600_000)),
            'written_at' => Moment::of($took->writtenMs),
            'off_at' => Moment::of($film->off?->atMs),
            'off_event' => $film->off?->id,
            'used_a_ml' => $took->a?->ml,
            'used_b_ml' => $took->b?->ml,
            'used_a_how' => $took->a?->how->value,
            'used_b_how' => $took->b?->how->value,
            'added_ml' => $film->addedMl(),
            'oiled' => $film->isOiled(),
            'seen' => Entry::from(['entries' => array_map(static fn (Event $event): array => [
                'event' => $event->id, 'at' => $event->atMs, 'what' => $event->facts->text('what') ?? self::oiled($event), 'text' => $event->facts->text('text') ?? '', 'ml' => $event->facts->number('ml'),
            ], $film->seen)]),
            'stages' => self::stages($film, $began),
            'tray_g' => $took->trayG,
            'left_g' => $took->leftG,
            'note' => $took->note === '' ? null : $took->note,
            'photo' => $took->photo,
        ]);
        // what is laid on it next knows without looking through the log
        self::oil($began->coatId, $film->isOiled());
    }

    public function clear(): void
    {
        Coat::withTrashed()->where('oiled', true)->update(['oiled' => false]);
        Pour::query()->delete();
    }

    /** "oiled_drops"; without how where nobody said; null of anything else. */
    private static function oiled(Event $event): ?string
    {
        return $event->kind === EventKind::Oiled ? implode('_', array_filter([$event->kind->value, $event->facts->text('how')])) : null;
    }

    private static function oil(?int $coat, bool $isOiled): void
    {
        $row = Coat::withTrashed()->whereKey($coat)->where('oiled', ! $isOiled);
        // another film of it may be one with oil
        if ($isOiled || ($row->exists() && Pour::query()->where('coat_id', $coat)->where('oiled', true)->doesntExist())) {
            $row->update(['oiled' => $isOiled]);
        }
    }

    /** What was poured so far of a body that holds nobody knows how much, and what its cup was to hold; null once it is all in, and of any other. */
    private static function stages(FilmRecord $film, PourBegun $began): ?Entry
    {
        if ($film->poured !== null || ($film->stages === [] && $began->result->room()->text('dam') !== Dam::Drape->value)) {
            return null;
        }

        return Entry::from([
            'planned_ml' => ($began->share ?? $began->result->mix($began->lift))->number('total_ml'),
            'entries' => array_map(static fn (Event $event): array => ['event' => $event->id, 'at' => $event->atMs, 'ml' => $event->facts->number('ml')], $film->stages),
        ]);
    }

    /** What was pressed of an act; where it was not planned, with the act as it is shown. */
    private static function asShown(Pressed $pressed, FilmRecord $film): Entry
    {
        $facts = $pressed->facts->without(FilmRecord::CAME);
        $name = $facts->text('act') ?? '';
        $pour = in_array($name, $film->actNames(), true) ? null : Pour::query()->find($pressed->subject);
        $shown = $pour === null ? null : ShownActs::named($name, $pour, $film->minutesAfterPour($pressed->press->correctedMs()));

        return $shown === null ? $facts : $facts->with(FilmRecord::CAME, $shown);
    }

    private static function came(Entry $facts): Entry
    {
        return Entry::from(array_filter([FilmRecord::CAME => $facts->entry(FilmRecord::CAME)]));
    }

    /** @param  class-string<Piece|Coat>  $model */
    private static function there(string $model, ?int $id): ?int
    {
        return $id !== null && $model::withTrashed()->whereKey($id)->exists() ? $id : null;
    }

    private static function texts(Entry $facts, string ...$names): Entry
    {
        $kept = [];
        foreach ($names as $name) {
            $kept[$name] = mb_substr(trim($facts->text($name) ?? ''), 0, self::LONGEST[$name] ?? 60);
        }

        return Entry::from($kept);
    }

    /** How much was added, as a number of ml or as somebody wrote it down. @throws Refused when it is no amount */
    private static function added(Entry $facts, Person $person): Entry
    {
        $written = $facts->text('written');
        try {
            $ml = $written === null ? $facts->number('ml') : VolumeParser::ml($written, $person->units);
        } catch (QuantityException) {
            $ml = null;
        }

        return $ml !== null && $ml <= self::MOST_ML ? Entry::from(['ml' => $ml]) : throw Refused::because(Refusal::NoAmount);
    }

    /** What was said, and nothing of what was left unsaid. @throws Refused when an amount cannot be */
    private static function took(Entry $facts): Entry
    {
        $kept = [];
        foreach (['a', 'b'] as $part) {
            $how = Known::tryFrom($facts->text("$part.how") ?? '');
            if ($how === null) {
                continue;
            }
            $ml = $facts->number("$part.ml");
            if ($how !== Known::Unknown && ($ml === null || $ml < 0 || $ml > self::MOST_ML)) {
                throw Refused::because(Refusal::NoAmount, 'used_'.$part);
            }
            $kept[$part] = $how === Known::Unknown ? ['how' => $how->value] : ['ml' => $ml, 'how' => $how->value];
        }
        foreach (['tray_g', 'left_g'] as $name) {
            $grams = $facts->number($name);
            if ($grams !== null) {
                $kept[$name] = $grams >= 0 && $grams <= self::MOST_ML ? $grams : throw Refused::because(Refusal::NoAmount, $name);
            }
        }
        foreach (['note', 'photo'] as $name) {
            if ($facts->text($name) !== null) {
                $kept[$name] = self::texts($facts, $name)->text($name);
            }
        }

        return Entry::from($kept);
    }
}
