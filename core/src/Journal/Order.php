<?php

declare(strict_types=1);

namespace OpenGlaze\Core\Journal;

/**
 * The order in which things happened: by their corrected times, but never against the order of one device.
 *
 * A device's clock may be set back between two presses; what it pressed later then counts as not before
 * what it pressed first. The order does not depend on the order in which the events were heard of.
 */
final class Order
{
    /**
     * @param  iterable<Event>  $events
     * @return list<Event> each once, each at the moment at which it counts
     */
    public static function of(iterable $events): array
    {
        $devices = [];
        foreach ($events as $event) {
            $devices[$event->press->device][$event->id] ??= $event;
        }
        $placed = [];
        foreach ($devices as $own) {
            usort($own, static fn (Event $a, Event $b): int => [$a->press->sequence, $a->atMs, $a->id] <=> [$b->press->sequence, $b->atMs, $b->id]);
            $notBefore = PHP_INT_MIN;
            foreach ($own as $event) {
                $notBefore = max($notBefore, $event->atMs);
                $placed[] = $event->at($notBefore);
            }
        }
        usort($placed, static fn (Event $a, Event $b): int => [$a->atMs, $a->press->device, $a->press->sequence, $a->id] <=> [$b->atMs, $b->press->device, $b->press->sequence, $b->id]);

        return $placed;
    }

    /**
     * What counts of them: without what was undone, and without the undoing.
     *
     * @param  iterable<Event>  $events
     * @return list<Event> in their order
     */
    public static function standing(iterable $events): array
    {
        $ordered = self::of($events);
        $undone = [];
        foreach ($ordered as $event) {
            if ($event->said instanceof Undone) {
                $undone[$event->said->of] = true;
            }
        }

        return array_values(array_filter($ordered, static fn (Event $event): bool => $event->kind !== EventKind::Undone && (! isset($undone[$event->id]) || ! $event->kind->canBeUndone())));
    }
}
