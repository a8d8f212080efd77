<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Tests\Journal;

use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Order;
use OpenGlaze\Core\Journal\Press;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** In which order things happened, by clocks that are wrong. */
final class OrderTest extends TestCase
{
    public function test_corrected_times_decide_between_devices(): void
    {
        $late = Happened::at(10, EventKind::ActDone, device: 'tablet', wrongMs: -7_200_000);
        $early = Happened::at(9, EventKind::ActDone, device: 'phone', wrongMs: 86_400_000);
        self::assertSame([$early->id, $late->id], self::ids([$late, $early]));
    }

    public function test_a_clock_set_back_does_not_turn_a_devices_own_order(): void
    {
        $first = Happened::at(10, EventKind::ActDone, sequence: 1);
        $second = Happened::at(3, EventKind::ActDone, sequence: 2);
        $third = Happened::at(12, EventKind::ActDone, sequence: 3);
        $ordered = Order::of([$third, $second, $first]);
        self::assertSame([$first->id, $second->id, $third->id], array_map(static fn (Event $event): string => $event->id, $ordered));
        self::assertSame($ordered[0]->atMs, $ordered[1]->atMs, 'what was pressed later is not before it');
    }

    public function test_nothing_happens_after_it_was_heard_of(): void
    {
        self::assertSame(5_000, (new Press('phone', 1, 9_000, 1_000, 5_000))->correctedMs());
        self::assertSame(4_000, (new Press('phone', 1, 3_000, 1_000, 5_000))->correctedMs());
    }

    public function test_it_is_the_same_whatever_came_first_and_however_often(): void
    {
        $random = new Randomizer(new Mt19937(7));
        for ($evening = 0; $evening < 200; $evening++) {
            $events = [];
            foreach (['phone', 'tablet', 'laptop'] as $device) {
                for ($sequence = 1; $sequence <= 8; $sequence++) {
                    $events[] = Happened::at($random->getInt(0, 40), EventKind::ActDone, [], $device, $sequence, $random->getInt(-90_000, 90_000));
                }
            }
            $expected = self::ids($events);
            self::assertCount(24, $expected);
            self::assertSame($expected, self::ids($random->shuffleArray([...$events, ...$events])));
            foreach (['phone', 'tablet', 'laptop'] as $device) {
                $own = array_values(array_filter(Order::of($events), static fn (Event $event): bool => $event->press->device === $device));
                self::assertSame(range(1, 8), array_map(static fn (Event $event): int => $event->press->sequence, $own));
            }
        }
    }

    public function test_what_was_undone_does_not_stand_even_where_the_undoing_seems_earlier(): void
    {
        $done = Happened::at(10, EventKind::ActDone, device: 'phone');
        $undone = Happened::undone(9, $done, 'tablet');
        self::assertSame([], Order::standing([$done, $undone]));
        $begun = Happened::begun();
        self::assertCount(1, Order::standing([$begun, Happened::undone(1, $begun)]), 'a beginning is not undone');
    }

    /**
     * @param  list<Event>  $events
     * @return list<string>
     */
    private static function ids(array $events): array
    {
        return array_map(static fn (Event $event): string => $event->id, Order::of($events));
    }
}
