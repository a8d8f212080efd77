<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Round;

use OpenGlaze\Core\Film\HeatTool;
use OpenGlaze\Core\Round\LaidAct;
use OpenGlaze\Core\Round\Round;
use OpenGlaze\Core\Round\RoundAct;
use OpenGlaze\Core\Round\Rounds;
use OpenGlaze\Core\Round\SecondPair;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Run\Gloves;
use OpenGlaze\Core\Tests\Support\Draws;
use PHPUnit\Framework\TestCase;

final class RoundsTest extends TestCase
{
    public function test_acts_of_two_pieces_are_done_together_and_hands_change_once(): void
    {
        $rounds = Rounds::lay([
            self::act('autumn', ActKind::Wipe, 10), self::act('autumn', ActKind::Pass, 12),
            self::act('winter', ActKind::Wipe, 12), self::act('winter', ActKind::Pass, 14),
        ], 5, Gloves::Sticky);
        self::assertSame([['wipe', 'wipe'], ['pass', 'pass']], self::kinds($rounds));
        self::assertSame([1, 0, 2], [$rounds->changes(), count($rounds->late()), $rounds->pairsToLayer()]);
    }

    public function test_clean_hands_pass_first_where_the_wipe_can_wait(): void
    {
        $rounds = Rounds::lay([
            self::act('autumn', ActKind::Wipe, 10), self::act('autumn', ActKind::Pass, 13), self::act('autumn', ActKind::Wipe, 20),
        ], 9, Gloves::Clean);
        self::assertSame([['pass'], ['wipe', 'wipe']], self::kinds($rounds));
        self::assertSame([1, 1, []], [$rounds->changes(), $rounds->pairsToLayer(), $rounds->late()]);
    }

    public function test_what_is_due_at_once_is_done_in_the_turn_of_its_films_whatever_these_are_called(): void
    {
        $films = ['winter', 'autumn', 'spring', 'moon'];
        $pour = static fn (string $film, int $turn): RoundAct => new RoundAct($film, 'pour', ActKind::Pour, HeatTool::None, 0, 90, 2, $turn);
        $rounds = Rounds::lay(array_map($pour, $films, array_keys($films)), 0, Gloves::Sticky);
        self::assertSame($films, array_map(static fn (LaidAct $laid): string => $laid->act->film, $rounds->acts()));
    }

    public function test_what_is_far_apart_is_not_drawn_together(): void
    {
        $rounds = Rounds::lay([self::act('autumn', ActKind::Wipe, 10), self::act('winter', ActKind::Wipe, 40)], 0, Gloves::Sticky);
        [$first, $second] = $rounds->acts();
        self::assertSame([10.0, 40.0], [$first->beginMin, $second->beginMin]);
    }

    public function test_one_act_alone_is_done_at_its_time_and_at_once_when_that_is_past(): void
    {
        self::assertSame([20.0, 27.0], [
            Rounds::lay([self::act('autumn', ActKind::Look, 20)], 3, Gloves::Clean)->acts()[0]->beginMin,
            Rounds::lay([self::act('autumn', ActKind::Look, 20)], 27, Gloves::Clean)->acts()[0]->beginMin,
        ]);
    }

    public function test_a_cover_never_goes_on_before_what_its_film_still_wants(): void
    {
        $rounds = Rounds::lay([
            self::act('winter', ActKind::Look, 27), self::act('autumn', ActKind::Wipe, 29), self::act('autumn', ActKind::Cover, 29),
        ], 20, Gloves::Clean);
        self::assertSame(['look', 'wipe', 'cover'], array_merge(...self::kinds($rounds)));
    }

    public function test_what_cannot_be_reached_before_the_film_has_closed_is_told(): void
    {
        $passes = array_map(static fn (int $piece): RoundAct => self::act("piece-$piece", ActKind::Pass, 10, lasts: 4.0, until: 15.0), range(1, 5));
        $rounds = Rounds::lay($passes, 8, Gloves::Clean);
        self::assertSame(['piece-2', 'piece-3', 'piece-4', 'piece-5'], array_map(static fn (RoundAct $act): string => $act->film, $rounds->lost));
        self::assertCount(1, $rounds->acts(), 'two passes of 4 min end after closing, with a minute for the gloves before them');
    }

    public function test_of_an_act_of_many_pieces_those_are_done_that_end_in_time(): void
    {
        $pass = static fn (float $until): RoundAct => new RoundAct('tiles', 'pass-1', ActKind::Pass, HeatTool::Flame, 10, $until, 6.0, pieces: 12);
        $laid = static fn (float $until): Rounds => Rounds::lay([$pass($until)], 10, Gloves::Clean);
        self::assertSame([12, false], [$laid(16)->acts()[0]->pieces, $laid(16)->acts()[0]->isParted()]);
        self::assertSame([7, true, 13.5], [$laid(13.9)->acts()[0]->pieces, $laid(13.9)->acts()[0]->isParted(), $laid(13.9)->acts()[0]->endMin()]);
        self::assertSame([0, 1], [count($laid(10.4)->acts()), count($laid(10.4)->lost)]);
    }

    public function test_eight_films_poured_one_after_the_other_are_all_reached_before_they_close(): void
    {
        $acts = [];
        foreach (range(0, 7) as $film) {
            $poured = 3.0 * $film;
            foreach ([5.0, 13.0] as $pass) {
                $acts[] = self::act("board-$film", ActKind::Pass, $poured + $pass, lasts: 0.8, until: $poured + 38);
            }
            foreach ([12.0, 22.0, 32.0] as $wipe) {
                $acts[] = self::act("board-$film", ActKind::Wipe, $poured + $wipe, lasts: 0.7);
            }
            $acts[] = self::act("board-$film", ActKind::Look, $poured + 30, lasts: 0.5, until: $poured + 38);
        }
        $rounds = Rounds::lay($acts, 0, Gloves::Sticky);
        self::assertSame([0, 48], [count($rounds->lost), count($rounds->acts())]);
    }

    public function test_a_pair_of_gloves_comes_off_at_each_change_from_sticky_to_clean(): void
    {
        $rounds = Rounds::lay([
            self::act('autumn', ActKind::Wipe, 10), self::act('autumn', ActKind::Pass, 30), self::act('autumn', ActKind::Wipe, 50), self::act('autumn', ActKind::Pass, 70),
        ], 5, Gloves::Sticky);
        self::assertSame([3, 3], [$rounds->changes(), $rounds->pairsToLayer()]);
    }

    public function test_what_is_late_already_does_not_wait_for_what_is_not(): void
    {
        $acts = [];
        foreach (range(1, 6) as $board) {
            array_push($acts, self::act("board-$board", ActKind::Pass, 5 + 0.5 * $board, lasts: 0.2, until: 45.0), self::act("board-$board", ActKind::Wipe, 10 + 0.5 * $board));
        }
        $rounds = Rounds::lay($acts, 11, Gloves::Sticky);
        self::assertSame([array_fill(0, 6, 'pass'), array_fill(0, 6, 'wipe')], self::kinds($rounds));
    }

    public function test_breath_goes_with_any_hands(): void
    {
        $rounds = Rounds::lay([
            self::act('pendants', ActKind::Pass, 9, tool: HeatTool::Breath), self::act('autumn', ActKind::Wipe, 10), self::act('pendants-2', ActKind::Pass, 11, tool: HeatTool::Breath),
        ], 5, Gloves::Sticky);
        self::assertSame([0, 1], [$rounds->changes(), $rounds->pairsToLayer()]);
    }

    public function test_a_cover_for_a_wait_goes_on_with_what_is_done_then_and_holds_nothing_up(): void
    {
        $pour = static fn (string $film): RoundAct => new RoundAct($film, 'pour', ActKind::Pour, HeatTool::None, 0, 60, 3.0);
        $films = static fn (Rounds $rounds): array => array_map(static fn (LaidAct $laid): string => $laid->act->kind->value.' '.$laid->act->film, $rounds->acts());
        self::assertSame(['pour hare', 'pour winter', 'cover autumn'], $films(Rounds::lay([self::waitCover('autumn', 4, 30), $pour('winter'), $pour('hare')], 8, Gloves::Sticky)), 'what is still to be poured goes first');
        self::assertSame(['pass winter', 'cover autumn'], $films(Rounds::lay([self::waitCover('autumn', 4, 30), self::act('winter', ActKind::Pass, 9)], 8, Gloves::Clean)), 'in one go with other clean hands');
        self::assertSame(['cover autumn', 'look winter'], $films(Rounds::lay([self::waitCover('autumn', 4, 30), self::act('winter', ActKind::Look, 20)], 8, Gloves::Clean)), 'while nothing else is to be done');
        self::assertSame([], Rounds::lay([self::waitCover('autumn', 4, 30)], 25, Gloves::Clean)->late(), 'it is never late, it only covers less');
    }

    public function test_a_cup_is_mixed_when_nothing_comes_late_by_it(): void
    {
        $moment = static fn (float $lasts, RoundAct ...$acts): float => Rounds::lay($acts, 10, Gloves::Clean)->momentFor($lasts, Gloves::Sticky);
        self::assertSame(10.0, $moment(6), 'nothing is on the bench');
        self::assertSame(10.0, $moment(6, self::act('autumn', ActKind::Look, 20)));
        self::assertSame(10.0, $moment(12, self::act('autumn', ActKind::Look, 20)), 'a look may wait five minutes, and the gloves take one');
        self::assertSame(20.5, $moment(15, self::act('autumn', ActKind::Look, 20)), 'after it');
        self::assertSame(10.5, $moment(6, self::act('autumn', ActKind::Look, 10), self::act('autumn', ActKind::Cover, 30)), 'what is due goes first');
    }

    /** Any evening: from one piece to twelve, poured one after the other, with what hands are like after the pouring. */
    public function test_laws_of_random_evenings(): void
    {
        mt_srand(20261126);
        $saved = 0;
        for ($evening = 0; $evening < Draws::of(90); $evening++) {
            $acts = self::evening();
            $from = (float) mt_rand(0, 20);
            $rounds = Rounds::lay($acts, $from, Gloves::Sticky);
            $laid = $rounds->acts();
            $names = static fn (RoundAct $act): string => "$act->film $act->act";
            $found = [...array_map(static fn (LaidAct $one): string => $names($one->act), $laid), ...array_map($names, $rounds->lost)];
            self::assertEqualsCanonicalizing(array_map($names, $acts), $found, 'each once');
            self::assertHandsAreTrue($rounds, $from);
            foreach ($laid as $one) {
                self::assertTrue($one->act->untilMin === null || $one->endMin() <= $one->act->untilMin + 1e-6, 'what is begun is done before closing');
            }
            self::assertFilmsKeepTheirOrder($laid);
            self::assertNothingComesLateByACup($rounds, (float) mt_rand(2, 15));
            $byClock = self::changesByTheClock($acts);
            self::assertLessThanOrEqual($byClock, $rounds->late() === [] && $rounds->lost === [] ? $rounds->changes() : 0);
            $saved += $byClock - $rounds->changes();
        }
        self::assertGreaterThan(0, $saved, 'no evening had hands to save');
    }

    public function test_by_a_second_pair_of_hands_nothing_is_lost_or_later_that_was_not(): void
    {
        mt_srand(20261202);
        $lost = $left = $troubled = 0;
        for ($evening = 0; $evening < Draws::of(60); $evening++) {
            $slowly = static fn (string $who): array => array_map(static fn (RoundAct $act): RoundAct => new RoundAct("$who $act->film", $act->act, $act->kind, HeatTool::Flame, $act->dueMin, $act->untilMin, 3 * $act->lastsMin), self::evening());
            $acts = [...$slowly('one'), ...$slowly('other')];
            $alone = Rounds::lay($acts, 5.0, Gloves::Sticky);
            $two = SecondPair::beside($alone, Gloves::Sticky);
            $laid = [...$two->first->acts(), ...$two->second->acts()];
            $names = static fn (RoundAct $act): string => "$act->film $act->act";
            self::assertEqualsCanonicalizing(array_map($names, $acts), [...array_map(static fn (LaidAct $one): string => $names($one->act), $laid), ...array_map($names, $two->lost)], 'each once');
            self::assertSame([], array_udiff($two->lost, $alone->lost, static fn (RoundAct $a, RoundAct $b): int => spl_object_id($a) <=> spl_object_id($b)), 'nothing is lost that was not');
            $was = [];
            foreach ($alone->acts() as $one) {
                $was[$names($one->act)] = $one;
            }
            foreach ($laid as $one) {
                $before = $was[$names($one->act)] ?? null;
                self::assertLessThanOrEqual(($before?->lateMin() ?? 0.0) + 1e-6, $one->lateMin(), 'nothing is later');
                self::assertGreaterThanOrEqual($before->pieces ?? $one->act->pieces, $one->pieces);
            }
            self::assertHandsAreTrue($two->first, 5.0);
            self::assertHandsAreTrue($two->second, 5.0, Gloves::Clean);
            foreach ($two->second->acts() as $mine) {
                foreach ($two->first->acts() as $other) {
                    self::assertTrue($mine->act->film !== $other->act->film || $mine->endMin() <= $other->beginMin + 1e-5 || $other->endMin() <= $mine->beginMin + 1e-5, 'a film is in one pair of hands');
                }
            }
            usort($laid, static fn (LaidAct $a, LaidAct $b): int => $a->beginMin <=> $b->beginMin);
            self::assertFilmsKeepTheirOrder($laid);
            $lost += count($two->lost) - count($alone->lost);
            $left += $two->troubled();
            $troubled += count(array_filter([...$alone->lost, ...array_map(static fn (LaidAct $one): RoundAct => $one->act, $alone->late())], static fn (RoundAct $act): bool => ! $act->canWait));
        }
        self::assertLessThan(0, $lost, 'some are reached that were not');
        self::assertLessThan(0.75 * $troubled, $left, 'and some in time that were late');
    }

    private static function assertNothingComesLateByACup(Rounds $rounds, float $lasts): void
    {
        $moment = $rounds->momentFor($lasts, Gloves::Sticky);
        [$at, $hands] = [$moment + $lasts, Gloves::Sticky];
        foreach ($rounds->acts() as $one) {
            if ($one->beginMin < $moment) {
                self::assertLessThanOrEqual($moment + 1e-9, $one->endMin(), 'no act is broken off');

                continue;
            }
            $begin = max($one->beginMin, $at + ($hands->suit($one->act->gloves) ? 0.0 : Gloves::CHANGE_MIN));
            self::assertLessThanOrEqual(max($one->act->latestMin, $one->beginMin) + 1e-9, $begin, 'nothing comes later by it');
            [$at, $hands] = [$begin + $one->act->lastsMin, $hands->after($one->act->gloves)];
        }
    }

    private static function assertHandsAreTrue(Rounds $rounds, float $from, Gloves $hands = Gloves::Sticky): void
    {
        $at = $from;
        foreach ($rounds->rounds as $round) {
            self::assertSame($round->changes, ! $hands->suit($round->gloves));
            $at += $round->changes ? Gloves::CHANGE_MIN : 0.0;
            foreach ($round->acts as $one) {
                self::assertTrue($round->gloves->suit($one->act->gloves), 'no flame with sticky hands');
                self::assertGreaterThanOrEqual($at - 1e-9, $one->beginMin, 'one after the other');
                $at = $one->endMin();
            }
            $hands = $hands->after($round->gloves);
        }
    }

    /** @param  list<LaidAct>  $laid */
    private static function assertFilmsKeepTheirOrder(array $laid): void
    {
        $due = $covered = [];
        foreach ($laid as $one) {
            $kind = $one->act->film.$one->act->kind->value;
            self::assertGreaterThanOrEqual($due[$kind] ?? -INF, $one->act->dueMin);
            self::assertArrayNotHasKey($one->act->film, $covered, 'nothing under the cover');
            $due[$kind] = $one->act->dueMin;
            if ($one->act->kind === ActKind::Cover && ! $one->act->canWait) {
                $covered[$one->act->film] = true;
            }
        }
    }

    /** @param  list<RoundAct>  $acts */
    private static function changesByTheClock(array $acts): int
    {
        usort($acts, static fn (RoundAct $a, RoundAct $b): int => $a->place() <=> $b->place());
        [$hands, $changes] = [Gloves::Sticky, 0];
        foreach ($acts as $act) {
            $changes += $hands->suit($act->gloves) ? 0 : 1;
            $hands = $hands->after($act->gloves);
        }

        return $changes;
    }

    /** @return list<RoundAct> */
    private static function evening(): array
    {
        $acts = [];
        $pieces = mt_rand(1, 12);
        for ($piece = 0; $piece < $pieces; $piece++) {
            $poured = 3.0 * $piece + mt_rand(0, 20) / 10;
            $tool = [HeatTool::Flame, HeatTool::Flame, HeatTool::HeatGun, HeatTool::Breath][mt_rand(0, 3)];
            $closes = $poured + mt_rand(300, 600) / 10;
            foreach ([5.0, 13.0] as $pass) {
                $acts[] = self::act("piece-$piece", ActKind::Pass, $poured + $pass, $tool, mt_rand(3, 40) / 60, $closes);
            }
            $look = $poured + mt_rand(22, 35);
            $drips = mt_rand(0, 1) === 1;
            foreach ($drips ? [10.0, 20.0, 30.0, 52.0] : [] as $wipe) {
                $acts[] = self::act("piece-$piece", ActKind::Wipe, $poured + $wipe, $tool, mt_rand(20, 60) / 60);
            }
            if (! $drips && $look - $poured > 24) {
                $acts[] = self::waitCover("piece-$piece", $poured + 14, $look - 5);
            }
            $acts[] = self::act("piece-$piece", ActKind::Look, $look, $tool, 0.3, $closes);
            $acts[] = self::act("piece-$piece", ActKind::Cover, $poured + 55, $tool, 0.3);
        }

        return $acts;
    }

    private static function waitCover(string $film, float $due, float $until): RoundAct
    {
        return new RoundAct($film, 'cover-after-pass-2', ActKind::Cover, HeatTool::Flame, $due, $until, 0.5);
    }

    private static function act(string $film, ActKind $kind, float $due, HeatTool $tool = HeatTool::Flame, float $lasts = 0.5, ?float $until = null): RoundAct
    {
        return new RoundAct($film, sprintf('%s-%.3f', $kind->value, $due), $kind, $tool, $due, $until, $lasts);
    }

    /** @return list<list<string>> the acts of each round */
    private static function kinds(Rounds $rounds): array
    {
        return array_map(static fn (Round $round): array => array_map(static fn (LaidAct $one): string => $one->act->kind->value, $round->acts), $rounds->rounds);
    }
}
