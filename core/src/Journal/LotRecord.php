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
            $said = $event->said;
            if (! $said instanceof LotFact) {
                continue;
            }
            match (true) {
                $said instanceof Opened => $opened = $said->on,
                $said instanceof Counted => $left = [...$left, ...$said->ml],
                $said instanceof Taken => $left = ['a' => self::less($left['a'], $said->aMl), 'b' => self::less($left['b'], $said->bMl)],
                $said instanceof ThrownAway => $thrown ??= $event,
            };
        }

        return new self($opened, $left['a'], $left['b'], $thrown);
    }

    private static function less(?float $leftMl, float $takenMl): ?float
    {
        return $leftMl === null ? null : max(0.0, $leftMl - $takenMl);
    }
}
