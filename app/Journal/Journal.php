<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\JournalEvent;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\SubjectKind;

/** The rows of what happened: appended, found again, never changed. */
final class Journal
{
    public function find(string $id): ?JournalEvent
    {
        return JournalEvent::query()->find($id);
    }

    /** @return list<Event> what happened to one thing, in the order in which it was heard of */
    public function of(string $subject): array
    {
        return array_values(JournalEvent::query()->where('subject', $subject)->orderBy('number')->get()->map(fn (JournalEvent $event): Event => $event->inCore())->all());
    }

    public function append(SubjectKind $of, Pressed $pressed): Event
    {
        return JournalEvent::query()->create([
            'id' => $pressed->id,
            'subject_kind' => $of,
            'subject' => $pressed->subject,
            'kind' => $pressed->kind,
            'device' => $pressed->press->device,
            'sequence' => $pressed->press->sequence,
            'pressed_ms' => $pressed->press->pressedMs,
            'offset_ms' => $pressed->press->offsetMs,
            'heard_ms' => $pressed->press->heardMs,
            'version' => JournalEvent::VERSION,
            'facts' => $pressed->facts,
        ])->inCore();
    }

    /** @return iterable<string> the subjects of one kind, in the order in which they began */
    public function subjects(SubjectKind $of): iterable
    {
        $query = JournalEvent::query()->where('subject_kind', $of)->selectRaw('subject, min(number) as number')->groupBy('subject')->orderBy('number');
        foreach ($query->pluck('subject') as $subject) {
            if (is_string($subject)) {
                yield $subject;
            }
        }
    }
}
