<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Rehearsal;

use OpenGlaze\Core\Rehearsal\Accident;
use OpenGlaze\Core\Rehearsal\Answered;
use OpenGlaze\Core\Rehearsal\Debriefing;
use OpenGlaze\Core\Rehearsal\Deed;
use OpenGlaze\Core\Rehearsal\Loss;
use OpenGlaze\Core\Rehearsal\Script;
use OpenGlaze\Core\Run\ActKind;
use OpenGlaze\Core\Tests\Support\English;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A rehearsal held against the same evening by somebody who knew. */
final class DebriefingTest extends TestCase
{
    private const END = 200.0;

    public function test_every_act_at_its_minute_is_faultless(): void
    {
        $debriefing = Debriefing::of([self::deed(ActKind::Pass, 5, 40, 5), self::deed(ActKind::Look, 20, 40, 20), self::deed(ActKind::Cover, 70, null, 70)], [], self::END);
        self::assertSame([0.0, 0.0, 0, 0.0], [$debriefing->yours->ml, $debriefing->yours->lateMin, $debriefing->yours->faults, $debriefing->yours->risk]);
        self::assertSame([], $debriefing->losses);
    }

    public function test_what_was_never_done_is_lost_when_it_makes_no_sense_any_more(): void
    {
        $losses = Debriefing::of([self::deed(ActKind::Pass, 5, 40, null), self::deed(ActKind::Wipe, 10, 90, null)], [], self::END)->losses;
        self::assertSame([40.0, 90.0], array_column($losses, 'atMin'));
        self::assertSame([], Debriefing::of([self::deed(ActKind::Pass, 5, 40, null)], [], 30.0)->losses, 'it could still be done when it ended');
    }

    public function test_too_early_helps_as_little_as_too_late(): void
    {
        $of = static fn (float $done): Debriefing => Debriefing::of([self::deed(ActKind::Pass, 10, 40, $done)], [], self::END);
        self::assertSame('rehearsal.early.lost', $of(7.9)->losses[0]->what->key);
        self::assertSame([], $of(8.0)->losses);
        self::assertSame([], $of(13.0)->losses);
        self::assertSame(0.0, $of(13.0)->yours->lateMin, 'three minutes later is in time');
        self::assertEqualsWithDelta(7.0, $of(20.0)->yours->lateMin, 1e-9);
        self::assertSame(1, $of(41.0)->yours->faults);
        self::assertGreaterThan(0.0, $of(41.0)->yours->risk, 'heat on what has closed');
    }

    public function test_it_names_what_was_done_meanwhile_and_could_have_waited_longest(): void
    {
        $losses = Debriefing::of([
            self::deed(ActKind::Pass, 10, 20, null, 'Fox'), self::deed(ActKind::Wipe, 12, 60, 12, 'Owl'), self::deed(ActKind::Wipe, 14, 90, 14, 'Hare'), self::deed(ActKind::Wipe, 50, 90, 50, 'Later'),
        ], [], self::END)->losses;
        self::assertSame('rehearsal.saved.waited_long', $losses[0]->saved->key);
        self::assertSame('Hare', $losses[0]->saved->values['film']);
    }

    public function test_where_nothing_else_could_wait_a_helper_is_named_and_where_nothing_was_done_a_press(): void
    {
        $fox = self::deed(ActKind::Pass, 10, 20, null);
        $saved = static fn (Deed ...$others): string => Debriefing::of([$fox, ...$others], [], self::END)->losses[0]->saved->key;
        self::assertSame('rehearsal.saved.helper', $saved(self::deed(ActKind::Pass, 12, 18, 12, 'Owl')));
        self::assertSame('rehearsal.saved.press', $saved());
        self::assertSame('rehearsal.saved.press', $saved(self::deed(ActKind::Pass, 40, 50, 40, 'Owl')));
        $waited = Debriefing::of([$fox, self::deed(ActKind::Wipe, 12, 400, 12, 'Hare')], [], self::END)->losses[0]->saved;
        self::assertStringContainsString('could have waited, and this could not', English::say($waited), 'for longer than it is good for');
    }

    public function test_who_was_at_the_door_hears_of_it(): void
    {
        $visitor = new Answered(Accident::Visitor, 8, 14, null);
        $debriefing = Debriefing::of([self::deed(ActKind::Pass, 10, 13, null)], [$visitor], self::END);
        self::assertSame(['rehearsal.saved.door', 'rehearsal.visitor.wanted'], array_map(static fn (Loss $loss): string => $loss->saved->key, $debriefing->losses));
        self::assertSame([2, 1.0], [$debriefing->yours->faults, $debriefing->yours->risk]);
        self::assertSame([0, 0.0], [$debriefing->theirs->faults, $debriefing->theirs->risk]);
    }

    public function test_a_flame_right_after_sticky_hands_is_a_risk_and_half_a_minute_later_is_none(): void
    {
        $of = static fn (float $flame): Debriefing => Debriefing::of([self::deed(ActKind::Wipe, 10, 90, 10), new Deed('Fox', ActKind::Pass, 'Heat pass', $flame, 40, $flame, isFlame: true)], [], self::END);
        self::assertSame(3.0, $of(10.4)->yours->risk);
        self::assertSame('rehearsal.sticky.lost', $of(10.4)->losses[0]->what->key);
        self::assertSame(0.0, $of(10.5)->yours->risk);
        self::assertSame(0.0, $of(10.4)->theirs->risk, 'who knew had a second pair of hands');
    }

    public function test_skipped_on_purpose_is_no_fault(): void
    {
        self::assertSame([], Debriefing::of([new Deed('Fox', ActKind::Look, 'Last look', 10, 40, null, true)], [], self::END)->losses);
    }

    /** @return iterable<string, array{int}> */
    public static function evenings(): iterable
    {
        foreach (range(1, 40) as $seed) {
            yield "evening $seed" => [$seed];
        }
    }

    #[DataProvider('evenings')]
    public function test_who_knew_is_never_worse_and_what_is_done_sooner_to_its_time_is_never_worse(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        $deeds = $accidents = [];
        for ($act = 0; $act < 25; $act++) {
            $due = $random->getInt(0, 90);
            $kind = [ActKind::Pass, ActKind::Wipe, ActKind::Look, ActKind::Cover][$random->getInt(0, 3)];
            $deeds[] = self::deed($kind, $due, $due + $random->getInt(5, 40), $random->getInt(0, 3) === 0 ? null : $due + $random->getInt(-10, 50), "Film $act");
        }
        foreach (Accident::cases() as $accident) {
            $at = (float) $random->getInt(5, 60);
            $accidents[] = new Answered($accident, $at, $at + 5, $random->getInt(0, 1) === 0 ? null : $at + $random->getInt(0, 10), 'Fox', (float) $random->getInt(0, 50));
        }
        $debriefing = Debriefing::of($deeds, $accidents, self::END);
        foreach (['ml', 'lateMin', 'faults', 'risk'] as $figure) {
            self::assertLessThanOrEqual($debriefing->yours->{$figure}, $debriefing->theirs->{$figure}, $figure);
        }
        self::assertSame(0, $debriefing->theirs->faults);
        $times = array_column($debriefing->losses, 'atMin');
        $sorted = $times;
        sort($sorted);
        self::assertSame($sorted, $times, 'in the order in which they came');
        foreach (array_keys($deeds) as $at) {
            $better = $deeds;
            $better[$at] = $deeds[$at]->atItsMinute();
            self::assertLessThanOrEqual($debriefing->yours->faults, Debriefing::of($better, $accidents, self::END)->yours->faults);
        }
    }

    public function test_a_seed_draws_the_same_and_an_accident_more_changes_none_of_the_others(): void
    {
        self::assertEquals(Script::drawn(5, Accident::cases()), Script::drawn(5, Accident::cases()));
        self::assertNotEquals(Script::drawn(5, Accident::cases()), Script::drawn(6, Accident::cases()));
        self::assertEquals([Script::drawn(5, Accident::cases())[5]], Script::drawn(5, [Accident::Hair]));
        foreach (range(1, 200) as $seed) {
            foreach (Script::drawn($seed, Accident::cases()) as $cue) {
                self::assertTrue($cue->afterMin >= 2 && $cue->afterMin <= 12);
                self::assertContains($cue->at(11), range(0, 10));
                self::assertSame(0, $cue->at(1));
            }
        }
    }

    private static function deed(ActKind $kind, float $due, ?float $until, ?float $done, string $film = 'Fox'): Deed
    {
        return new Deed($film, $kind, "An act of $film", $due, $until, $done);
    }
}
