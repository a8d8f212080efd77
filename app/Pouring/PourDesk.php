<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Clock\StudioClock;
use App\Journal\Bench;
use App\Journal\Journal;
use App\Journal\Pressed;
use App\Journal\Refused;
use App\Mixing\ColourStops;
use App\Models\Coat;
use App\Models\Pour;
use App\Planning\CoatAnswer;
use App\Planning\CoatDesk;
use App\Planning\Namesakes;
use App\Planning\PlanAssembler;
use App\Planning\Room;
use App\Saying\Person;
use App\Sensing\RoomLog;
use App\Typed\FieldException;
use Illuminate\Support\Facades\DB;
use OpenGlaze\Core\Advice\Advice;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Judging\CoatAdvisor;
use OpenGlaze\Core\Message\Message;

/** Begins pours: each with a copy of the plan, the sheet and what was computed, so that nothing edited later changes it. */
final readonly class PourDesk
{
    public function __construct(
        private PlanAssembler $assembler,
        private CoatDesk $coats,
        private Bench $bench,
        private Journal $journal,
        private StudioClock $clock,
    ) {
    }

    /**
     * Starts the clock, at the end of the stirring.
     *
     * @param  Entry  $room  temperature_c, humidity_pct as somebody wrote them; what is left out is as the sensor said, or as planned
     *
     * @throws FieldException when the plan cannot be computed, or has a stop and no reason is given
     * @throws Refused when it is being poured already
     */
    public function begin(Coat $coat, Entry $room, ?string $overrideReason, Pressed $pressed, Person $person): Pour
    {
        if ($this->journal->find($pressed->id) === null) {
            $begun = $this->ready($coat, $room, $overrideReason, $person);
            DB::transaction(function () use ($coat, $begun, $pressed, $person): void {
                if ($this->journal->find($pressed->id) === null) {
                    self::refuseSecond($coat);
                    $this->bench->write($pressed->saying($begun), $person);
                }
            });
        }

        return Pour::query()->findOrFail($pressed->subject);
    }

    /**
     * All that is written down when a clock begins.
     *
     * @param  int|null  $lift  which of its lifts; the next where it is not said
     *
     * @throws FieldException when the plan cannot be computed, or has a stop and no reason is given
     */
    public function ready(Coat $coat, Entry $room, ?string $overrideReason, Person $person, ?int $lift = null): Entry
    {
        $document = $this->assembler->forCoat($coat);
        $studio = RoomLog::over($document->studio(), $this->clock->now());
        $document = $document->withStudio(Room::measured($studio, $room));
        $result = $this->coats->computeLast($document);
        $reason = trim((string) $overrideReason);
        if ($reason === '' && [...Advice::stops(CoatAdvisor::advise($result)), ...ColourStops::of($document)] !== []) {
            throw FieldException::at(['reason' => Message::of('refused.reason_for_stop')]);
        }
        $title = Namesakes::told($coat->piece, Namesakes::among([$coat->piece]) !== []);
        $lifts = count($result->lifts);
        $lift ??= 1 + self::liftsPoured($coat) % max(1, $lifts);

        return Entry::from([
            'piece_id' => $coat->piece_id,
            'coat_id' => $coat->id,
            'title' => $lifts > 1 ? $person->say(Message::of('pours.lift', title: $title, lift: $lift, of: $lifts)) : $title,
            'plan' => $document,
            'result' => CoatAnswer::kept($result, $person),
            ...$reason === '' ? [] : ['reason' => $reason],
            ...$lifts > 1 ? ['lift' => $lift] : [],
        ]);
    }

    /** How many pours a coat has had: of a deep one, how many lifts. */
    public static function liftsPoured(Coat $coat): int
    {
        return Pour::query()->where('coat_id', $coat->id)->count();
    }

    /** @throws Refused while a pour of the coat has begun and is not on the piece yet */
    private static function refuseSecond(Coat $coat): void
    {
        $running = Pour::query()->where('coat_id', $coat->id)->whereNull('poured_at')->whereNull('off_at')->whereNull('mixing_id')->oldest('started_at')->first();
        if ($running !== null) {
            throw Refused::because(Refusal::AlreadyBegun, 'form', ['at' => $running->started_at->format('H:i'), 'title' => $running->title]);
        }
    }
}
