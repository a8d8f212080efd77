<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Calendar\CalendarEntry;
use App\Calendar\CalendarFile;
use App\Models\Coat;
use App\Models\Pour;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Tests\Support\PoursCoats;
use Tests\TestCase;

/** Times out, for a calendar. */
final class CalendarTest extends TestCase
{
    use PoursCoats;

    protected string $studio = DatabaseSeeder::class;

    public function test_a_film_has_its_window_and_when_it_can_be_handled_and_nothing_that_is_over(): void
    {
        $this->freezeTime();
        $pour = $this->poured();
        $state = $this->getJson("/pours/{$pour->id}/state")->json();
        $events = $this->events("/pours/{$pour->id}/times.ics");
        $window = collect($state['phases'])->firstWhere('phase', 'window_open');
        [$coat, $handle] = ["Recoat window of {$pour->title}", "{$pour->title} can be handled"];
        self::assertSame([$coat, $handle], array_values(array_intersect(array_column($events, 'SUMMARY'), [$coat, $handle])));
        self::assertEqualsWithDelta($window['from'], self::ms($events[0]['DTSTART']), 1000);
        self::assertEqualsWithDelta($window['to'], self::ms($events[0]['DTEND']), 1000);
        self::assertEqualsWithDelta($state['handle_at'], self::ms(collect($events)->firstWhere('SUMMARY', $handle)['DTSTART']), 1000);
        self::assertSame(['PT0S'], array_unique(array_column($events, 'TRIGGER')), 'each reminds when it comes');
        $names = array_column($events, 'UID');
        $this->travel(1)->hours();
        self::assertSame($names, array_column($this->events("/pours/{$pour->id}/times.ics"), 'UID'), 'told again it is the same');
        $this->travelTo(CarbonImmutable::createFromTimestampMs($window['to'])->addSecond());
        self::assertNotContains($coat, array_column($this->events("/pours/{$pour->id}/times.ics"), 'SUMMARY'));
    }

    public function test_the_bench_has_those_of_all_its_films_and_none_of_what_is_still_to_be_poured(): void
    {
        Pour::query()->update(['off_at' => now()]);
        $pour = $this->poured();
        $this->started(Coat::query()->where('key', 'winter-flood')->firstOrFail());
        $titles = array_column($this->events('/run/times.ics'), 'SUMMARY');
        self::assertContains("Recoat window of {$pour->title}", $titles);
        self::assertSame([], array_filter($titles, static fn (string $title): bool => str_contains($title, 'Winter')));
    }

    public function test_any_text_is_kept_whole_in_lines_that_are_not_too_long(): void
    {
        $moment = CarbonImmutable::parse('2026-11-27 21:04:05', 'Europe/Berlin');
        $title = "Größte; aller, \\ Füchse\n".str_repeat('Mondscheinlandschaft ', 8);
        $file = CalendarFile::of([new CalendarEntry('one@open-glaze', $moment, $moment->addHour(), $title, 'x', 'http://localhost/pours/1')], $moment);
        foreach (explode("\r\n", $file) as $line) {
            self::assertLessThanOrEqual(75, strlen($line));
            self::assertTrue(mb_check_encoding($line, 'UTF-8'), 'no letter is torn');
        }
        self::assertStringContainsString('DTSTART:20261127T200405Z', $file);
        self::assertSame($title, self::read($file)[0]['SUMMARY']);
        self::assertStringEndsWith("END:VCALENDAR\r\n", $file);
    }

    /** @return list<array<string, string>> */
    private function events(string $path): array
    {
        return self::read((string) $this->get($path)->assertOk()->assertHeader('Content-Type', CalendarFile::TYPE)->getContent());
    }

    /** @return list<array<string, string>> the events of a file, as a calendar reads them */
    private static function read(string $file): array
    {
        $events = [];
        foreach (explode("\r\n", str_replace("\r\n ", '', $file)) as $line) {
            [$name, $value] = [...explode(':', $line, 2), ''];
            if ($line === 'BEGIN:VEVENT') {
                $events[] = [];
            } elseif ($events !== []) {
                $events[count($events) - 1][$name] ??= (string) preg_replace_callback('/\\\\(.)/', static fn (array $found): string => $found[1] === 'n' ? "\n" : $found[1], $value);
            }
        }

        return $events;
    }

    private static function ms(string $moment): float
    {
        return CarbonImmutable::createFromFormat('Ymd\THis\Z', $moment, 'UTC')?->getTimestampMs() ?? 0.0;
    }
}
