<?php

declare(strict_types=1);

namespace App\Pouring;

use App\Calendar\CalendarEntry;
use App\Models\Pour;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use OpenGlaze\Core\Cure\Phase;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Run\Later;

/** What of a film is still to come once its cover is on, for who is not at the bench then: when it is coated, freed of its tape, trimmed, handled. */
final class FilmTimes
{
    /** What only begins is shown as long as this, min. */
    private const SHOWN_MIN = 30;

    /** @return list<CalendarEntry> in the order of their times; none of a film that is not on its piece yet */
    public static function of(Pour $pour, CarbonImmutable $now, Person $person): array
    {
        $zero = $pour->poured_at;
        if ($zero === null) {
            return [];
        }
        $at = static fn (?float $min): ?CarbonImmutable => $min === null ? null : $zero->addMilliseconds((int) round(60_000 * $min));
        $entries = [];
        foreach (self::spans($pour->shown()) as [$what, $fromMin, $toMin]) {
            $from = $at($fromMin);
            $to = $at($toMin) ?? $from?->addMinutes(self::SHOWN_MIN);
            if ($from !== null && $to !== null && $to > $now && $to > $from) {
                $entries[] = new CalendarEntry(
                    "$pour->id-$what@open-glaze",
                    $from,
                    $to,
                    $person->say(Message::of("calendar.$what.title", film: $pour->title)),
                    $person->say(Message::of("calendar.$what.text")),
                    url("/pours/$pour->id"),
                );
            }
        }
        usort($entries, static fn (CalendarEntry $a, CalendarEntry $b): int => $a->from <=> $b->from);

        return $entries;
    }

    /** @return list<array{string, float|null, float|null}> what, from and to in min after the pour; to is null where it only begins */
    private static function spans(Entry $shown): array
    {
        $spans = [];
        foreach ($shown->entries('phases') as $span) {
            if ($span->text('phase') === Phase::WindowOpen->value) {
                $spans[] = ['window', $span->number('from_min'), $span->number('to_min')];
            }
        }
        foreach ($shown->entries('later') as $one) {
            $spans[] = $one->text('what') === Later::UNTOUCHED ? ['handle', $one->number('to_min'), null] : [$one->text('what') ?? '', $one->number('from_min'), $one->number('to_min')];
        }

        return $spans;
    }
}
