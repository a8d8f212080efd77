<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Run\Gloves;

/** Acts that one pair of hands does in one go, and when it begins. */
final readonly class Group
{
    /** How far ahead of a group it is looked for what would come late by it, min. */
    private const AHEAD_MIN = 15.0;

    public Gloves $gloves;

    /** When the hands are free and as they are wanted. */
    private float $readyMin;

    /**
     * @param  non-empty-list<RoundAct>  $acts  in the order of the hands
     * @param  float  $atMin  when the hands are free
     * @param  Gloves  $hands  what they are like then
     */
    public function __construct(
        public array $acts,
        float $atMin,
        private Gloves $hands,
    ) {
        $this->gloves = array_reduce($acts, static fn (Gloves $wanted, RoundAct $act): Gloves => $wanted->after($act->gloves()), Gloves::Either);
        $this->readyMin = $atMin + ($this->changes() ? Gloves::CHANGE_MIN : 0.0);
    }

    /**
     * The act that is due first, and all that can go with it.
     *
     * @param  non-empty-list<RoundAct>  $left  by their times
     */
    public static function ledByTheFirst(array $left, float $atMin, Gloves $hands): self
    {
        return self::ledBy(0, $left, $atMin, $hands);
    }

    /**
     * The same, but what the hands can do as they are comes before what is due first, where nothing comes late by that.
     *
     * @param  non-empty-list<RoundAct>  $left  by their times
     */
    public static function keepingHands(array $left, float $atMin, Gloves $hands): self
    {
        $first = self::ledBy(0, $left, $atMin, $hands);
        if (! $first->changes()) {
            return $first;
        }
        foreach ($left as $at => $act) {
            if ($act->earliestMin() > $left[0]->latestMin()) {
                break;
            }
            if (! $hands->suit($act->gloves()) || ! (new self([$act], $atMin, $hands))->keepsFilmsInOrder($left, $act)) {
                continue;
            }
            $other = self::ledBy($at, $left, $atMin, $hands);
            if (self::late($other->inTurn()) + $other->lateAfter($left) <= self::late($first->inTurn()) + $first->lateAfter($left) + 1e-9) {
                return $other;
            }
        }

        return $first;
    }

    /**
     * The act that is due first, alone.
     *
     * @param  non-empty-list<RoundAct>  $left  by their times
     */
    public static function byTheClock(array $left, float $atMin, Gloves $hands): self
    {
        return new self([$left[0]], $atMin, $hands);
    }

    /** @param  non-empty-list<RoundAct>  $left  by their times */
    private static function ledBy(int $from, array $left, float $atMin, Gloves $hands): self
    {
        $group = new self([$left[$from]], $atMin, $hands);
        foreach (array_slice($left, $from + 1) as $act) {
            if ($act->earliestMin() > $group->acts[0]->latestMin() && $act->earliestMin() > $group->readyMin) {
                break;
            }
            $with = new self([...$group->acts, $act], $atMin, $hands);
            if ($with->keepsFilmsInOrder($left, $act) && $group->goesWith($act) && $with->comesInTime($group, $act) && $with->leavesTimeFor($left, $group)) {
                $group = $with;
            }
        }

        return $group;
    }

    /** Whether hands have to be changed before it. */
    public function changes(): bool
    {
        return ! $this->hands->suit($this->gloves) && $this->hands !== Gloves::Either;
    }

    /** @return list<LaidAct> those that are come to while they make sense */
    public function laid(): array
    {
        return array_values(array_filter($this->inTurn(), static fn (LaidAct $act): bool => $act->act->canBeginAt($act->beginMin)));
    }

    /** @return list<RoundAct> the others */
    public function lost(): array
    {
        return array_values(array_map(
            static fn (LaidAct $act): RoundAct => $act->act,
            array_filter($this->inTurn(), static fn (LaidAct $act): bool => ! $act->act->canBeginAt($act->beginMin)),
        ));
    }

    /**
     * Whether nothing is done before what must come before it: pours in their order, of one film and kind each in its turn, and its cover last.
     *
     * @param  list<RoundAct>  $left  by their times
     */
    private function keepsFilmsInOrder(array $left, RoundAct $added): bool
    {
        foreach ($left as $act) {
            if ($act === $added) {
                return true;
            }
            if ($act->comesBefore($added) && ! in_array($act, $this->acts, true)) {
                return false;
            }
        }

        return true;
    }

    /** Whether the same hands do it. */
    private function goesWith(RoundAct $act): bool
    {
        return $this->gloves === Gloves::Either || $act->gloves() === Gloves::Either || $act->gloves() === $this->gloves;
    }

    /** Whether nothing comes later by it than if the added act were done as soon as the smaller group is done. */
    private function comesInTime(self $smaller, RoundAct $added): bool
    {
        [$laid, $before] = [$this->inTurn(), $smaller->inTurn()];
        $after = max(0.0, $before[count($before) - 1]->endMin() - $added->latestMin());

        return $this->isInOneGo() && self::late($laid) <= self::late($before) + $after + 1e-9;
    }

    /** @param  list<LaidAct>  $laid */
    private static function late(array $laid): float
    {
        return array_sum(array_map(static fn (LaidAct $act): float => $act->lateMin(), $laid));
    }

    /**
     * Whether what is left comes no later than after the smaller group.
     *
     * @param  list<RoundAct>  $left  by their times
     */
    private function leavesTimeFor(array $left, self $smaller): bool
    {
        return $this->lateAfter($left) <= $smaller->lateAfter(array_values(array_filter($left, fn (RoundAct $act): bool => ! in_array($act, $this->acts, true)))) + 1e-9;
    }

    /**
     * By how much others come late when they follow at once, in the order of their last moments.
     *
     * @param  list<RoundAct>  $left
     */
    private function lateAfter(array $left): float
    {
        $laid = $this->inTurn();
        $end = $laid[count($laid) - 1]->endMin();
        $soon = array_filter($left, fn (RoundAct $act): bool => ! in_array($act, $this->acts, true) && $act->latestMin() < $end + self::AHEAD_MIN);
        usort($soon, static fn (RoundAct $a, RoundAct $b): int => $a->latestMin() <=> $b->latestMin());
        [$at, $hands, $late] = [$end, $this->hands->after($this->gloves), 0.0];
        foreach ($soon as $act) {
            $at += $hands->suit($act->gloves()) || $hands === Gloves::Either ? 0.0 : Gloves::CHANGE_MIN;
            $hands = $hands->after($act->gloves());
            $at = max($at, $act->earliestMin());
            $late += max(0.0, $at - $act->latestMin());
            $at += $act->lastsMin;
        }

        return $late;
    }

    /** Whether there is a moment at which it can begin so that each is in time, or it begins at once since that is past. */
    private function isInOneGo(): bool
    {
        [$soonest, $latest] = $this->between();

        return $soonest <= $latest + 1e-9 || $soonest <= $this->readyMin + 1e-9;
    }

    /** @return array{float, float} when the first may begin and when it must, so that each is in time */
    private function between(): array
    {
        [$soonest, $latest, $offset] = [$this->readyMin, INF, 0.0];
        foreach ($this->acts as $act) {
            $soonest = max($soonest, $act->earliestMin() - $offset);
            $latest = min($latest, $act->latestMin() - $offset);
            $offset += $act->lastsMin;
        }

        return [$soonest, $latest];
    }

    /** @return non-empty-list<LaidAct> in one go, the first as near to its time as all of them allow */
    private function inTurn(): array
    {
        [$soonest, $latest] = $this->between();
        $at = max($soonest, min($latest, $this->acts[0]->dueMin));
        $laid = [];
        foreach ($this->acts as $act) {
            $laid[] = new LaidAct($act, $at);
            $at += $act->lastsMin;
        }

        return $laid;
    }
}
