<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Plan\PartName;

/** What became of a cup, from its first gram until it is poured or thrown away: a fold of its events. */
final readonly class CupRecord
{
    /**
     * @param  array<string, Event>  $readings  by the step of the weighing, in the order in which they were taken
     */
    private function __construct(
        public ?Event $begun,
        public array $readings,
        public ?PartName $first,
        public ?int $stirredFromMs,
        /** when it was first stirred: into a second cup it is stirred once more */
        public ?int $firstStirredMs,
        public ?Event $mixed,
        /** what was last said of what is left in it */
        public ?Event $rest,
        public ?Event $discarded,
    ) {
    }

    /** As it was planned when it began. */
    public function plan(): PlanDocument
    {
        return $this->began()->plan ?? PlanDocument::of();
    }

    /** What it said when it began; null before. */
    public function began(): ?MixingBegun
    {
        return $this->begun?->said instanceof MixingBegun ? $this->begun->said : null;
    }

    /** @param  iterable<Event>  $events  of one cup, in any order, some of them twice */
    public static function of(iterable $events): self
    {
        $begun = $first = $stirred = $firstStirred = $mixed = $rest = $discarded = null;
        $readings = [];
        foreach (Order::standing($events) as $event) {
            $said = $event->said;
            if (! $said instanceof CupFact) {
                continue;
            }
            match (true) {
                $said instanceof MixingBegun => $begun ??= $event,
                $said instanceof Weighed => $readings[$said->step] ??= $event,
                $said instanceof PartsTurned => [$first, $readings] = [$said->first ?? $first, self::turned($readings)],
                $said instanceof StirringBegun => [$stirred, $firstStirred] = [$mixed === null ? $event->atMs : $stirred, $firstStirred ?? $event->atMs],
                $said instanceof StirringEnded => $mixed ??= $event,
                $said instanceof RestSeenTo => $rest = $event,
                $said instanceof Discarded => $discarded ??= $event,
            };
        }

        return new self($begun, $readings, $first, $stirred, $firstStirred, $mixed, $rest, $discarded);
    }

    /**
     * What was taken for one part was the other.
     *
     * @param  array<string, Event>  $readings
     * @return array<string, Event>
     */
    private static function turned(array $readings): array
    {
        $turned = [];
        foreach ($readings as $step => $event) {
            $turned[PartName::tryFrom($step)?->other()->value ?? $step] = $event;
        }

        return $turned;
    }

    /** @return array<string, float> g by the step of the weighing */
    public function gotG(): array
    {
        return array_map(static fn (Event $event): float => $event->said instanceof Weighed ? $event->said->grams : 0.0, $this->readings);
    }

    /** How one knows what went in of a part: as its least known reading. */
    public function knows(PartName $part): Known
    {
        $known = [];
        foreach ($this->readings as $step => $event) {
            if ($step === $part->value || str_starts_with($step, "more_{$part->value}_")) {
                $known[] = ($event->said instanceof Weighed ? $event->said->by ?? ReadBy::Scale : ReadBy::Scale)->known();
            }
        }
        foreach ([Known::Planned, Known::Read] as $least) {
            if (in_array($least, $known, true)) {
                return $least;
            }
        }

        return Known::Weighed;
    }

    /** The reading that was taken last; null where there is none. */
    public function lastReading(): ?Event
    {
        $last = null;
        foreach ($this->readings as $event) {
            $last = $event;
        }

        return $last;
    }

    /** What became of what was left in it; null while nobody said. */
    public function restHow(): ?RestOfMix
    {
        return $this->rest?->said instanceof RestSeenTo ? $this->rest->said->how : null;
    }

    /** Since when the mix ages, ms since 1970; null before it is mixed. */
    public function mixedMs(): ?int
    {
        return $this->mixed === null ? null : max($this->mixed->atMs, $this->begun->atMs ?? $this->mixed->atMs);
    }

    /** It was carried out smoking. */
    public function isSmoked(): bool
    {
        return $this->discarded?->said instanceof Discarded && $this->discarded->said->isSmoked;
    }

    /** Something is in it, and neither poured nor thrown away as far as it knows itself. */
    public function isInUse(): bool
    {
        return $this->discarded === null && ($this->readings !== [] || $this->mixed !== null);
    }

    /** Why that cannot have happened to it; null where it can. What needs the batch worked out is judged beside it. */
    public function refusalOf(EventKind $kind, Entry $facts): ?Refusal
    {
        if ($this->begun === null) {
            return $kind === EventKind::MixingBegun ? null : Refusal::NotThere;
        }

        $said = $kind->read($facts);
        if (! $said instanceof CupFact) {
            return $said instanceof Undone ? $this->refusalOfUndoing($said->of) : Refusal::NotOfThis;
        }

        return match (true) {
            $said instanceof MixingBegun => Refusal::AlreadyBegun,
            $said instanceof Weighed => isset($this->readings[$said->step]) ? Refusal::WeighedAlready : null,
            $said instanceof PartsTurned => count($this->readings) > 1 ? Refusal::BothPartsIn : null,
            $said instanceof RestSeenTo => match (true) {
                $this->mixed === null => Refusal::NotMixed,
                $said->how === null => Refusal::Unreadable,
                default => null,
            },
            $said instanceof StirringBegun => $this->mixed === null ? null : Refusal::AlreadyMixed,
            $said instanceof StirringEnded, $said instanceof Discarded => null,
        };
    }

    private function refusalOfUndoing(string $id): ?Refusal
    {
        $isPart = array_filter($this->readings, static fn (Event $event, string $step): bool => $event->id === $id && self::isPart($step), ARRAY_FILTER_USE_BOTH) !== [];

        return match (true) {
            $id === $this->begun?->id => Refusal::CannotUndo,
            $isPart && $this->mixed !== null => Refusal::AlreadyMixed,
            default => null,
        };
    }

    /** Whether a step puts a part into the cup, before the stirring. */
    private static function isPart(string $step): bool
    {
        return PartName::tryFrom($step) !== null || str_starts_with($step, 'more_');
    }
}
