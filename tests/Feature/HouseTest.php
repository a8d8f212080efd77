<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** One direction: views → HTTP → app → core. */
final class HouseTest extends TestCase
{
    private const ROOT = __DIR__.'/../../';

    public function test_the_application_under_http_knows_no_requests(): void
    {
        foreach (['PlanFile', 'Planning', 'Pouring', 'Mixing', 'Scale', 'Models', 'Database'] as $room) {
            $this->assertNothingUses('app/'.$room, '/use App\\\\Http|use Illuminate\\\\Http\\\\Request|use Inertia/');
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

    private function assertNothingUses(string $place, string $pattern): void
    {
        $files = is_file(self::ROOT.$place) ? [self::ROOT.$place] : array_map(strval(...), (new \Illuminate\Filesystem\Filesystem)->allFiles(self::ROOT.$place));
        self::assertNotSame([], $files);
        foreach ($files as $file) {
            self::assertDoesNotMatchRegularExpression($pattern, (string) file_get_contents($file), $file);
        }
    }
}
