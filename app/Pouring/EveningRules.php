<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Journal\Moment;
use App\Journal\Pressed;
use App\Journal\Refused;
use App\Journal\SubjectRules;
use App\Models\PreparedEvening;
use App\Saying\Person;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EveningRecord;
use OpenGlaze\Core\Journal\Event;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Journal\Refusal;
use OpenGlaze\Core\Journal\SubjectKind;

/** What is ticked before an evening, and the row that is folded from it. */
final class EveningRules implements SubjectRules
{
    private const LONGEST = 60;

    public function of(): SubjectKind
    {
        return SubjectKind::Evening;
    }

    public function accept(Pressed $pressed, array $before, Person $person): Entry
    {
        if ($pressed->kind === EventKind::Undone) {
            return Entry::from(['of' => $pressed->facts->text('of')]);
        }
        $check = mb_substr(trim($pressed->facts->text('check') ?? ''), 0, self::LONGEST);

        return $check === '' ? throw Refused::because(Refusal::Unreadable) : Entry::from(['check' => $check]);
    }

    public function follows(Pressed $pressed, array $before, array $after): array
    {
        return [];
    }

    public function fold(string $subject, array $events): void
    {
        $evening = EveningRecord::of($events);
        PreparedEvening::query()->updateOrCreate(['id' => $subject], [
            'checked' => Entry::from(array_map(static fn (Event $event): string => $event->id, $evening->checked)),
            'last_at' => Moment::of($evening->last?->atMs),
        ]);
    }

    public function clear(): void
    {
        PreparedEvening::query()->delete();
    }
}
