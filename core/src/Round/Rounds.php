<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Run\Gloves;

/**
 * The acts of many films, laid for one pair of hands so that hands and flame change as seldom as the tolerances allow.
 *
 * The act that is due first leads, or one that the hands can do as they are. What wants the same hands and can be done
 * in one go with it joins, unless something would come late by that. Of three such layings, one of them by the clock
 * alone, the one is taken with fewest lost, then fewest minutes late, then fewest changes of hands; and
 * from that one a better order is looked for.
 */
final readonly class Rounds
{
    /** So many of the next acts are held against each other; what is due later waits its turn. */
    private const LOOKED_AT = 32;

    /** The same where there are more acts than a small studio ever has. */
    private const LOOKED_AT_OF_MANY = 10;

    private const MANY = 200;

    /** Of so many acts that a better order is looked for. */
    private const BETTERED = 160;

    /**
     * @param  float  $fromMin  when the hands begin, on the clock of the evening
     * @param  list<Round>  $rounds
     * @param  list<RoundAct>  $lost  nobody comes to them before they make no sense any more
     */
    private function __construct(
        private float $fromMin,
        public array $rounds,
        public array $lost,
    ) {
    }

    /**
     * @param  list<RoundAct>  $acts  in any order
     * @param  float  $fromMin  now, on the clock of the evening
     * @param  Gloves  $gloves  what the hands are like now
     */
    public static function lay(array $acts, float $fromMin, Gloves $gloves): self
    {
        usort($acts, static fn (RoundAct $a, RoundAct $b): int => $a->place() <=> $b->place());
        $best = null;
        foreach ([Group::keepingHands(...), Group::ledByTheFirst(...), Group::byTheClock(...)] as $next) {
            $rounds = self::laid($acts, $fromMin, $gloves, $next);
            $best = $best === null || $rounds->worth() < $best->worth() ? $rounds : $best;
        }

        return $best->changes() === 0 && $best->isInTime() ? $best : $best->bettered($gloves);
    }

    /**
     * Other acts by hands that begin when these did, one after the other and each as soon as it can.
     *
     * @param  list<RoundAct>  $order
     */
    public function redone(array $order, Gloves $gloves): self
    {
        return self::inOrder($order, $this->fromMin, $gloves);
    }

    /** The same in a better order, where one is found; never a worse one. */
    private function bettered(Gloves $gloves): self
    {
        // what is lost stands where it would be due
        $order = array_map(static fn (LaidAct $one): RoundAct => $one->act, $this->acts());
        foreach ($this->lost as $act) {
            $at = 0;
            while (isset($order[$at]) && ($order[$at]->dueMin <= $act->dueMin || $order[$at]->comesBefore($act) && $order[$at]->place() < $act->place())) {
                $at++;
            }
            array_splice($order, $at, 0, [$act]);
        }
        if ($order === []) {
            return $this;
        }
        $head = array_slice($order, 0, self::BETTERED);
        $other = self::inOrder([...(new HandsOrder($head, $this->fromMin, $gloves))->better(), ...array_slice($order, self::BETTERED)], $this->fromMin, $gloves);

        return $other->worth() < $this->worth() ? $other : $this;
    }

    /**
     * Acts one after the other, each as near to its time as those that follow allow.
     *
     * @param  list<RoundAct>  $order
     */
    private static function inOrder(array $order, float $fromMin, Gloves $gloves): self
    {
        $laid = $lost = $changes = [];
        [$at, $hands] = [$fromMin, $gloves];
        foreach ($order as $act) {
            $isChange = ! $hands->suit($act->gloves) && $hands !== Gloves::Either;
            $one = new LaidAct($act, max($at + ($isChange ? Gloves::CHANGE_MIN : 0.0), $act->earliestMin));
            if ($one->pieces === 0) {
                $lost[] = $act;

                continue;
            }
            $laid[] = $one;
            $changes[] = $isChange;
            [$at, $hands] = [$one->endMin(), $hands->after($act->gloves)];
        }
        // and back: nearer to its time where nothing comes later by it
        $next = INF;
        for ($number = count($laid) - 1; $number >= 0; $number--) {
            $one = $laid[$number];
            $begin = max($one->beginMin, min($one->act->dueMin, $one->act->latestMin, $next - ($one->endMin() - $one->beginMin)));
            $laid[$number] = new LaidAct($one->act, $begin);
            $next = $begin - ($changes[$number] ? Gloves::CHANGE_MIN : 0.0);
        }

        return new self($fromMin, self::roundsOf(array_values($laid), $changes), $lost);
    }

    /**
     * @param  list<LaidAct>  $laid  in the order of the hands
     * @param  list<bool>  $changes  whether hands change before each
     * @return list<Round>
     */
    private static function roundsOf(array $laid, array $changes): array
    {
        $rounds = [];
        foreach ($laid as $number => $one) {
            $last = end($rounds);
            if ($last === false || $changes[$number]) {
                $rounds[] = new Round($one->act->gloves, $changes[$number], [$one]);
            } else {
                array_pop($rounds);
                $rounds[] = new Round($last->gloves->after($one->act->gloves), $last->changes, [...$last->acts, $one]);
            }
        }

        return $rounds;
    }

    /** Whether it is still as it was laid: nothing of it, nor the change of hands before it, has begun. */
    public function holdsAt(float $min): bool
    {
        $first = $this->rounds[0] ?? null;

        return $min >= $this->fromMin && ($first === null || $min <= $first->acts[0]->beginMin - ($first->changes ? Gloves::CHANGE_MIN : 0.0));
    }

    /** The same for hands that begin later, and still before its first act. */
    public function from(float $min): self
    {
        return new self($min, $this->rounds, $this->lost);
    }

    /** Whether nothing is late, lost or parted. */
    public function isInTime(): bool
    {
        $worth = $this->worth();

        return $worth[0] === 0 && $worth[1] <= 0.0;
    }

    /** @return list<LaidAct> in the order of the hands */
    public function acts(): array
    {
        return array_merge(...array_map(static fn (Round $round): array => $round->acts, $this->rounds));
    }

    /** @return list<LaidAct> those that the hands come to past their last moment */
    public function late(): array
    {
        return array_values(array_filter($this->acts(), static fn (LaidAct $act): bool => $act->lateMin() > 0));
    }

    /**
     * The first moment at which the hands can turn to something else, such as mixing a cup, and nothing comes late by it.
     *
     * @param  float  $lastsMin  how long they are at that
     * @param  Gloves  $gloves  what it wants
     * @return float  min on the clock of the evening
     */
    public function momentFor(float $lastsMin, Gloves $gloves): float
    {
        $acts = $this->acts();
        $at = $this->fromMin;
        foreach ($acts as $number => $next) {
            // what they come to at once goes first
            if ($next->beginMin > $at && self::stayInTime(array_slice($acts, $number), $at + $lastsMin, $gloves)) {
                return $at;
            }
            $at = max($at, $next->endMin());
        }

        return $at;
    }

    /**
     * Whether acts that follow one another come no later than they may, or were to come anyway, when the hands are free then.
     *
     * @param  list<LaidAct>  $acts
     */
    private static function stayInTime(array $acts, float $atMin, Gloves $hands): bool
    {
        foreach ($acts as $one) {
            $ready = $atMin + ($hands->suit($one->act->gloves) ? 0.0 : Gloves::CHANGE_MIN);
            if ($ready > max($one->act->latestMin, $one->beginMin)) {
                return false;
            }
            [$atMin, $hands] = [max($ready, $one->beginMin) + $one->act->lastsMin, $hands->after($one->act->gloves)];
        }

        return true;
    }

    /** How often hands change. */
    public function changes(): int
    {
        return count(array_filter($this->rounds, static fn (Round $round): bool => $round->changes));
    }

    /** How many pairs to put on, one over the other: one comes off at each change from sticky to clean. */
    public function pairsToLayer(): int
    {
        return 1 + count(array_filter($this->rounds, static fn (Round $round): bool => $round->changes && $round->gloves === Gloves::Clean));
    }

    /**
     * Less is better. What is late already gets later by every minute that something else comes first, so minutes count before acts.
     *
     * @return array{int, float, int, int} what is lost, but for what can wait, by how many minutes all that is late comes late, how often hands change, how many acts are late
     */
    private function worth(): array
    {
        $late = array_map(static fn (LaidAct $act): float => $act->lateMin(), $this->late());

        $lost = array_filter($this->lost, static fn (RoundAct $act): bool => ! $act->canWait);

        $parted = array_filter($this->acts(), static fn (LaidAct $one): bool => $one->isParted());

        return [count($lost) + count($parted), round(array_sum($late)), $this->changes(), count($late)];
    }

    /**
     * @param  list<RoundAct>  $left  by their times
     * @param  callable(non-empty-list<RoundAct>, float, Gloves): Group  $next  what is done next in one go, of what is left
     */
    private static function laid(array $left, float $atMin, Gloves $gloves, callable $next): self
    {
        $fromMin = $atMin;
        $rounds = $lost = [];
        $lookedAt = count($left) > self::MANY ? self::LOOKED_AT_OF_MANY : self::LOOKED_AT;
        while ($left !== []) {
            $group = $next(array_slice($left, 0, $lookedAt), $atMin, $gloves);
            $left = array_values(array_filter($left, static fn (RoundAct $act): bool => ! in_array($act, $group->acts, true)));
            array_push($lost, ...$group->lost());
            $laid = $group->laid();
            if ($laid === []) {
                continue;
            }
            $last = end($rounds);
            if ($last !== false && ! $group->changes()) {
                array_pop($rounds);
                $rounds[] = new Round($last->gloves->after($group->gloves), $last->changes, [...$last->acts, ...$laid]);
            } else {
                $rounds[] = new Round($group->gloves, $group->changes(), $laid);
            }
            [$atMin, $gloves] = [$laid[count($laid) - 1]->endMin(), $gloves->after($group->gloves)];
        }

        return new self($fromMin, $rounds, $lost);
    }
}
