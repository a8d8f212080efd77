<?php

declare(strict_types=1);

namespace App\Stock;

use App\Journal\Moment;
use App\Journal\Pressed;
use App\Journal\Refused;
use App\Journal\SubjectRules;
use App\Models\Lot;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Counted;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\LotFact;
use OpenGlaze\Core\Journal\LotRecord;
use OpenGlaze\Core\Journal\Opened;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Journal\SubjectKind;
use OpenGlaze\Core\Journal\Taken;
use OpenGlaze\Core\Journal\ThrownAway;
use OpenGlaze\Core\Journal\Undone;

/** What may happen to the bottles of a lot; its label stays a row, what is left in it is folded. */
final readonly class LotRules implements SubjectRules
{
    private const MOST_ML = 1_000_000.0;

    public function of(): SubjectKind
    {
        return SubjectKind::Lot;
    }

    public function accept(Pressed $pressed, array $before, Person $person): Entry
    {
        if (Lot::withTrashed()->where('subject', $pressed->subject)->doesntExist()) {
            throw Refused::because(Refusal::NotThere);
        }
        $facts = $pressed->facts;
        $said = $pressed->kind->read($facts);
        if (! $said instanceof LotFact) {
            return $said instanceof Undone ? self::undoing($facts, $before) : throw Refused::because(Refusal::NotOfThis);
        }

        return match (true) {
            $said instanceof Opened => (new Opened(self::day($facts)))->toFacts(),
            $said instanceof Counted => self::amounts($facts, true),
            $said instanceof Taken => self::amounts($facts, false)->with('by', $said->by),
            $said instanceof ThrownAway => $said->toFacts(),
        };
    }

    public function follows(Pressed $pressed, array $before, array $after): array
    {
        return [];
    }

    public function fold(string $subject, array $events): void
    {
        $record = LotRecord::of($events);
        Lot::withTrashed()->where('subject', $subject)->update([
            'opened_on' => $record->openedOn,
            'left_a_ml' => $record->leftAMl,
            'left_b_ml' => $record->leftBMl,
            'deleted_at' => Moment::of($record->thrownAway?->atMs),
        ]);
    }

    public function clear(): void
    {
        Lot::withTrashed()->update(['opened_on' => null, 'left_a_ml' => null, 'left_b_ml' => null, 'deleted_at' => null]);
    }

    /**
     * What a mix took goes back with the mix, and not by itself.
     *
     * @param  list<Event>  $before
     */
    private static function undoing(Entry $facts, array $before): Entry
    {
        $of = $facts->text('of');
        foreach ($before as $event) {
            if ($event->id === $of && $event->kind === EventKind::Taken && $facts->text('by') === null) {
                throw Refused::because(Refusal::CannotUndo);
            }
        }

        return Entry::from(array_filter(['of' => $of, 'by' => $facts->text('by')], is_string(...)));
    }

    private static function day(Entry $facts): ?string
    {
        $day = $facts->text('on');
        if ($day !== null && ! CarbonImmutable::hasFormat($day, 'Y-m-d')) {
            throw Refused::because(Refusal::Unreadable, 'opened_on');
        }

        return $day;
    }

    /** @throws Refused when an amount cannot be */
    private static function amounts(Entry $facts, bool $unknownToo): Entry
    {
        $kept = [];
        foreach (['a_ml', 'b_ml'] as $part) {
            if (! $facts->has($part)) {
                continue;
            }
            $ml = $facts->number($part);
            if (($ml === null && ! $unknownToo) || ($ml !== null && ($ml < 0 || $ml > self::MOST_ML))) {
                throw Refused::because(Refusal::NoAmount, 'left_'.$part);
            }
            $kept[$part] = $ml;
        }

        return Entry::from($kept);
    }
}
