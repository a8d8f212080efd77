<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Run\Gloves;

/**
 * The acts of many films, laid for one pair of hands so that hands and flame change as seldom as the tolerances allow.
 *
 * The act that is due first leads, or one that the hands can do as they are. What wants the same hands and can be done
 * in one go with it joins, unless something would come late by that. Of three such layings, one of them by the clock
 * alone, the one is taken with fewest lost, then fewest minutes late, then fewest changes of hands.
 */
final readonly class Rounds
{
    /** So many of the next acts are held against each other; what is due later waits its turn. */
    private const LOOKED_AT = 32;

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

        return $best;
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

    /** How many pairs to put on, one over the other: one comes off before each heat that follows sticky work. */
    public function pairsToLayer(): int
    {
        return 1 + count(array_filter($this->rounds, static fn (Round $round): bool => $round->changes && $round->isHeat()));
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

        return [count($lost), round(array_sum($late)), $this->changes(), count($late)];
    }

    /**
     * @param  list<RoundAct>  $left  by their times
     * @param  callable(non-empty-list<RoundAct>, float, Gloves): Group  $next  what is done next in one go, of what is left
     */
    private static function laid(array $left, float $atMin, Gloves $gloves, callable $next): self
    {
        $fromMin = $atMin;
        $rounds = $lost = [];
        while ($left !== []) {
            $group = $next(array_slice($left, 0, self::LOOKED_AT), $atMin, $gloves);
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
