<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** What is left in the bottles of a lot: what was counted last, less what was taken since. */
final readonly class LotRecord
{
    private function __construct(
        /** the day it was opened, as year-month-day; null where nobody wrote it down */
        public ?string $openedOn,
        /** ml, 0 or more; null where nobody counted */
        public ?float $leftAMl,
        public ?float $leftBMl,
        public ?Event $thrownAway,
    ) {
    }

    /** @param  iterable<Event>  $events  of one lot, in any order, some of them twice */
    public static function of(iterable $events): self
    {
        $opened = $thrown = null;
        $left = ['a' => null, 'b' => null];
        foreach (Order::standing($events) as $event) {
            switch ($event->kind) {
                case EventKind::Opened:
                    $opened = $event->facts->text('on');
                    break;
                case EventKind::Counted:
                    foreach (['a', 'b'] as $part) {
                        $left[$part] = $event->facts->has($part.'_ml') ? $event->facts->number($part.'_ml') : $left[$part];
                    }
                    break;
                case EventKind::Taken:
                    foreach (['a', 'b'] as $part) {
                        $left[$part] = $left[$part] === null ? null : max(0.0, $left[$part] - ($event->facts->number($part.'_ml') ?? 0.0));
                    }
                    break;
                case EventKind::ThrownAway:
                    $thrown ??= $event;
                    break;
                default:
            }
        }

        return new self($opened, $left['a'], $left['b'], $thrown);
    }
}
