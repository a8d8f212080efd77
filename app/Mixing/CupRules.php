<?php

declare(strict_types=1);

namespace App\Mixing;

use App\Journal\Moment;
use App\Journal\Pressed;
use App\Journal\Refused;
use App\Journal\SubjectRules;
use App\Models\JournalEvent;
use App\Models\Lot;
use App\Models\Mixing;
use App\Models\Plan;
use App\Models\Pour;
use App\Saying\Person;
use App\Typed\FieldException;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\CupFact;
use OpenGlaze\Core\Journal\CupRecord;
use OpenGlaze\Core\Journal\Discarded;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\MixingBegun;
use OpenGlaze\Core\Journal\PartsTurned;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Journal\RestSeenTo;
use OpenGlaze\Core\Journal\StirringBegun;
use OpenGlaze\Core\Journal\StirringEnded;
use OpenGlaze\Core\Journal\SubjectKind;
use OpenGlaze\Core\Journal\Undone;
use OpenGlaze\Core\Journal\Weighed;
use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Weighing\Mark;
use OpenGlaze\Core\Weighing\Weighing;

/** What may happen to a cup, what it takes from the shelf, and the row that is folded from it. */
final readonly class CupRules implements SubjectRules
{
    private const MOST_G = 100_000.0;

    public function __construct(private CupReader $cups)
    {
    }

    public function of(): SubjectKind
    {
        return SubjectKind::Cup;
    }

    public function accept(Pressed $pressed, array $before, Person $person): Entry
    {
        $record = CupRecord::of($before);
        $refusal = $record->refusalOf($pressed->kind, $pressed->facts);
        if ($refusal !== null) {
            throw Refused::because($refusal, $pressed->kind === EventKind::Weighed ? 'grams' : 'form');
        }
        if ($pressed->kind === EventKind::MixingBegun) {
            return $pressed->facts;
        }
        $batch = $this->cups->batchOf($record->plan());
        $weighing = CupReader::weighed($batch, $record->gotG(), $record->first);

        $said = $pressed->kind->read($pressed->facts);
        if (! $said instanceof CupFact) {
            return $said instanceof Undone ? $this->undoing($pressed, $record) : throw Refused::because(Refusal::NotOfThis);
        }

        return match (true) {
            $said instanceof MixingBegun => $pressed->facts,
            $said instanceof Weighed => self::reading($pressed->facts, $batch, $weighing, $record, $person),
            $said instanceof PartsTurned => (new PartsTurned(($record->first ?? $batch->resin->parts->firstPart)->other()))->toFacts(),
            $said instanceof StirringBegun, $said instanceof StirringEnded => $weighing->isMeasured() ? $said->toFacts() : throw Refused::because(Refusal::NotMeasured),
            $said instanceof RestSeenTo, $said instanceof Discarded => $said->toFacts(),
        };
    }

    public function follows(Pressed $pressed, array $before, array $after): array
    {
        $was = CupRecord::of($before);
        $is = CupRecord::of($after);
        if ($pressed->kind === EventKind::Mixed && $was->mixed === null && $is->mixed !== null) {
            return $this->taken($pressed, $is);
        }
        if ($is->isSmoked() && ! $was->isSmoked()) {
            return self::unpoured($pressed);
        }
        if ($was->isSmoked() && ! $is->isSmoked()) {
            return self::waitsNoMore($pressed, $was);
        }
        if ($pressed->kind === EventKind::Undone && $was->mixed !== null && $is->mixed === null) {
            return self::givenBack($pressed, $before);
        }

        return [];
    }

    public function fold(string $subject, array $events): void
    {
        $cup = CupRecord::of($events);
        [$begun, $began] = [$cup->begun, $cup->began()];
        if ($begun === null || $began === null) {
            return;
        }
        [$plan, $vessel] = [$began->planId, $began->vessel];
        Mixing::query()->updateOrCreate(['id' => $subject], [
            'plan_id' => $plan !== null && Plan::query()->whereKey($plan)->exists() ? $plan : null,
            'batch_key' => $began->batch,
            'title' => $began->title,
            'begun_event' => $begun->id,
            'weighed' => Entry::from(['got' => Entry::from($cup->gotG()), ...($cup->first === null ? [] : ['first' => $cup->first->value])]),
            'last_reading' => $cup->lastReading()?->id,
            'begun_at' => Moment::of($begun->atMs),
            'vessel' => $vessel->text('id'),
            'vessel_cups' => $vessel->value('cups'),
            'vessel_hardens_min' => $vessel->number('hardens_min'),
            'first_stirred_at' => Moment::of($cup->firstStirredMs),
            'stirred_from' => Moment::of($cup->stirredFromMs ?? $cup->mixedMs()),
            'mixed_at' => Moment::of($cup->mixedMs()),
            'mixed_event' => $cup->mixed?->id,
            'rest' => $cup->restHow()?->value,
            'rest_event' => $cup->rest?->id,
            'discarded_at' => Moment::of($cup->discarded?->atMs),
            'in_use' => $cup->isInUse(),
        ]);
    }

    public function clear(): void
    {
        Mixing::query()->delete();
    }

    /** What a step came to, as a number or as somebody wrote it down. @throws Refused */
    private static function reading(Entry $facts, BatchResult $batch, Weighing $weighing, CupRecord $record, Person $person): Entry
    {
        $next = $weighing->next();
        if ($next === null || $next->id !== $facts->text('step')) {
            throw Refused::because(Refusal::WeighedAlready, 'grams');
        }
        if (! $next->kind->isPart() && $record->mixed === null) {
            throw Refused::because(Refusal::NotMixed, 'grams');
        }
        [$grams, $by] = (new StepAmount($next, Mark::of($batch, $weighing->steps, $next), $batch, $person->units))->read($facts);
        if ($grams === null || $grams < 0 || $grams === 0.0 && ! $next->kind->isTopUp() || $grams > self::MOST_G) {
            throw Refused::because(Refusal::NoAmount, 'grams');
        }
        if ($grams > Weighing::ASKED_FROM * $next->targetG && ! $facts->isTrue('sure')) {
            // in what it is measured in
            $said = static fn (float $g): Measure|Message => $batch->batch->measure->by?->isByVolume() === true
                ? Measure::volume($g / $next->densityGMl)
                : Message::of('journal.grams', grams: Measure::number($g, 1));
            throw Refused::because(Refusal::SoMuch, 'grams', ['amount' => $said($grams), 'missing' => $said($next->targetG)]);
        }

        return (new Weighed($next->id, $grams, $by))->toFacts();
    }

    /** @throws Refused when the mix is being poured, which is not taken back */
    private function undoing(Pressed $pressed, CupRecord $record): Entry
    {
        $of = $pressed->facts->text('of');
        if ($of === $record->mixed?->id && Pour::query()->where('mixing_id', $pressed->subject)->exists()) {
            throw Refused::because(Refusal::PouredAlready, 'form', ['at' => '', 'title' => '']);
        }

        return Entry::from(['of' => $of]);
    }

    /**
     * What went into the cup is gone from the bottles that were open.
     *
     * @return list<Pressed>
     */
    private function taken(Pressed $mixed, CupRecord $cup): array
    {
        try {
            $batch = $this->cups->batchOf($cup->plan());
            $left = self::intoTheCup($batch, CupReader::weighed($batch, $cup->gotG(), $cup->first));
        } catch (FieldException) {
            return [];
        }
        $taken = [];
        foreach (Lot::rowsOfResin($batch->turns[0]->coat->case->coat->resinId) as $lot) {
            $facts = ['by' => $mixed->id];
            foreach (['a' => $lot->left_a_ml, 'b' => $lot->left_b_ml] as $part => $in) {
                if ($in !== null && $in > 0 && $left[$part] > 0) {
                    $facts[$part.'_ml'] = $ml = min($in, $left[$part]);
                    $left[$part] -= $ml;
                }
            }
            if (count($facts) > 1) {
                $taken[] = $mixed->and(EventKind::Taken, $lot->subject, Entry::from($facts));
            }
        }

        return $taken;
    }

    /** @return array{a: float, b: float} ml */
    private static function intoTheCup(BatchResult $batch, Weighing $weighing): array
    {
        return ['a' => $weighing->gotAG / $batch->mixed->portions->aG * $batch->mixed->portions->aMl, 'b' => $weighing->gotBG / ($batch->mixed->portions->bG ?? INF) * $batch->mixed->portions->bMl];
    }

    /**
     * What was to be poured from it waits for another.
     *
     * @return list<Pressed>
     */
    private static function unpoured(Pressed $smoked): array
    {
        $films = Pour::query()->where('mixing_id', $smoked->subject)->whereNull('poured_at')->whereNull('off_at')->get(['id']);

        return array_values($films->map(static fn (Pour $film): Pressed => $smoked->and(EventKind::TakenOff, $film->id, Entry::of()))->all());
    }

    /**
     * It did not smoke after all: what was taken off for it is on the bench again.
     *
     * @return list<Pressed>
     */
    private static function waitsNoMore(Pressed $undone, CupRecord $was): array
    {
        $back = [];
        foreach (Pour::query()->where('mixing_id', $undone->subject)->whereNotNull('off_event')->get(['id', 'off_event']) as $film) {
            if ($film->off_event === Pressed::following($was->discarded->id ?? '', EventKind::TakenOff->value.':'.$film->id)) {
                $back[] = $undone->and(EventKind::Undone, $film->id, Entry::from(['of' => $film->off_event]));
            }
        }

        return $back;
    }

    /**
     * It was not mixed after all: whatever press took it from the bottles, it is in them again.
     *
     * @param  list<Event>  $before
     * @return list<Pressed>
     */
    private static function givenBack(Pressed $undone, array $before): array
    {
        $back = [];
        $mixed = array_filter($before, static fn (Event $event): bool => $event->kind === EventKind::Mixed);
        foreach (JournalEvent::query()->where('kind', EventKind::Taken)->whereIn('facts->by', array_map(static fn (Event $event): string => $event->id, $mixed))->get(['id', 'subject']) as $taken) {
            $back[] = $undone->and(EventKind::Undone, $taken->subject, Entry::from(['of' => $taken->id, 'by' => $undone->id]));
        }

        return $back;
    }
}
