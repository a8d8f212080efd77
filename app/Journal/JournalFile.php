<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\JournalEvent;
use App\PlanFile\Json;
use Generator;
use OpenGlaze\Core\Document\Entry;

/** The journal as open text: one event a line, as JSON, in the order in which they were heard of. */
final class JournalFile
{
    /** @return Generator<string> */
    public static function lines(): Generator
    {
        foreach (JournalEvent::query()->lazyById(500, 'number') as $event) {
            yield Json::line(Entry::from([
                'id' => $event->id, 'subject_kind' => $event->subject_kind->value, 'subject' => $event->subject, 'kind' => $event->kind->value,
                'device' => $event->device, 'sequence' => $event->sequence, 'pressed_ms' => $event->pressed_ms, 'offset_ms' => $event->offset_ms,
                'heard_ms' => $event->heard_ms, 'version' => $event->version, 'kept' => $event->kept, 'facts' => $event->facts,
            ]));
        }
    }
}
