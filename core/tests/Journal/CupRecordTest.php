<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\CupRecord;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Known;
use OpenGlaze\Core\Journal\LotRecord;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Journal\RestOfMix;
use OpenGlaze\Core\Journal\SubjectKind;
use OpenGlaze\Core\Plan\PartName;
use PHPUnit\Framework\TestCase;

/** What became of a cup and of the bottles that it came from. */
final class CupRecordTest extends TestCase
{
    public function test_readings_stand_by_their_step_and_are_taken_back_by_another_press(): void
    {
        $a = self::weighed(1, 'a', 40.0);
        $b = self::weighed(2, 'b', 22.0);
        $cup = CupRecord::of([self::begun(), $b, $a, Happened::undone(3, $b), $again = self::weighed(4, 'b', 20.0)]);
        self::assertSame(['a' => 40.0, 'b' => 20.0], $cup->gotG());
        self::assertSame($again->id, $cup->lastReading()?->id);
        self::assertTrue($cup->isInUse());
    }

    public function test_a_step_weighed_on_two_devices_counts_as_it_happened_first(): void
    {
        self::assertSame(['a' => 40.0], CupRecord::of([self::begun(), self::weighed(2, 'a', 41.0, 'tablet'), self::weighed(1, 'a', 40.0)])->gotG());
    }

    public function test_what_was_taken_for_one_part_was_the_other(): void
    {
        $cup = CupRecord::of([self::begun(), self::weighed(1, 'a', 40.0), Happened::at(2, EventKind::PartsTurned, ['first' => 'b'])]);
        self::assertSame(['b' => 40.0], $cup->gotG());
        self::assertSame(PartName::B, $cup->first);
    }

    public function test_the_first_end_of_the_stirring_counts_and_the_last_beginning_before_it(): void
    {
        $cup = CupRecord::of([
            self::begun(), Happened::at(3, EventKind::StirringBegun), Happened::at(4, EventKind::StirringBegun),
            Happened::at(9, EventKind::Mixed, device: 'tablet'), Happened::at(7, EventKind::Mixed), Happened::at(8, EventKind::StirringBegun),
        ]);
        self::assertSame(Happened::ZERO + 4 * 60_000, $cup->stirredFromMs);
        self::assertSame(Happened::ZERO + 7 * 60_000, $cup->mixedMs());
    }

    public function test_a_cup_with_nothing_in_it_is_not_in_use_and_one_thrown_away_is_no_more(): void
    {
        self::assertFalse(CupRecord::of([self::begun()])->isInUse());
        self::assertFalse(CupRecord::of([self::begun(), self::weighed(1, 'a', 40.0), Happened::at(9, EventKind::Discarded)])->isInUse());
    }

    public function test_what_cannot_be_is_refused_by_a_code(): void
    {
        $a = self::weighed(1, 'a', 40.0);
        $b = self::weighed(2, 'b', 20.0);
        $dose = self::weighed(9, 'dose_0_0', 1.0);
        $mixed = Happened::at(7, EventKind::Mixed);
        $cup = CupRecord::of([self::begun(), $a, $b, $mixed, $dose]);
        self::assertSame(Refusal::NotThere, CupRecord::of([])->refusalOf(EventKind::Weighed, Entry::of()));
        self::assertSame(Refusal::AlreadyBegun, $cup->refusalOf(EventKind::MixingBegun, Entry::of()));
        self::assertSame(Refusal::WeighedAlready, $cup->refusalOf(EventKind::Weighed, Entry::from(['step' => 'a'])));
        self::assertSame(Refusal::BothPartsIn, $cup->refusalOf(EventKind::PartsTurned, Entry::of()));
        self::assertSame(Refusal::AlreadyMixed, $cup->refusalOf(EventKind::StirringBegun, Entry::of()));
        self::assertSame(Refusal::AlreadyMixed, $cup->refusalOf(EventKind::Undone, Entry::from(['of' => $b->id])), 'a part is not taken out of a mix');
        self::assertNull($cup->refusalOf(EventKind::Undone, Entry::from(['of' => $dose->id])), 'a dose was read wrong');
        self::assertNull($cup->refusalOf(EventKind::Undone, Entry::from(['of' => $mixed->id])));
        self::assertNull($cup->refusalOf(EventKind::Mixed, Entry::of()), 'pressed on two devices');
    }

    public function test_of_the_rest_counts_what_was_said_last_and_stands(): void
    {
        $mixed = Happened::at(7, EventKind::Mixed);
        $first = Happened::at(20, EventKind::RestSeenTo, ['how' => 'hardens_in_cup']);
        $last = Happened::at(30, EventKind::RestSeenTo, ['how' => 'laid_thin']);
        $cup = CupRecord::of([self::begun(), $mixed, $last, $first]);
        self::assertSame(RestOfMix::LaidThin, $cup->restHow());
        self::assertSame(RestOfMix::HardensInCup, CupRecord::of([self::begun(), $mixed, $first, $last, Happened::at(31, EventKind::Undone, ['of' => $last->id])])->restHow());
        self::assertNull(CupRecord::of([self::begun(), $mixed])->restHow());
        self::assertSame(Refusal::NotMixed, CupRecord::of([self::begun()])->refusalOf(EventKind::RestSeenTo, Entry::from(['how' => 'laid_thin'])));
        self::assertSame(Refusal::Unreadable, $cup->refusalOf(EventKind::RestSeenTo, Entry::from(['how' => 'down the drain'])));
        self::assertNull($cup->refusalOf(EventKind::RestSeenTo, Entry::from(['how' => 'on_another_piece'])));
    }

    public function test_a_part_is_known_as_its_least_known_reading(): void
    {
        $by = static fn (int $at, string $step, ?string $by): Event => Happened::at($at, EventKind::Weighed, ['step' => $step, 'grams' => 1.0, ...($by === null ? [] : ['by' => $by])]);
        $cup = CupRecord::of([self::begun(), $by(1, 'a', 'scale'), $by(2, 'b', 'hand'), $by(3, 'more_a_1', 'marks'), $by(4, 'resin_0', 'as_meant')]);
        self::assertSame([Known::Read, Known::Weighed], [$cup->knows(PartName::A), $cup->knows(PartName::B)]);
        $cup = CupRecord::of([self::begun(), $by(1, 'a', null), $by(2, 'b', 'as_meant'), $by(3, 'more_b_1', 'scale')]);
        self::assertSame([Known::Weighed, Known::Planned], [$cup->knows(PartName::A), $cup->knows(PartName::B)], 'readings of before');
    }

    public function test_time_together_counts_from_the_first_stir(): void
    {
        $cup = CupRecord::of([self::begun(), Happened::at(5, EventKind::StirringBegun), Happened::at(9, EventKind::StirringBegun)]);
        self::assertGreaterThan($cup->firstStirredMs, $cup->stirredFromMs);
        self::assertNull(CupRecord::of([self::begun()])->firstStirredMs);
    }

    public function test_a_lot_has_what_was_counted_less_what_was_taken_since(): void
    {
        $count = Happened::at(0, EventKind::Counted, ['a_ml' => 800, 'b_ml' => 400]);
        $taken = Happened::at(10, EventKind::Taken, ['a_ml' => 300, 'b_ml' => 150]);
        $lot = LotRecord::of([$taken, $count]);
        self::assertSame([500.0, 250.0], [$lot->leftAMl, $lot->leftBMl]);

        $recount = Happened::at(20, EventKind::Counted, ['a_ml' => 450]);
        $lot = LotRecord::of([$count, $taken, $recount]);
        self::assertSame([450.0, 250.0], [$lot->leftAMl, $lot->leftBMl], 'a count of one part leaves the other');
        $lot = LotRecord::of([$count, $taken, Happened::undone(30, $taken)]);
        self::assertSame([800.0, 400.0], [$lot->leftAMl, $lot->leftBMl]);
        $lot = LotRecord::of([$count, Happened::at(10, EventKind::Taken, ['a_ml' => 900, 'b_ml' => 1])]);
        self::assertSame(0.0, $lot->leftAMl, 'no bottle holds less than nothing');
        self::assertNull(LotRecord::of([$taken])->leftAMl, 'what nobody counted is not known');
        self::assertNull(LotRecord::of([$count, Happened::at(5, EventKind::Counted, ['a_ml' => null])])->leftAMl, 'it can be said that it is not known');
    }

    public function test_a_lot_is_opened_thrown_away_and_found_again(): void
    {
        $opened = Happened::at(0, EventKind::Opened, ['on' => '2026-05-01']);
        $away = Happened::at(9, EventKind::ThrownAway);
        self::assertSame('2026-05-01', LotRecord::of([$opened])->openedOn);
        self::assertNotNull(LotRecord::of([$opened, $away])->thrownAway);
        self::assertNull(LotRecord::of([$opened, $away, Happened::undone(10, $away)])->thrownAway);
    }

    public function test_every_kind_of_event_happens_to_one_kind_of_thing_or_undoes(): void
    {
        foreach (EventKind::cases() as $kind) {
            self::assertSame($kind === EventKind::Undone, $kind->subject() === null);
        }
        self::assertSame(SubjectKind::Lot, EventKind::Taken->subject());
    }

    private static function begun(): Event
    {
        return Happened::at(0, EventKind::MixingBegun);
    }

    private static function weighed(float $min, string $step, float $grams, string $device = 'phone'): Event
    {
        return Happened::at($min, EventKind::Weighed, ['step' => $step, 'grams' => $grams], $device);
    }
}
