<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Rehearsal;

use OpenGlaze\Core\Message\Measure;
use OpenGlaze\Core\Message\Message;

/** A rehearsal looked back on, beside the same evening by somebody who knew of the accidents and did every act at its minute. */
final readonly class Debriefing
{
    /** What waits so long gets no better by it: no figure is given. */
    private const LONG_MIN = 60.0;

    /** @param  list<Loss>  $losses  in the order in which they came */
    private function __construct(
        public Score $yours,
        public Score $theirs,
        public array $losses,
    ) {
    }

    /**
     * @param  list<Deed>  $deeds
     * @param  list<Answered>  $accidents
     * @param  float  $endMin  when the rehearsal ended, min after it began
     */
    public static function of(array $deeds, array $accidents, float $endMin): self
    {
        $losses = [];
        foreach ($deeds as $deed) {
            if ($deed->isLost($endMin)) {
                $losses[] = self::ofDeed($deed, $deeds, $accidents, $endMin);
            }
        }
        foreach ($accidents as $one) {
            if ($one->isLost($endMin)) {
                $losses[] = new Loss($one->untilMin, Message::of("rehearsal.{$one->accident->value}.lost", thing: $one->thing), $one->accident->wanted(), $one->thing);
            }
        }
        foreach (Score::stickyFlames($deeds) as $flame) {
            $losses[] = new Loss($flame->doneMin ?? 0.0, Message::of('rehearsal.sticky.lost', act: $flame->title, film: $flame->film), Message::of('rehearsal.sticky.saved'), $flame->film);
        }
        usort($losses, static fn (Loss $a, Loss $b): int => $a->atMin <=> $b->atMin);
        $knew = array_map(static fn (Deed $deed): Deed => $deed->lostAtMin() < $endMin || $deed->doneMin !== null ? $deed->atItsMinute() : $deed, $deeds);

        return new self(
            Score::of($deeds, $accidents, $endMin),
            Score::of($knew, array_map(static fn (Answered $one): Answered => $one->atOnce(), $accidents), $endMin),
            $losses,
        );
    }

    /**
     * @param  list<Deed>  $deeds
     * @param  list<Answered>  $accidents
     */
    private static function ofDeed(Deed $lost, array $deeds, array $accidents, float $endMin): Loss
    {
        if ($lost->isEarly()) {
            return new Loss($lost->doneMin ?? 0.0, Message::of('rehearsal.early.lost', act: $lost->title, film: $lost->film), Message::of('rehearsal.early.saved', wait: Measure::minutes($lost->dueMin - ($lost->doneMin ?? 0.0))), $lost->film);
        }
        $what = Message::of('rehearsal.lost.'.$lost->kind->value, act: $lost->title, film: $lost->film);
        $other = self::couldHaveWaited($lost, $deeds);
        $saved = match (true) {
            $other !== null => self::waited($other, $other->waitsUntilMin() - ($other->doneMin ?? 0.0)),
            self::wasAtTheDoor($lost, $accidents, $endMin) => Message::of('rehearsal.saved.door'),
            self::between($lost, $deeds) !== [] => Message::of('rehearsal.saved.helper'),
            default => Message::of('rehearsal.saved.press', wait: Measure::minutes(max(0.0, $lost->lostAtMin() - $lost->dueMin))),
        };

        return new Loss($lost->lostAtMin(), $what, $saved, $lost->film);
    }

    /**
     * What was done while it could still have been, and had more time than it: the one with most.
     *
     * @param  list<Deed>  $deeds
     */
    private static function couldHaveWaited(Deed $lost, array $deeds): ?Deed
    {
        $most = null;
        foreach (self::between($lost, $deeds) as $deed) {
            if ($deed->waitsUntilMin() > $lost->lostAtMin() && $deed->waitsUntilMin() > ($most?->waitsUntilMin() ?? 0.0)) {
                $most = $deed;
            }
        }

        return $most;
    }

    /**
     * What was done while it could have been.
     *
     * @param  list<Deed>  $deeds
     * @return list<Deed>
     */
    private static function between(Deed $lost, array $deeds): array
    {
        return array_values(array_filter($deeds, static fn (Deed $deed): bool => $deed !== $lost && $deed->doneMin !== null
            && $deed->doneMin >= $lost->dueMin - $lost->kind->earlyByMin() && $deed->doneMin <= $lost->lostAtMin()));
    }

    private static function waited(Deed $other, float $min): Message
    {
        return $min < self::LONG_MIN
            ? Message::of('rehearsal.saved.waited', act: $other->title, film: $other->film, wait: Measure::minutes($min))
            : Message::of('rehearsal.saved.waited_long', act: $other->title, film: $other->film);
    }

    /** @param  list<Answered>  $accidents */
    private static function wasAtTheDoor(Deed $lost, array $accidents, float $endMin): bool
    {
        foreach ($accidents as $one) {
            if ($one->accident === Accident::Visitor && $one->isLost($endMin) && $one->atMin <= $lost->lostAtMin() && $one->untilMin >= $lost->dueMin) {
                return true;
            }
        }

        return false;
    }
}
