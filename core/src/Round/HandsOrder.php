<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Run\Gloves;

/**
 * One pair of hands that goes through acts in an order, each as soon as it can; and a better order, where anything
 * comes late or is lost.
 *
 * Acts that are lost or late are taken out and put in elsewhere, and neighbours are exchanged, as long as that makes it
 * better: fewer lost, then fewer minutes late, then fewer changes of hands. What must come before what stays so. It
 * ends after so many steps, and so is the same every time.
 *
 * Source: reinsertion and exchange in a schedule of one machine with deadlines and set-ups (Pinedo, Scheduling).
 */
final class HandsOrder
{
    /** How many acts may be gone through in all: some 30 ms. */
    private const MOST_STEPS = 80_000;

    /** How far an act is moved, in acts. */
    private const FARTHEST = 40;

    /** @var list<array{float, float, float, float, Gloves, bool}> earliest, latest, until, lasts, gloves, whether it can wait */
    private array $facts;

    private int $steps = 0;

    /** @param  non-empty-list<RoundAct>  $acts  in the order that is to be bettered */
    public function __construct(private readonly array $acts, private readonly float $fromMin, private readonly Gloves $hands)
    {
        $this->facts = array_map(static fn (RoundAct $act): array => [$act->earliestMin, $act->latestMin, $act->untilMin ?? INF, $act->lastsMin, $act->gloves, $act->canWait], $acts);
    }

    /** @return list<RoundAct> in the best order that was found */
    public function better(): array
    {
        $order = range(0, count($this->acts) - 1);
        $worth = $this->worth($order);
        do {
            $before = $worth;
            // in time already: it is the hands that are spared, by any act that goes elsewhere
            foreach ($this->troubled($order) ?: $order as $act) {
                [$order, $worth] = $this->moved($order, $worth, $act);
            }
            [$order, $worth] = $this->exchanged($order, $worth);
        } while ($worth < $before && $this->steps < self::MOST_STEPS);

        return array_map(fn (int $act): RoundAct => $this->acts[$act], $order);
    }

    /**
     * What is lost and what is late, those that are worst off first.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function troubled(array $order): array
    {
        $worst = [];
        [$at, $hands] = [$this->fromMin, $this->hands];
        foreach ($order as $act) {
            [$earliest, $latest, $until, $lasts, $gloves] = $this->facts[$act];
            $begin = max($at + ($hands === $gloves || $gloves === Gloves::Either || $hands === Gloves::Either ? 0.0 : Gloves::CHANGE_MIN), $earliest);
            if ($begin + $lasts > $until) {
                $worst[$act] = INF;

                continue;
            }
            if ($begin > $latest) {
                $worst[$act] = $begin - $latest;
            }
            [$at, $hands] = [$begin + $lasts, $gloves === Gloves::Either ? $hands : $gloves];
        }
        arsort($worst);

        return array_keys($worst);
    }

    /**
     * An act put where it is best.
     *
     * @param  list<int>  $order
     * @param  array{int, float, int}  $worth
     * @return array{list<int>, array{int, float, int}}
     */
    private function moved(array $order, array $worth, int $act): array
    {
        $from = (int) array_search($act, $order, true);
        $stood = $order;
        foreach ([-1, 1] as $way) {
            $trial = $stood;
            for ($at = $from; $this->steps < self::MOST_STEPS && abs($at - $from) < self::FARTHEST; $at += $way) {
                $other = $trial[$at + $way] ?? null;
                if ($other === null || ($way < 0 ? $this->acts[$other]->comesBefore($this->acts[$act]) : $this->acts[$act]->comesBefore($this->acts[$other]))) {
                    break;
                }
                [$trial[$at], $trial[$at + $way]] = [$other, $act];
                $here = $this->worth($trial);
                if ($here < $worth) {
                    [$order, $worth] = [array_values($trial), $here];
                }
            }
        }

        return [$order, $worth];
    }

    /**
     * Neighbours exchanged, as long as that makes it better.
     *
     * @param  list<int>  $order
     * @param  array{int, float, int}  $worth
     * @return array{list<int>, array{int, float, int}}
     */
    private function exchanged(array $order, array $worth): array
    {
        for ($at = 0; $at + 1 < count($order) && $this->steps < self::MOST_STEPS; $at++) {
            if ($this->acts[$order[$at]]->comesBefore($this->acts[$order[$at + 1]])) {
                continue;
            }
            $trial = $order;
            [$trial[$at], $trial[$at + 1]] = [$trial[$at + 1], $trial[$at]];
            $here = $this->worth($trial);
            if ($here < $worth) {
                [$order, $worth] = [array_values($trial), $here];
            }
        }

        return [$order, $worth];
    }

    /**
     * @param  array<int>  $order
     * @return array{int, float, int} lost, minutes late, changes of hands: less is better
     */
    private function worth(array $order): array
    {
        [$at, $hands, $lost, $late, $changes] = [$this->fromMin, $this->hands, 0, 0.0, 0];
        foreach ($order as $act) {
            [$earliest, $latest, $until, $lasts, $gloves, $canWait] = $this->facts[$act];
            $isChange = $hands !== $gloves && $gloves !== Gloves::Either && $hands !== Gloves::Either;
            $begin = $isChange ? $at + Gloves::CHANGE_MIN : $at;
            if ($begin < $earliest) {
                $begin = $earliest;
            }
            $end = $begin + $lasts;
            if ($end > $until) {
                $lost += $canWait ? 0 : 1;

                continue;
            }
            if ($isChange) {
                $changes++;
            }
            if ($begin > $latest) {
                $late += $begin - $latest;
            }
            if ($gloves !== Gloves::Either) {
                $hands = $gloves;
            }
            $at = $end;
        }
        $this->steps += count($order);

        return [$lost, round($late, 1), $changes];
    }
}
