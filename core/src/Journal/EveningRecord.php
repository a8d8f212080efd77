<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/** What was looked at before an evening: a fold of its events. */
final readonly class EveningRecord
{
    /** @param  array<string, Event>  $checked  by the check's name, the first that ticked it */
    private function __construct(
        public array $checked,
        public ?Event $last,
    ) {
    }

    /** @param  iterable<Event>  $events  of one evening, in any order, some of them twice */
    public static function of(iterable $events): self
    {
        $checked = [];
        $last = null;
        foreach (Order::standing($events) as $event) {
            if ($event->said instanceof Checked) {
                $checked[$event->said->check] ??= $event;
                $last = $event;
            }
        }

        return new self($checked, $last);
    }
}
