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

    /** @var non-empty-list<LaidAct> in one go, the first as near to its time as all of them allow */
    private array $turn;

    /** Whether there is a moment at which it can begin so that each is in time, or it begins at once since that is past. */
    private bool $isInOneGo;

    /** How late its acts come, min, all together. */
    private float $lateMin;

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
        $this->gloves = array_reduce($acts, static fn (Gloves $wanted, RoundAct $act): Gloves => $wanted->after($act->gloves), Gloves::Either);
        $this->readyMin = $atMin + ($this->changes() ? Gloves::CHANGE_MIN : 0.0);
        [$soonest, $latest, $offset] = [$this->readyMin, INF, 0.0];
        foreach ($acts as $act) {
            $soonest = max($soonest, $act->earliestMin - $offset);
            $latest = min($latest, $act->latestMin - $offset);
            $offset += $act->lastsMin;
        }
        $this->isInOneGo = $soonest <= $latest + 1e-9 || $soonest <= $this->readyMin + 1e-9;
        $at = max($soonest, min($latest, $acts[0]->dueMin));
        [$turn, $late] = [[], 0.0];
        foreach ($acts as $act) {
            $turn[] = $laid = new LaidAct($act, $at);
            $late += $laid->lateMin();
            $at += $act->lastsMin;
        }
        [$this->turn, $this->lateMin] = [$turn, $late];
    }

    /**
     * The act that is due first, and all that can go with it.
     *
     * @param  non-empty-list<RoundAct>  $left  by their times
     */
    public static function ledByTheFirst(array $left, float $atMin, Gloves $hands): self
    {
        return self::ledBy(self::first($left, $atMin), $left, $atMin, $hands);
    }

    /**
     * The same, but what the hands can do as they are comes before what is due first, where nothing comes late by that.
     *
     * @param  non-empty-list<RoundAct>  $left  by their times
     */
    public static function keepingHands(array $left, float $atMin, Gloves $hands): self
    {
        $first = self::ledByTheFirst($left, $atMin, $hands);
        if (! $first->changes()) {
            return $first;
        }
        foreach ($left as $at => $act) {
            if ($act->earliestMin > $left[0]->latestMin) {
                break;
            }
            if ($hands->suit($act->gloves) && (new self([$act], $atMin, $hands))->keepsFilmsInOrder($left, $act)) {
                $other = self::ledBy($at, $left, $atMin, $hands);
                $byLatest = self::byLatest($left);

                return $other->lateMin + $other->lateAfter($byLatest) <= $first->lateMin + $first->lateAfter($byLatest) + 1e-9 ? $other : $first;
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
        return new self([$left[self::first($left, $atMin)]], $atMin, $hands);
    }

    /**
     * What is due first; what can wait comes after what can be done now, unless that is of its own film.
     *
     * @param  non-empty-list<RoundAct>  $left  by their times
     */
    private static function first(array $left, float $atMin): int
    {
        $before = [];
        foreach ($left as $number => $act) {
            if (! $act->canWait) {
                return $before === [] || ($act->earliestMin <= $atMin && ! in_array($act->film, $before, true)) ? $number : 0;
            }
            $before[] = $act->film;
        }

        return 0;
    }

    /** @param  non-empty-list<RoundAct>  $left  by their times */
    private static function ledBy(int $from, array $left, float $atMin, Gloves $hands): self
    {
        $group = new self([$left[$from]], $atMin, $hands);
        $byLatest = self::byLatest($left);
        foreach ($left as $number => $act) {
            if ($number === $from || ($number < $from && ! $act->canWait)) {
                continue;
            }
            if ($act->earliestMin > $group->acts[0]->latestMin && $act->earliestMin > $group->readyMin) {
                break;
            }
            if (! $group->goesWith($act)) {
                continue;
            }
            $with = new self([...$group->acts, $act], $atMin, $hands);
            if ($with->comesInTime($group, $act) && $with->keepsFilmsInOrder($left, $act) && $with->lateAfter($byLatest) <= $group->lateAfter($byLatest, $act) + 1e-9) {
                $group = $with;
            }
        }

        return $group;
    }

    /**
     * @param  non-empty-list<RoundAct>  $left
     * @return list<RoundAct> in the order of their last moments
     */
    private static function byLatest(array $left): array
    {
        usort($left, static fn (RoundAct $a, RoundAct $b): int => $a->latestMin <=> $b->latestMin);

        return $left;
    }

    /** Whether hands have to be changed before it. */
    public function changes(): bool
    {
        return ! $this->hands->suit($this->gloves) && $this->hands !== Gloves::Either;
    }

    /** @return list<LaidAct> those that are come to while they make sense */
    public function laid(): array
    {
        return array_values(array_filter($this->turn, static fn (LaidAct $act): bool => $act->pieces > 0));
    }

    /** @return list<RoundAct> the others */
    public function lost(): array
    {
        return array_values(array_map(
            static fn (LaidAct $act): RoundAct => $act->act,
            array_filter($this->turn, static fn (LaidAct $act): bool => $act->pieces === 0),
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
        return $this->gloves === Gloves::Either || $act->gloves === Gloves::Either || $act->gloves === $this->gloves;
    }

    /** Whether nothing comes later by it than if the added act were done as soon as the smaller group is done. */
    private function comesInTime(self $smaller, RoundAct $added): bool
    {
        return $this->isInOneGo && $this->lateMin <= $smaller->lateMin + max(0.0, $smaller->endMin() - $added->latestMin) + 1e-9;
    }

    private function endMin(): float
    {
        return $this->turn[count($this->turn) - 1]->endMin();
    }

    /**
     * By how much others come late when they follow at once, in the order of their last moments.
     *
     * @param  list<RoundAct>  $byLatest  all that is left, in that order
     * @param  RoundAct|null  $but  one that is not counted
     */
    private function lateAfter(array $byLatest, ?RoundAct $but = null): float
    {
        $end = $this->endMin();
        [$at, $hands, $late] = [$end, $this->hands->after($this->gloves), 0.0];
        foreach ($byLatest as $act) {
            if ($act->latestMin >= $end + self::AHEAD_MIN) {
                break;
            }
            if ($act === $but || in_array($act, $this->acts, true)) {
                continue;
            }
            // written out: this is asked some ten thousand times for an evening
            if ($act->gloves !== Gloves::Either) {
                $at += $hands === $act->gloves || $hands === Gloves::Either ? 0.0 : Gloves::CHANGE_MIN;
                $hands = $act->gloves;
            }
            if ($at < $act->earliestMin) {
                $at = $act->earliestMin;
            }
            if ($at > $act->latestMin) {
                $late += $at - $act->latestMin;
            }
            $at += $act->lastsMin;
        }

        return $late;
    }
}
