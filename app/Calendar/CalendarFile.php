<?php

declare(strict_types=1);

namespace App\Calendar;

use Carbon\CarbonImmutable;

/** Times as a calendar reads them, each with a reminder when it comes. Source: RFC 5545 (iCalendar). */
final class CalendarFile
{
    public const TYPE = 'text/calendar; charset=utf-8';

    /** Octets of a line, its break apart. */
    private const LONGEST_LINE = 75;

    /** @param  list<CalendarEntry>  $entries */
    public static function of(array $entries, CarbonImmutable $now): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Open Glaze//Open Glaze//EN', 'CALSCALE:GREGORIAN', 'METHOD:PUBLISH'];
        foreach ($entries as $entry) {
            array_push(
                $lines,
                'BEGIN:VEVENT',
                'UID:'.self::text($entry->name),
                'DTSTAMP:'.self::moment($now),
                'DTSTART:'.self::moment($entry->from),
                'DTEND:'.self::moment($entry->to),
                'SUMMARY:'.self::text($entry->title),
                'DESCRIPTION:'.self::text($entry->text),
                'URL:'.$entry->address,
                'BEGIN:VALARM',
                'ACTION:DISPLAY',
                'DESCRIPTION:'.self::text($entry->title),
                'TRIGGER:PT0S',
                'END:VALARM',
                'END:VEVENT',
            );
        }
        $lines[] = 'END:VCALENDAR';

        return implode('', array_map(static fn (string $line): string => self::folded($line)."\r\n", $lines));
    }

    private static function moment(CarbonImmutable $moment): string
    {
        return $moment->utc()->format('Ymd\THis\Z');
    }

    private static function text(string $text): string
    {
        return str_replace(['\\', ';', ',', "\r\n", "\n", "\r"], ['\\\\', '\;', '\,', '\n', '\n', '\n'], $text);
    }

    /** What is longer goes on in the next line after a space; no letter is torn. */
    private static function folded(string $line): string
    {
        $folded = [];
        $limit = self::LONGEST_LINE;
        while (strlen($line) > $limit) {
            $part = mb_strcut($line, 0, $limit, 'UTF-8');
            $folded[] = $part;
            $line = substr($line, strlen($part));
            // the space that it goes on after counts too
            $limit = self::LONGEST_LINE - 1;
        }

        return implode("\r\n ", [...$folded, $line]);
    }
}
