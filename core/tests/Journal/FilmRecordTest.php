<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\FilmRecord;
use OpenGlaze\Core\Journal\Known;
use OpenGlaze\Core\Journal\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What became of a film, folded from what was pressed. */
final class FilmRecordTest extends TestCase
{
    public function test_the_first_that_happened_counts_not_the_first_that_was_heard_of(): void
    {
        $tablet = Happened::poured(8, device: 'tablet');
        $phone = Happened::poured(6, device: 'phone');
        $record = FilmRecord::of([Happened::begun(), $tablet, $phone]);
        self::assertSame($phone->id, $record->poured?->id);
        self::assertSame(Happened::ZERO + 6 * 60_000, $record->pouredMs());
    }

    public function test_an_act_is_done_once_and_stands_with_its_own_time(): void
    {
        $record = FilmRecord::of([
            Happened::begun(), Happened::poured(),
            Happened::at(20, EventKind::ActDone, ['act' => 'pass-1']),
            Happened::at(17, EventKind::ActDone, ['act' => 'pass-1'], 'tablet'),
            Happened::at(25, EventKind::ActSkipped, ['act' => 'wipe-1', 'reason' => 'Nothing hung.']),
        ]);
        self::assertSame(Happened::ZERO + 17 * 60_000, $record->acts['pass-1']->atMs);
        self::assertTrue($record->acts['pass-1']->isDone());
        self::assertSame('Nothing hung.', $record->acts['wipe-1']->skippedBecause);
    }

    public function test_an_act_that_was_not_planned_stands_as_it_was_shown_when_it_was_marked(): void
    {
        $names = static fn (FilmRecord $film): array => array_map(static fn (Entry $act): string => $act->text('id').' '.$act->number('due_min'), $film->schedule());
        $base = [Happened::begun(), Happened::poured(acts: ['wipe-1'])];
        $cover = Happened::at(20, EventKind::ActDone, ['act' => 'cover-after-wipe-1', 'came' => ['id' => 'cover-after-wipe-1', 'kind' => 'cover', 'due_min' => 13]]);
        $later = Happened::at(21, EventKind::ActDone, ['act' => 'cover-after-wipe-1', 'came' => ['id' => 'cover-after-wipe-1', 'kind' => 'cover', 'due_min' => 15]], 'tablet');
        self::assertSame(['wipe-1 ', 'cover-after-wipe-1 13'], $names(FilmRecord::of([...$base, $later, $cover])), 'once, as the first pressed it');
        self::assertSame(['wipe-1 '], $names(FilmRecord::of([...$base, $cover, Happened::undone(22, $cover)])));
        $film = FilmRecord::of($base);
        self::assertSame(Refusal::UnknownAct, $film->refusalOf(EventKind::ActDone, Entry::from(['act' => 'wipe-8'])));
        self::assertSame(Refusal::UnknownAct, $film->refusalOf(EventKind::ActDone, Entry::from(['act' => 'wipe-8', 'came' => ['id' => 'wipe-9']])));
        self::assertNull($film->refusalOf(EventKind::ActDone, Entry::from(['act' => 'wipe-8', 'came' => ['id' => 'wipe-8']])));
    }

    public function test_what_is_added_stands_for_the_acts_that_it_names_and_in_old_logs_for_those_to_come(): void
    {
        $planned = array_map(static fn (int $number): array => ['id' => "wipe-$number", 'kind' => 'wipe', 'due_min' => 10 * $number], [1, 2, 3]);
        $base = [Happened::begun(), Happened::at(6, EventKind::Poured, ['answer' => ['acts' => $planned]])];
        $names = static fn (array $facts): array => array_map(static fn (Entry $act): ?string => $act->text('id'), FilmRecord::of([...$base, Happened::at(21, EventKind::ToppedUp, ['ml' => 5, 'instead_of' => ['wipe'], ...$facts])])->schedule());
        self::assertSame(['wipe-1'], $names([]), 'fifteen minutes after the pour');
        self::assertSame([], $names(['stands_for' => ['wipe-1', 'wipe-2', 'wipe-3']]), 'the room moved the first past it');
        self::assertSame(['wipe-1', 'wipe-3'], $names(['stands_for' => ['wipe-2']]));
        self::assertSame(['wipe'], FilmRecord::of([...$base, Happened::at(21, EventKind::ToppedUp, ['instead_of' => ['wipe']])])->replaced());
    }

    public function test_undoing_a_press_leaves_what_another_pressed(): void
    {
        $mine = Happened::at(17, EventKind::ActDone, ['act' => 'pass-1']);
        $theirs = Happened::at(18, EventKind::ActDone, ['act' => 'pass-1'], 'tablet');
        $base = [Happened::begun(), Happened::poured()];
        self::assertSame([], FilmRecord::of([...$base, $mine, Happened::undone(19, $mine)])->acts);
        self::assertSame($theirs->id, FilmRecord::of([...$base, $mine, $theirs, Happened::undone(19, $mine)])->acts['pass-1']->event);
    }

    public function test_what_was_seen_and_added_stands_in_its_order_until_it_is_taken_back(): void
    {
        $dust = Happened::at(12, EventKind::Observed, ['what' => 'dust'], 'tablet');
        $first = Happened::at(9, EventKind::ToppedUp, ['ml' => 15.0]);
        $second = Happened::at(14, EventKind::ToppedUp, ['ml' => 4.5]);
        $events = [Happened::begun(), Happened::poured(), $dust, $second, $first, $first];
        $record = FilmRecord::of($events);
        self::assertSame([$first->id, $dust->id, $second->id], array_map(static fn (Event $event): string => $event->id, $record->seen));
        self::assertEqualsWithDelta(19.5, $record->addedMl(), 1e-12);
        self::assertEqualsWithDelta(4.5, FilmRecord::of([...$events, Happened::undone(20, $first)])->addedMl(), 1e-12);
    }

    public function test_what_it_took_is_kept_where_the_next_word_says_nothing_of_it(): void
    {
        $weighed = Happened::at(100, EventKind::Took, ['a' => ['ml' => 330.0, 'how' => 'weighed'], 'b' => ['ml' => 165.0, 'how' => 'read'], 'note' => 'Even.', 'tray_g' => 98]);
        $empty = Happened::at(200, EventKind::Took, ['photo' => 'fox.jpg']);
        $took = FilmRecord::of([Happened::begun(), Happened::poured(), $weighed, $empty])->took;
        self::assertSame([330.0, Known::Weighed], [$took->a?->ml, $took->a?->how]);
        self::assertSame([165.0, Known::Read], [$took->b?->ml, $took->b?->how]);
        self::assertSame(['Even.', 98.0, 'fox.jpg'], [$took->note, $took->trayG, $took->photo]);
        self::assertSame($weighed->atMs, $took->writtenMs, 'written down when it was first written down');

        $unknown = Happened::at(300, EventKind::Took, ['a' => ['ml' => 12.0, 'how' => 'unknown']]);
        $took = FilmRecord::of([Happened::begun(), Happened::poured(), $weighed, $unknown])->took;
        self::assertNull($took->a?->ml, 'what nobody knows has no figure');
        self::assertSame(Known::Unknown, $took->a?->how);
    }

    public function test_what_was_weighed_in_the_cup_is_known_before_anything_is_written(): void
    {
        $begun = Happened::begun(['a' => ['ml' => 10.0, 'how' => 'weighed'], 'started_ms' => Happened::ZERO - 60_000]);
        $record = FilmRecord::of([$begun, Happened::poured()]);
        self::assertSame(10.0, $record->took->a?->ml);
        self::assertFalse($record->took->isWritten());
        self::assertSame(Happened::ZERO - 60_000, $record->startedMs());
    }

    public function test_off_the_bench_can_be_taken_back(): void
    {
        $off = Happened::at(900, EventKind::TakenOff);
        self::assertNotNull(FilmRecord::of([Happened::begun(), $off])->off);
        self::assertNull(FilmRecord::of([Happened::begun(), $off, Happened::undone(901, $off)])->off);
    }

    public function test_the_pouring_does_not_end_before_the_stirring_did(): void
    {
        $record = FilmRecord::of([Happened::begun(), Happened::poured(-5, device: 'tablet')]);
        self::assertSame(Happened::ZERO, $record->pouredMs());
    }

    /** @return iterable<string, array{list<Event>, EventKind, array<string, mixed>, Refusal|null}> */
    public static function refusals(): iterable
    {
        $begun = Happened::begun();
        $poured = Happened::poured();
        $done = Happened::at(17, EventKind::ActDone, ['act' => 'pass-1']);
        $took = Happened::at(90, EventKind::Took, ['note' => 'Even.']);
        yield from [
            'a film that was never begun' => [[], EventKind::Poured, [], Refusal::NotThere],
            'begun twice' => [[$begun], EventKind::PourBegun, [], Refusal::AlreadyBegun],
            'an act before it is poured' => [[$begun], EventKind::ActDone, ['act' => 'pass-1'], Refusal::NotPoured],
            'an act that it does not have' => [[$begun, $poured], EventKind::ActDone, ['act' => 'pass-7'], Refusal::UnknownAct],
            'an act' => [[$begun, $poured], EventKind::ActDone, ['act' => 'pass-1'], null],
            'the same once more, from elsewhere' => [[$begun, $poured, $done], EventKind::ActDone, ['act' => 'pass-1'], null],
            'skipped without a reason' => [[$begun, $poured], EventKind::ActSkipped, ['act' => 'pass-1', 'reason' => ' '], Refusal::NoReason],
            'poured on two devices' => [[$begun, $poured], EventKind::Poured, [], null],
            'written down before it is poured' => [[$begun], EventKind::Took, [], Refusal::NotPoured],
            'topped up with nothing' => [[$begun, $poured], EventKind::ToppedUp, ['ml' => 0], Refusal::NoAmount],
            'seen, but not what' => [[$begun, $poured], EventKind::Observed, ['what' => '', 'text' => ' '], Refusal::NoReason],
            'seen' => [[$begun, $poured], EventKind::Observed, ['what' => 'dust'], null],
            'the pouring taken back' => [[$begun, $poured], EventKind::Undone, ['of' => $poured->id], null],
            'the pouring taken back after an act' => [[$begun, $poured, $done], EventKind::Undone, ['of' => $poured->id], Refusal::ActsDone],
            'the pouring taken back after that act was' => [[$begun, $poured, $done, Happened::undone(18, $done)], EventKind::Undone, ['of' => $poured->id], null],
            'the pouring taken back after it was written down' => [[$begun, $poured, $took], EventKind::Undone, ['of' => $poured->id], Refusal::ActsDone],
            'its beginning taken back' => [[$begun], EventKind::Undone, ['of' => $begun->id], Refusal::CannotUndo],
        ];
    }

    /**
     * @param  list<Event>  $events
     * @param  array<string, mixed>  $facts
     */
    #[DataProvider('refusals')]
    public function test_what_cannot_have_happened_is_refused_by_a_code(array $events, EventKind $kind, array $facts, ?Refusal $refusal): void
    {
        self::assertSame($refusal, FilmRecord::of($events)->refusalOf($kind, Entry::from($facts)));
    }

    public function test_every_order_of_arrival_folds_to_the_same(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($evening = 0; $evening < 300; $evening++) {
            $events = [Happened::begun(), Happened::poured(6, device: 'phone'), Happened::poured(7, device: 'tablet')];
            foreach (['phone', 'tablet'] as $device) {
                foreach (['pass-1', 'wipe-1', 'look'] as $act) {
                    $events[] = $done = Happened::at(10 + $random->getInt(0, 30), EventKind::ActDone, ['act' => $act], $device);
                    if ($random->getInt(0, 2) === 0) {
                        $events[] = Happened::undone(50, $done, $device);
                    }
                }
            }
            $events[] = Happened::at(90, EventKind::Took, ['note' => 'Even.'], $random->getInt(0, 1) === 0 ? 'phone' : 'tablet');
            self::assertEquals(FilmRecord::of($events), FilmRecord::of($random->shuffleArray([...$events, ...array_slice($events, 3)])));
        }
    }
}
