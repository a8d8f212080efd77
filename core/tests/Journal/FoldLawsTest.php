<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Journal;

use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\CupRecord;
use OpenGlaze\Core\Journal\EveningRecord;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\FilmRecord;
use OpenGlaze\Core\Journal\LotRecord;
use OpenGlaze\Core\Journal\Order;
use OpenGlaze\Core\Journal\Press;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds for every history, however it is heard of: histories are made at random, three devices at a time. */
final class FoldLawsTest extends TestCase
{
    private const FILM = [
        EventKind::Poured, EventKind::ActDone, EventKind::ActDone, EventKind::ActSkipped, EventKind::ToppedUp, EventKind::Observed, EventKind::Oiled, EventKind::Happened, EventKind::Staged, EventKind::Took, EventKind::TakenOff,
    ];

    private const CUP = [EventKind::Weighed, EventKind::Weighed, EventKind::PartsTurned, EventKind::StirringBegun, EventKind::Mixed, EventKind::Discarded];

    private const EVENING = [EventKind::Checked];

    private const LOT = [EventKind::Opened, EventKind::Counted, EventKind::Taken, EventKind::Taken, EventKind::ThrownAway];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "history $seed" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_it_does_not_matter_in_which_order_or_how_often_one_hears(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        foreach ($this->histories($random) as [$events, $of]) {
            $told = $of($events);
            for ($again = 0; $again < 4; $again++) {
                $heard = $random->shuffleArray([...$events, ...array_slice($events, $random->getInt(0, count($events) - 1))]);
                self::assertEquals($told, $of($heard));
            }
        }
    }

    #[DataProvider('seeds')]
    public function test_taking_back_is_as_if_it_had_never_been_pressed(int $seed): void
    {
        $random = new Randomizer(new Mt19937(1000 + $seed));
        foreach ($this->histories($random) as [$events, $of]) {
            $can = array_values(array_filter($events, static fn (Event $event): bool => $event->kind->canBeUndone()));
            $undone = $can[$random->getInt(0, count($can) - 1)];
            $back = Event::of('undo', EventKind::Undone, self::press('elsewhere', 1, 900_000), Entry::from(['of' => $undone->id]));
            // what the same device pressed after it keeps its place behind it
            $without = self::without(Order::of($events), $undone->id);
            self::assertEquals($of($without), $of([...Order::of($events), $back]));
            self::assertEquals($of([...$events, $back]), $of([$back, ...$events, $back]), 'heard of first, and twice');
        }
    }

    #[DataProvider('seeds')]
    public function test_no_device_ever_finds_its_own_presses_turned_round(int $seed): void
    {
        $random = new Randomizer(new Mt19937(2000 + $seed));
        [$events] = $this->histories($random)[0];
        $last = [];
        $atMs = PHP_INT_MIN;
        foreach (Order::of($random->shuffleArray($events)) as $event) {
            self::assertGreaterThanOrEqual($last[$event->press->device] ?? 0, $event->press->sequence);
            self::assertGreaterThanOrEqual($atMs, $event->atMs, 'and time goes on');
            $last[$event->press->device] = $event->press->sequence;
            $atMs = $event->atMs;
        }
    }

    #[DataProvider('seeds')]
    public function test_a_film_is_poured_after_it_was_mixed_and_holds_what_was_added(int $seed): void
    {
        $random = new Randomizer(new Mt19937(3000 + $seed));
        $events = $this->history($random, EventKind::PourBegun, self::FILM);
        $film = FilmRecord::of($events);
        self::assertTrue($film->pouredMs() === null || $film->pouredMs() >= $film->startedMs());
        $added = 0.0;
        foreach (Order::standing($events) as $event) {
            $added += $event->kind === EventKind::ToppedUp ? $event->facts->number('ml') : 0.0;
        }
        self::assertEqualsWithDelta($added, $film->addedMl(), 1e-9);
        foreach ($film->acts as $name => $mark) {
            $first = null;
            foreach (Order::standing($events) as $event) {
                if (in_array($event->kind, [EventKind::ActDone, EventKind::ActSkipped], true) && $event->facts->text('act') === $name) {
                    $first ??= $event->id;
                }
            }
            self::assertSame($first, $mark->event, 'the first that happened and was not taken back');
        }
    }

    /** What was done stays; of what it stands in for only what is still to come goes; and what it brought stands once. */
    #[DataProvider('seeds')]
    public function test_what_a_film_wants_is_what_was_planned_and_what_happened_since(int $seed): void
    {
        $events = $this->history(new Randomizer(new Mt19937(5000 + $seed)), EventKind::PourBegun, self::FILM);
        $film = FilmRecord::of($events);
        $names = array_map(static fn (Entry $act): string => $act->text('id') ?? '', $film->schedule());
        $due = array_map(static fn (Entry $act): float => $act->number('due_min') ?? 0.0, $film->schedule());
        $sorted = $due;
        sort($sorted);
        self::assertSame($sorted, $due);
        $planned = array_map(static fn (Entry $act): string => $act->text('id') ?? '', $film->poured?->facts->entries('answer.acts') ?? []);
        foreach (array_intersect(array_keys($film->acts), $planned) as $marked) {
            self::assertContains($marked, $names, 'what was done or skipped does not go');
        }
        $brought = array_filter(Order::standing($events), static fn (Event $event): bool => $event->kind === EventKind::Happened);
        self::assertCount(count($brought), array_filter($names, static fn (string $name): bool => str_starts_with($name, 'hair-')));
        if (array_filter(Order::standing($events), static fn (Event $event): bool => $event->kind === EventKind::ToppedUp) === []) {
            self::assertSame([], array_diff($planned, $names));
        }
    }

    #[DataProvider('seeds')]
    public function test_a_bottle_holds_what_was_counted_less_what_was_taken_since_and_never_less_than_nothing(int $seed): void
    {
        $random = new Randomizer(new Mt19937(4000 + $seed));
        $events = $this->history($random, EventKind::Opened, self::LOT);
        $lot = LotRecord::of($events);
        foreach (['a_ml' => $lot->leftAMl, 'b_ml' => $lot->leftBMl] as $part => $left) {
            $counted = null;
            $taken = [];
            foreach (Order::standing($events) as $event) {
                if ($event->kind === EventKind::Counted && $event->facts->has($part)) {
                    [$counted, $taken] = [$event->facts->number($part), []];
                }
                if ($event->kind === EventKind::Taken) {
                    $taken[] = $event->facts->number($part) ?? 0.0;
                }
            }
            if ($counted === null) {
                self::assertNull($left, 'nobody counted');
            } else {
                self::assertGreaterThanOrEqual(0.0, $left);
                self::assertEqualsWithDelta(max(0.0, $counted - array_sum($taken)), $left, 1e-9);
            }
        }
    }

    /**
     * A film's, a cup's and a lot's, each with what folds it to what can be compared.
     *
     * @return list<array{non-empty-list<Event>, callable(list<Event>): mixed}>
     */
    private function histories(Randomizer $random): array
    {
        return [
            [$this->history($random, EventKind::PourBegun, self::FILM), self::film(...)],
            [$this->history($random, EventKind::MixingBegun, self::CUP), self::cup(...)],
            [$this->history($random, EventKind::Checked, self::EVENING), static fn (array $events): array => array_map(static fn (Event $event): string => $event->id, self::byName(EveningRecord::of($events)->checked))],
            [$this->history($random, EventKind::Opened, self::LOT), static fn (array $events): LotRecord => LotRecord::of($events)],
        ];
    }

    /**
     * @param  list<Event>  $events
     * @return array<string, mixed>
     */
    private static function film(array $events): array
    {
        $film = FilmRecord::of($events);

        return [
            'poured' => [$film->poured?->id, $film->pouredMs()], 'acts' => self::byName($film->acts), 'took' => $film->took, 'off' => $film->off?->id,
            'stages' => array_map(static fn (Event $event): string => $event->id, $film->stages), 'oiled' => $film->isOiled(),
            'schedule' => array_map(static fn (Entry $act): array => [$act->text('id'), $act->number('due_min')], $film->schedule()),
            'seen' => array_map(static fn (Event $event): array => [$event->id, $event->atMs], $film->seen),
        ];
    }

    /**
     * @param  list<Event>  $events
     * @return array<string, mixed>
     */
    private static function cup(array $events): array
    {
        $cup = CupRecord::of($events);

        return ['got' => self::byName($cup->gotG()), 'first' => $cup->first, 'stirred' => $cup->stirredFromMs, 'mixed' => [$cup->mixed?->id, $cup->mixedMs()], 'away' => $cup->discarded?->id, 'in use' => $cup->isInUse()];
    }

    /**
     * @param  array<string, mixed>  $things
     * @return array<string, mixed>
     */
    private static function byName(array $things): array
    {
        ksort($things);

        return $things;
    }

    /**
     * @param  list<EventKind>  $kinds
     * @return non-empty-list<Event>
     */
    private function history(Randomizer $random, EventKind $beginning, array $kinds): array
    {
        $events = [Event::of('begun', $beginning, self::press('phone', 0, 0), Entry::from(['on' => '2026-05-01']))];
        $sequence = ['phone' => 0, 'tablet' => 0, 'bench' => 0];
        $count = $random->getInt(3, 25);
        for ($number = 1; $number <= $count; $number++) {
            $device = array_keys($sequence)[$random->getInt(0, 2)];
            $sequence[$device]++;
            $kind = $kinds[$random->getInt(0, count($kinds) - 1)];
            $facts = $this->facts($random, $kind);
            if ($number > 1 && $random->getInt(0, 5) === 0) {
                [$kind, $facts] = [EventKind::Undone, ['of' => $events[$random->getInt(0, count($events) - 1)]->id]];
            }
            $atMs = $random->getInt(1, 120) * 1000;
            $events[] = Event::of("event-$number", $kind, self::press($device, $sequence[$device], $atMs), Entry::from($facts));
        }

        return $events;
    }

    /** @return array<string, mixed> */
    private function facts(Randomizer $random, EventKind $kind): array
    {
        $ml = $random->getInt(0, 400) / 4;

        return match ($kind) {
            EventKind::ActDone => ['act' => 'act-'.$random->getInt(1, 4)],
            EventKind::ActSkipped => ['act' => 'act-'.$random->getInt(1, 4), 'reason' => 'Not needed.'],
            EventKind::Poured => ['answer' => ['acts' => array_map(static fn (int $act): array => ['id' => "act-$act", 'kind' => $act % 2 === 0 ? 'wipe' : 'pass', 'due_min' => $act / 2], range(1, 4))]],
            EventKind::ToppedUp => ['ml' => $ml, 'acts' => [['id' => "more-$ml", 'kind' => 'wipe', 'due_min' => 2.5]], 'instead_of' => ['wipe']],
            EventKind::Happened => ['what' => 'hair', 'acts' => [['id' => "hair-$ml", 'kind' => 'pick', 'due_min' => 1.5]]],
            EventKind::Staged => ['ml' => $ml],
            EventKind::Checked => ['check' => ['dust', 'air', 'level'][$random->getInt(0, 2)]],
            EventKind::Observed => ['what' => 'dust', 'text' => ''],
            EventKind::Took => $random->getInt(0, 1) === 0 ? ['a' => ['ml' => $ml, 'how' => 'weighed']] : ['note' => "note $ml"],
            EventKind::Weighed => ['step' => ['a', 'b', 'more_a_1'][$random->getInt(0, 2)], 'grams' => $ml],
            EventKind::PartsTurned => ['first' => 'b'],
            EventKind::Opened => ['on' => '2026-05-0'.$random->getInt(1, 9)],
            EventKind::Counted => $random->getInt(0, 1) === 0 ? ['a_ml' => $ml] : ['a_ml' => $ml * 8, 'b_ml' => $ml * 4],
            EventKind::Taken => ['a_ml' => $ml, 'b_ml' => $ml / 2],
            default => [],
        };
    }

    private static function press(string $device, int $sequence, int $atMs): Press
    {
        return new Press($device, $sequence, $atMs, 0, $atMs);
    }

    /**
     * @param  list<Event>  $events
     * @return list<Event>
     */
    private static function without(array $events, string $id): array
    {
        return array_values(array_filter($events, static fn (Event $event): bool => $event->id !== $id));
    }
}
