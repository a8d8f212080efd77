<?php

declare(strict_types=1);

namespace Tests\Feature;

use OpenGlaze\Core\Journal\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One direction: views → HTTP → app → core. */
final class HouseTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    /** Rooms from the ground up: each may lean on those of the floors below its own, and on nothing else. */
    private const FLOORS = [
        'core/src' => [
            ['Document', 'Message', 'Numeric', 'Surface', 'Body'],
            ['Quantity', 'Outline', 'Mix', 'Advice'],
            ['Wording', 'Colour', 'Film', 'Held', 'Measuring', 'Svg', 'Tracing'],
            ['Cure', 'Edge', 'Heat', 'Safety'],
            ['Plan'],
            ['Amount', 'Journal', 'Reading'],
            ['Coating'],
            ['Batch', 'Steps'],
            ['Run'],
            ['Judging', 'Rehearsal', 'Round', 'Stock', 'Weighing'],
            ['Answer', 'Before', 'Trace'],
            ['After', 'Keeping', 'Range'],
        ],
        'app' => [
            ['Calendar', 'Clock', 'Device', 'PlanFile', 'Saying', 'Typed'],
            ['Database', 'Models', 'Photos', 'Scale'],
            ['Sensing'],
            ['Journal'],
            ['Editing', 'Keeping'],
            ['Planning'],
            ['Mixing', 'Stock'],
            ['Pouring'],
            ['Rehearsing'],
            ['Console', 'Http', 'Providers'],
        ],
    ];

    public function test_the_application_under_http_knows_no_requests(): void
    {
        foreach (['PlanFile', 'Planning', 'Pouring', 'Rehearsing', 'Mixing', 'Journal', 'Stock', 'Editing', 'Keeping', 'Scale', 'Device', 'Sensing', 'Models', 'Database', 'Typed', 'Calendar'] as $room) {
            $this->assertNothingUses('app/'.$room, '/use App\\\\Http|use Illuminate\\\\Http\\\\Request|use Inertia/');
        }
    }

    #[DataProvider('houses')]
    public function test_every_room_leans_only_on_those_below_it(string $place, string $names): void
    {
        $floors = array_merge(...array_map(static fn (int $floor): array => array_fill_keys(self::FLOORS[$place][$floor], $floor), array_keys(self::FLOORS[$place])));
        $faults = [];
        foreach (self::filesBelow($place) as $file) {
            $room = explode('/', substr($file, strlen(self::ROOT."$place/")))[0];
            preg_match_all("/\\b$names\\\\(\w+)\\\\/", (string) file_get_contents($file), $found);
            foreach (array_diff($found[1], [$room]) as $other) {
                if (! isset($floors[$room], $floors[$other]) || $floors[$other] >= $floors[$room]) {
                    $faults[] = substr($file, strlen(self::ROOT))." leans on $other";
                }
            }
        }
        self::assertSame([], array_values(array_unique($faults)));
        self::assertEqualsCanonicalizing(array_map(basename(...), glob(self::ROOT."$place/*", GLOB_ONLYDIR) ?: []), array_keys($floors), 'every room has its floor');
    }

    /** @return iterable<string, array{string, string}> */
    public static function houses(): iterable
    {
        yield 'the core' => ['core/src', 'OpenGlaze\\\\Core'];
        yield 'the application' => ['app', 'App'];
    }

    public function test_what_time_it_is_is_asked_of_one_clock(): void
    {
        foreach (array_diff(array_map(basename(...), glob(self::ROOT.'app/*', GLOB_ONLYDIR) ?: []), ['Clock', 'Database']) as $room) {
            $this->assertNothingUses('app/'.$room, '/Carbon(Immutable)?::now|[^>:\w]now\(\)|\btime\(\)|new DateTime(Immutable)?(\(\))?;|Date::now/');
        }
    }

    public function test_plan_files_are_read_without_a_database(): void
    {
        $this->assertNothingUses('app/PlanFile', '/use App\\\\(?!PlanFile)|use Illuminate/');
        $this->assertNothingUses('app/Console', '/App\\\\Models|Facades\\\\DB/');
    }

    public function test_drawings_fetch_nothing(): void
    {
        $this->assertNothingUses('resources/js/drawings', '/lib\/http|fetch\(|@inertiajs/');
    }

    public function test_nothing_is_loaded_from_outside(): void
    {
        foreach (['resources', 'app', 'public/index.php', 'bootstrap/app.php', 'bootstrap/providers.php', 'config'] as $place) {
            $this->assertNothingUses($place, '#https?://(?!127\.0\.0\.1|www\.w3\.org/2000/svg|json-schema\.org/)#');
        }
    }

    public function test_what_php_packages_bring_along_is_pinned_to_what_is_installed(): void
    {
        exec(escapeshellarg(PHP_BINARY).' '.escapeshellarg(self::ROOT.'bin/pin').' --check 2>&1', $said, $status);
        self::assertSame(0, $status, implode("\n", $said));
    }

    public function test_the_licences_of_what_ships_are_written_down(): void
    {
        exec(escapeshellarg(PHP_BINARY).' '.escapeshellarg(self::ROOT.'bin/licences').' --check 2>&1', $said, $status);
        self::assertSame(0, $status, implode("\n", $said));
        self::assertFileExists(self::ROOT.'LICENSE');
    }

    public function test_the_journal_is_written_through_one_door(): void
    {
        foreach (['Http', 'Mixing', 'Planning', 'Pouring', 'Stock', 'Console', 'Keeping'] as $room) {
            $this->assertNothingUses('app/'.$room, '/JournalEvent::(query\(\)->)?(create|insert|update|delete|forceCreate)|(Pour|Mixing)::(create|insert|forceCreate)/');
        }
    }

    public function test_every_refusal_has_its_sentence_and_no_sentence_is_for_nothing(): void
    {
        $sentences = require self::ROOT.'lang/en/journal.php';
        self::assertEqualsCanonicalizing(array_map(static fn (Refusal $refusal): string => $refusal->value, Refusal::cases()), array_keys($sentences['refused']));
    }

    private function assertNothingUses(string $place, string $pattern): void
    {
        $files = self::filesBelow($place);
        self::assertNotSame([], $files);
        foreach ($files as $file) {
            self::assertDoesNotMatchRegularExpression($pattern, (string) file_get_contents($file), $file);
        }
    }

    /** @return list<string> */
    private static function filesBelow(string $place): array
    {
        return is_file(self::ROOT.$place) ? [self::ROOT.$place] : array_values(array_map(strval(...), (new \Illuminate\Filesystem\Filesystem)->allFiles(self::ROOT.$place)));
    }
}
