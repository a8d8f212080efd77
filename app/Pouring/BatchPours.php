<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Bench;
use App\Journal\Journal;
use App\Journal\Moment;
use App\Journal\Pressed;
use App\Journal\Refused;
use App\Mixing\CupReader;
use App\Models\Mixing;
use App\Models\Pour;
use App\Planning\CoatKeys;
use App\Saying\Person;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Batch\BatchResult;
use OpenGlaze\Core\Batch\Turn;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Judging\BatchAdvisor;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\PartName;

/** Begins all that is poured from one mixed batch, in its order. */
final readonly class BatchPours
{
    public function __construct(
        private PourDesk $pours,
        private CupReader $cups,
        private Bench $bench,
        private Journal $journal,
    ) {
    }

    /**
     * Starts their clocks, counted from when it was mixed; what went into the cup is written down as used, and how one knows it.
     *
     * @param  Entry  $room  temperature_c, humidity_pct as measured now
     * @param  Pressed  $pressed  the name of the press; each pour has one that follows from it
     * @return list<Pour>
     *
     * @throws FieldException when there is a stop and no reason is given
     * @throws Refused when it is not mixed, or being poured already
     */
    public function start(Mixing $mixing, Entry $room, ?string $overrideReason, Pressed $pressed, Person $person): array
    {
        $mixedAt = $mixing->mixed_at ?? throw Refused::because(Refusal::NotMixed);
        $batch = $this->cups->batch($mixing);
        $films = array_map(static fn (int $turn): string => Pressed::following($pressed->id, "turn:$turn"), array_keys($batch->turns));
        if ($this->journal->of($films[0]) === []) {
            if (trim((string) $overrideReason) === '' && Advice::stops(BatchAdvisor::advise($batch)) !== []) {
                throw FieldException::at(['reason' => Message::of('refused.reason_for_stop')]);
            }
            $poured = new PouredCup($mixing->id, $batch, $this->cups->record($mixing), $this->cups->weighing($batch, $mixing->weighed));
            $begun = array_map(fn (Turn $turn): Entry => $this->begun($poured, $turn, $room, $overrideReason, $person), $batch->turns);
            DB::transaction(function () use ($mixing, $mixedAt, $films, $begun, $pressed, $person): void {
                $already = $mixing->pours()->first();
                if ($already !== null && $already->id !== $films[0]) {
                    throw Refused::because(Refusal::PouredAlready, 'form', ['at' => $already->started_at->format('H:i'), 'title' => $already->title]);
                }
                foreach ($films as $turn => $film) {
                    $this->bench->write($pressed->and(EventKind::PourBegun, $film, $begun[$turn]->with('started_ms', Moment::ms($mixedAt))), $person);
                }
            });
        }

        return array_values($mixing->pours()->get()->sortBy(static fn (Pour $pour): int|false => array_search($pour->id, $films, true))->all());
    }

    private function begun(PouredCup $poured, Turn $turn, Entry $room, ?string $overrideReason, Person $person): Entry
    {
        $coat = CoatKeys::find([$turn->coat->case->coat->id])->firstOrFail();
        $begun = $this->pours->ready($coat, $room, $overrideReason, $person, $poured->batch->batch->lift);
        $part = self::partOf($poured->batch, $turn);
        $all = $turn->coat->case->piece->quantity;
        $title = $begun->text('title');
        $known = static fn (PartName $of, float $ml): array => ['ml' => $ml, 'how' => $poured->record->knows($of)->value];

        return $begun->over(Entry::from([
            'cup' => $poured->id,
            'count' => $turn->count,
            'title' => $turn->count < $all ? $person->say(Message::of('pours.some', title: $title, count: $turn->count, of: $all)) : $title,
            'share' => self::share($poured->batch, $part),
            'a' => $known(PartName::A, $part * $poured->batch->mixed->portions->aMl * $poured->weighing->gotAG / $poured->batch->mixed->portions->aG),
            'b' => $known(PartName::B, $part * $poured->batch->mixed->portions->bMl * $poured->weighing->gotBG / ($poured->batch->mixed->portions->bG ?? INF)),
        ]));
    }

    /** How much of a batch is for one of its coats, from 0 to 1: by what it takes of all that leaves the cup. */
    private static function partOf(BatchResult $batch, Turn $turn): float
    {
        return $turn->pouredMl / array_sum(array_map(static fn (Turn $one): float => $one->pouredMl, $batch->turns));
    }

    private static function share(BatchResult $batch, float $part): Entry
    {
        $mix = $batch->mixed->portions;
        $of = static fn (?float $amount): ?float => $amount === null ? null : $part * $amount;

        return Entry::from([
            'a_ml' => $of($mix->aMl), 'b_ml' => $of($mix->bMl), 'total_ml' => $of($mix->totalMl()),
            'a_g' => $of($mix->aG), 'b_g' => $of($mix->bG), 'total_g' => $of($mix->totalG()),
        ]);
    }
}
