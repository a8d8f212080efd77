<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Round;

use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Gloves;

/**
 * What a second pair of hands takes over from the first: what that does not come to, or comes to late. Each act is one
 * pair's, each pair has its own gloves and its own minute for a change, and a film is in one pair's hands at a time.
 *
 * By it nothing is lost or later that was not: what the first gives away only makes the rest of it sooner.
 */
final readonly class SecondPair
{
    private const ROUNDING_MIN = 1e-6;

    /** @param  list<RoundAct>  $lost  neither comes to them before they make no sense any more */
    private function __construct(
        public Rounds $first,
        public Rounds $second,
        public array $lost,
    ) {
    }

    /**
     * @param  Rounds  $alone  the evening as one pair would go through it
     * @param  Gloves  $hands  of the first pair now; the second begins clean
     */
    public static function beside(Rounds $alone, Gloves $hands): self
    {
        $byPlace = static fn (RoundAct $a, RoundAct $b): int => $a->place() <=> $b->place();
        [$missed, $late] = [self::ofBoth($alone->lost), self::ofBoth(array_map(static fn (LaidAct $one): RoundAct => $one->act, $alone->late()))];
        usort($missed, $byPlace);
        usort($late, $byPlace);
        $was = [];
        foreach ($alone->acts() as $laid) {
            $was[spl_object_id($laid->act)] = $laid;
        }
        [$first, $second, $lost] = [$alone, $alone->redone([], Gloves::Clean), $alone->lost];
        foreach ([...$missed, ...$late] as $act) {
            $takes = array_map(static fn (LaidAct $laid): RoundAct => $laid->act, $second->acts());
            $at = count(array_filter($takes, static fn (RoundAct $other): bool => $other->place() < $act->place()));
            $other = $second->redone([...array_slice($takes, 0, $at), $act, ...array_slice($takes, $at)], Gloves::Clean);
            $rest = $first->redone(array_values(array_filter(array_map(static fn (LaidAct $laid): RoundAct => $laid->act, $first->acts()), static fn (RoundAct $one): bool => $one !== $act)), $hands);
            if (self::isNoLater($other, $was) && self::isNoLater($rest, $was) && self::filmsKeepTheirOrder($rest, $other)) {
                [$first, $second, $lost] = [$rest, $other, array_values(array_filter($lost, static fn (RoundAct $one): bool => $one !== $act))];
            }
        }

        return new self($first, $second, $lost);
    }

    /** How many acts still come late or are lost, but for covers that can wait, and pours, which are the first's. */
    public function troubled(): int
    {
        return count(self::ofBoth([...$this->lost, ...array_map(static fn (LaidAct $late): RoundAct => $late->act, [...$this->first->late(), ...$this->second->late()])]));
    }

    /**
     * What either pair may do.
     *
     * @param  list<RoundAct>  $acts
     * @return list<RoundAct>
     */
    private static function ofBoth(array $acts): array
    {
        return array_values(array_filter($acts, static fn (RoundAct $act): bool => ! $act->canWait && $act->kind !== ActKind::Pour));
    }

    /**
     * Whether none is lost, each is in time or begins no later than it would have, and as many of its pieces are done.
     *
     * @param  array<int, LaidAct>  $was  by the act
     */
    private static function isNoLater(Rounds $rounds, array $was): bool
    {
        foreach ($rounds->acts() as $laid) {
            $before = $was[spl_object_id($laid->act)] ?? null;
            if ($laid->lateMin() > 0 && $laid->beginMin > ($before->beginMin ?? -INF) + self::ROUNDING_MIN || $laid->pieces < ($before->pieces ?? $laid->act->pieces)) {
                return false;
            }
        }

        return $rounds->lost === [];
    }

    /** Whether what one pair does to a film never meets what the other does to it, and comes in its order. */
    private static function filmsKeepTheirOrder(Rounds $first, Rounds $second): bool
    {
        foreach ($second->acts() as $mine) {
            foreach ($first->acts() as $other) {
                if ($mine->act->film !== $other->act->film) {
                    continue;
                }
                [$before, $after] = $mine->beginMin < $other->beginMin ? [$mine, $other] : [$other, $mine];
                if ($before->endMin() > $after->beginMin + self::ROUNDING_MIN || $after->act->place() < $before->act->place() && $after->act->comesBefore($before->act)) {
                    return false;
                }
            }
        }

        return true;
    }
}
