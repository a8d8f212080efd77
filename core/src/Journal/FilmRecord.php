<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Film\HeatTool;

/**
 * What became of a film, from the end of its stirring until it is off the bench: a fold of its events.
 *
 * Of two presses that say the same, the one that happened first counts, whichever was heard of first.
 */
final readonly class FilmRecord
{
    /** Of the mark of an act that was not planned: the act as it was shown then. */
    public const CAME = 'came';

    /**
     * @param  array<string, ActMark>  $acts  by the act's name
     * @param  list<Event>  $seen  what was observed of it, what was added to it, and what happened to it
     */
    private function __construct(
        public ?Event $begun,
        public ?Event $poured,
        public array $acts,
        public array $seen,
        public Took $took,
        public ?Event $off,
        /** @var list<Event> what was poured of it so far, where it is poured in stages */
        public array $stages,
    ) {
    }

    /** As it was planned when it began. */
    public function plan(): PlanDocument
    {
        return $this->began()->plan ?? PlanDocument::of();
    }

    /** What it said when it began; null before. */
    public function began(): ?PourBegun
    {
        return $this->begun?->said instanceof PourBegun ? $this->begun->said : null;
    }

    /** What was computed when the last of it was on the piece; null before. */
    public function laid(): ?Poured
    {
        return $this->poured?->said instanceof Poured ? $this->poured->said : null;
    }

    /** @param  iterable<Event>  $events  of one film, in any order, some of them twice */
    public static function of(iterable $events): self
    {
        $begun = $poured = $off = null;
        $acts = $seen = $stages = [];
        $took = Took::nothing();
        foreach (Order::standing($events) as $event) {
            $said = $event->said;
            if (! $said instanceof FilmFact) {
                continue;
            }
            match (true) {
                $said instanceof PourBegun => [$begun, $took] = $begun === null ? [$event, $took->with($said->took, null)] : [$begun, $took],
                $said instanceof Poured => $poured ??= $event,
                $said instanceof ActDone => $acts[$said->act] ??= new ActMark($event->id, $event->atMs, null, $said->tool, $said->came),
                $said instanceof ActSkipped => $acts[$said->act] ??= new ActMark($event->id, $event->atMs, $said->reason, null, $said->came),
                $said instanceof Staged => $stages[] = $event,
                $said instanceof ToppedUp, $said instanceof Observed, $said instanceof Oiled, $said instanceof Happened => $seen[] = $event,
                $said instanceof TookSaid => $took = $took->with($said, $event->atMs),
                $said instanceof TakenOff => $off ??= $event,
            };
        }

        return new self($begun, $poured, $acts, $seen, $took, $off, $stages);
    }

    /** When its stirring ended, ms since 1970; null before it is begun. */
    public function startedMs(): ?int
    {
        return $this->begun === null ? null : $this->began()->startedMs ?? $this->begun->atMs;
    }

    /** When the last of it was on the piece; never before the stirring ended. */
    public function pouredMs(): ?int
    {
        return $this->poured === null ? null : max($this->poured->atMs, $this->startedMs() ?? $this->poured->atMs);
    }

    /** What was added to it after it was poured, ml. */
    public function addedMl(): float
    {
        return array_sum(array_map(static fn (Event $event): float => $event->said instanceof ToppedUp ? $event->said->ml : 0.0, $this->seen));
    }

    /** Whether oil was touched into it: nothing bonds to that in the window. */
    public function isOiled(): bool
    {
        return array_filter($this->seen, static fn (Event $event): bool => $event->said instanceof Oiled) !== [];
    }

    /**
     * Its acts as they were planned, with what it wants because of what happened since, each with when that was: since_min;
     * and what else was done to it, at the times that were shown then.
     *
     * @return list<Entry>
     */
    public function schedule(): array
    {
        $acts = $this->laid()?->answer->acts() ?? [];
        foreach ($this->seen as $event) {
            $atMin = $this->minutesAfterPour($event->atMs);
            $brought = self::broughtBy($event);
            $acts = array_filter($acts, fn (Entry $act): bool => isset($this->acts[$act->text('id') ?? '']) || ! $brought->standsFor($act, $atMin));
            array_push($acts, ...array_map(static fn (Entry $act): Entry => $act->with('since_min', $atMin), $brought->acts));
        }
        array_push($acts, ...array_values(array_filter(array_map(static fn (ActMark $mark): ?Entry => $mark->came, $this->acts))));
        usort($acts, static fn (Entry $a, Entry $b): int => $a->number('due_min') <=> $b->number('due_min'));

        return $acts;
    }

    private static function broughtBy(Event $event): Brought
    {
        $said = $event->said;

        return $said instanceof ToppedUp || $said instanceof Oiled || $said instanceof Happened ? $said->brought : new Brought;
    }

    /** @return list<string> kinds of acts that what happened stands in for: none of them that is still to come counts */
    public function replaced(): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (Event $event): array => self::broughtBy($event)->insteadOf, $this->seen))));
    }

    /** Minutes from the end of its pour; 0 before. */
    public function minutesAfterPour(int $ms): float
    {
        return max(0, $ms - ($this->pouredMs() ?? $ms)) / 60_000;
    }

    /** @return list<string> the names of the acts that it has */
    public function actNames(): array
    {
        return array_map(static fn (Entry $act): string => $act->text('id') ?? '', $this->schedule());
    }

    /** What its bubbles were to be taken out with. */
    public function tool(): HeatTool
    {
        return HeatTool::tryFrom($this->laid()?->answer->tool() ?? '') ?? HeatTool::None;
    }

    /** Why that cannot have happened to it; null where it can. Who pressed what another pressed too is not refused. */
    public function refusalOf(EventKind $kind, Entry $facts): ?Refusal
    {
        if ($this->begun === null) {
            return $kind === EventKind::PourBegun ? null : Refusal::NotThere;
        }

        $said = $kind->read($facts);
        if (! $said instanceof FilmFact) {
            return $said instanceof Undone ? $this->refusalOfUndoing($said->of) : Refusal::NotOfThis;
        }

        return match (true) {
            $said instanceof PourBegun => Refusal::AlreadyBegun,
            $said instanceof ActDone => $this->refusalOfAct($said->act, $said->came, $facts->text('tool')),
            $said instanceof ActSkipped => $this->refusalOfAct($said->act, $said->came, null) ?? (trim($said->reason) === '' ? Refusal::NoReason : null),
            $said instanceof TookSaid => $this->poured === null ? Refusal::NotPoured : null,
            $said instanceof ToppedUp => match (true) {
                $this->poured === null => Refusal::NotPoured,
                $said->ml <= 0.0 => Refusal::NoAmount,
                default => null,
            },
            // what this version does not know of
            $said instanceof Oiled => $facts->has('how') && $said->how === null ? Refusal::Unreadable : null,
            $said instanceof Happened => $said->what?->of() === SubjectKind::Film ? null : Refusal::Unreadable,
            $said instanceof Observed => trim($said->what.$said->text) === '' ? Refusal::NoReason : null,
            $said instanceof Staged => match (true) {
                $this->poured !== null => Refusal::PouredAlready,
                $said->ml <= 0.0 => Refusal::NoAmount,
                default => null,
            },
            $said instanceof Poured, $said instanceof TakenOff => null,
        };
    }

    private function refusalOfAct(string $act, ?Entry $came, ?string $tool): ?Refusal
    {
        return match (true) {
            $this->poured === null => Refusal::NotPoured,
            ! in_array($act, [...$this->actNames(), $came?->text('id')], true) => Refusal::UnknownAct,
            $tool !== null && ! in_array(HeatTool::tryFrom($tool), [$this->tool(), ...$this->tool()->others()], true) => Refusal::ToolRuledOut,
            default => null,
        };
    }

    private function refusalOfUndoing(string $id): ?Refusal
    {
        return match (true) {
            $id === $this->begun?->id => Refusal::CannotUndo,
            $id === $this->poured?->id && ($this->acts !== [] || $this->took->isWritten()) => Refusal::ActsDone,
            default => null,
        };
    }
}
