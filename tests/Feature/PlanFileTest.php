<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\PlanFile\Json;
use App\PlanFile\JsonFault;
use App\PlanFile\PlanFile;
use App\Saying\Person;
use Illuminate\Http\UploadedFile;
use OpenGlaze\Core\Document\BatchEntry;
use OpenGlaze\Core\Document\PlanDocument;
use OpenGlaze\Core\Message\Message;
use OpenGlaze\Core\Plan\PlanException;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Tests\Plan\PlanReaderTest;
use OpenGlaze\Core\Tests\Support\Plans;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use stdClass;
use Symfony\Component\Process\Process;
use Tests\TestCase;

final class PlanFileTest extends TestCase
{
    private const FULL_OF_STRANGE_FIELDS = <<<'JSON'
    {"mood": {"calm": {}, "list": [], "deep": [[{"n": 1.0}, {}]]}, "version": 1, "format": "open-glaze-plan",
     "coats": [{"resin": "r", "id": "c", "by": "hand", "size_by": {"thickness_mm": 2.0, "eye": null}, "piece": "p", "age_min": 0.0}],
     "studio": {"temperature_c": 21.0, "wall": "thick", "big": 12345678901234567890, "tiny": 1e-7},
     "pieces": [{"surface": "sealed", "id": "p", "outline": {"height_mm": 10.50, "shape": "rectangle", "width_mm": 1e2, "paint": {}}, "tags": [], "ünï": "✓ / \\ \u00e9"}],
     "resins": [{"id": "r", "ratio": {"a": 1, "b": 1.0, "by": "volume"}, "density_a_g_ml": 1.1, "density_b_g_ml": 1, "viscosity_pa_s": 1, "viscosity_at_c": 25, "reference_c": 23, "open_min": 40, "label": {"front": {}}}]}
    JSON;

    public function test_import_and_export_lose_nothing_and_the_bytes_are_canonical(): void
    {
        $this->import(self::FULL_OF_STRANGE_FIELDS)->assertRedirect('/pieces')->assertSessionHasNoErrors();
        $first = $this->export();
        self::assertSame(Json::file(Json::read(self::FULL_OF_STRANGE_FIELDS)), $first);
        $this->import($first)->assertSessionHasNoErrors();
        self::assertSame($first, $this->export());
        self::assertStringContainsString('"n": 1.0', $first);
        self::assertStringContainsString('"calm": {}', $first);
        self::assertStringContainsString('"list": []', $first);
    }

    public function test_the_shipped_example_is_the_check_case_and_comes_back_as_it_is(): void
    {
        $text = (string) file_get_contents(base_path('docs/examples/autumn-sky.json'));
        $this->import($text);
        self::assertSame(Json::file(Json::read($text)), $this->export());
    }

    public function test_the_commission_with_its_whole_stacks_comes_back_as_the_same_bytes(): void
    {
        $text = (string) file_get_contents(database_path('demo/tea-room.json'));
        $this->import($text)->assertSessionHasNoErrors();
        $first = $this->export();
        self::assertSame(Json::file(Json::read($text)), $first);
        $this->import($first)->assertSessionHasNoErrors();
        self::assertSame($first, $this->export());
    }

    public function test_every_field_of_a_stack_goes_in_and_out_unharmed(): void
    {
        $coats = <<<'JSON'
        [{"id": "a", "piece": "p", "resin": "r", "size_by": {"total_depth_mm": 9.0, "eye": {}}, "containment": "dammed", "dam": "tape", "dry_media": "mica",
          "inclusions": [{"name": "gear", "size_mm": [4.0, 2], "on_top": false, "tags": [], "x": {}}], "parts": [{"colour": "blue", "share_pct": 100.0, "mood": {}}],
          "steps": [{"step": "clean", "state": "skipped", "reason": "new", "who": {}}]},
         {"id": "b", "piece": "p", "resin": "r", "size_by": {"ml_per_piece": 40, "counted": "mixed"}, "zone": {"share_pct": 50.0, "look": []}, "over_hard": "wipe"}]
        JSON;
        $text = preg_replace('/"coats": \[.*?\],\s+"studio"/s', '"coats": '.$coats.', "studio"', self::FULL_OF_STRANGE_FIELDS);
        self::assertIsString($text);
        $this->import($text)->assertSessionHasNoErrors();
        self::assertSame(Json::file(Json::read($text)), $this->export());
    }

    public function test_batches_come_back_unharmed_and_go_on_without_a_coat_that_was_taken_away(): void
    {
        $plan = Plans::full();
        $plan->batches[0]->mood = new stdClass;
        $plan->vessels[0]->lid = [];
        $plan->batches[] = (object) ['id' => 'b3', 'coats' => ['c4']];
        $this->import(Json::file($plan))->assertSessionHasNoErrors();
        self::assertSame(Json::file($plan), $this->export());
        foreach (['c1', 'c4'] as $key) {
            $this->deleteJson('/coats/'.Coat::query()->where('key', $key)->firstOrFail()->id)->assertSessionHasNoErrors();
        }
        $batches = Json::read($this->export(), PlanDocument::class)->batches();
        self::assertSame([['flood'], ['c8']], array_map(static fn (BatchEntry $batch): array => $batch->coats(), $batches));
        self::assertCount(2, PlanFile::read($this->export())->plan->batches);
    }

    public function test_the_console_computes_batches(): void
    {
        $process = $this->console(['-'], Json::file(Plans::full()));
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $batches = json_decode($process->getOutput(), true)['batches'];
        self::assertSame(['b1', 'b2'], array_column($batches, 'id'));
        self::assertEqualsWithDelta($batches[0]['total_ml'], $batches[0]['a_ml'] + $batches[0]['b_ml'], 1e-9);
        self::assertEqualsWithDelta(333.3, $batches[0]['heat_kj_kg'], 1.7);
        self::assertSame(20, $batches[1]['turns'][0]['count']);
    }

    public function test_a_coat_whose_amount_cannot_be_worked_out_is_named_by_the_console(): void
    {
        $text = str_replace('"thickness_mm": 1.6', '"ml_per_piece": 20, "counted": "mixed"', (string) file_get_contents(base_path('docs/examples/autumn-sky.json')));
        $process = $this->console(['-'], $text);
        self::assertSame(1, $process->getExitCode());
        self::assertStringStartsWith('/coats/0/size_by: So little would all go into', $process->getErrorOutput());
    }

    public function test_the_studios_own_plan_can_be_computed_from_its_file(): void
    {
        $this->autumnSky();
        $this->postJson('/pieces', ['name' => 'Moon study', 'outline' => ['shape' => 'circle', 'diameter_mm' => '30 cm'], 'surface' => 'sealed']);
        $text = (string) $this->get('/plans/'.Plan::own()->id.'/file')->assertOk()->getContent();
        self::assertCount(2, PlanFile::read($text)->plan->coats);
    }

    public function test_a_bad_file_brings_nothing_in_and_says_where_it_is_bad(): void
    {
        $this->import(str_replace('"sealed"', '"cheese"', self::FULL_OF_STRANGE_FIELDS));
        self::assertStringContainsString('/pieces/0/surface: "cheese" is not known', session('errors')->first('file'));
        $this->import('{"format": NaN}');
        self::assertStringContainsString('line 1, column 12', session('errors')->first('file'));
        self::assertSame([1, 0], [Plan::query()->count(), Piece::query()->count()]);
    }

    #[TestWith(['{"a": 1,}', 1, 9])]
    #[TestWith(["{\n  \"a\": NaN\n}", 2, 8])]
    #[TestWith(["{\"a\": [1,\n2", 2, 2])]
    #[TestWith(['{"é": Infinity}', 1, 7])]
    #[TestWith(['{"a": 01}', 1, 7])]
    #[TestWith(['{"a": "tab	"}', 1, 7])]
    #[TestWith(['', 1, 1])]
    #[TestWith(['{"a": 1} more', 1, 10])]
    public function test_text_that_is_not_json_is_one_fault_with_line_and_column(string $text, int $line, int $column): void
    {
        self::assertStringContainsString("line $line, column $column ", self::said(JsonFault::of($text)));
    }

    public function test_a_fault_far_inside_a_large_text_is_said_to_lie_after_where_the_looking_ended(): void
    {
        self::assertMatchesRegularExpression('/^This is not JSON, somewhere after line 1, column \d{6}\.$/', self::said(JsonFault::of('{"list": ['.str_repeat('1,', 300_000).'?]}')));
        self::assertStringContainsString('line 1, column 400011 ', self::said(JsonFault::of('{"list": ['.str_repeat('1,', 200_000).'?]}')));
    }

    #[TestWith(['', 'This is not a JSON object'])]
    #[TestWith(['1,', 'more than two million values'])]
    public function test_a_list_in_place_of_a_plan_is_refused_however_long(string $entry, string $sentence): void
    {
        try {
            PlanFile::read('['.str_repeat($entry, 2_100_000).'1]');
            self::fail('It was read.');
        } catch (PlanException $exception) {
            self::assertStringContainsString($sentence, self::said($exception->faults[0]->said));
        }
    }

    public function test_what_php_reads_as_json_has_no_fault(): void
    {
        foreach ([self::FULL_OF_STRANGE_FIELDS, '[]', '{}', ' [1, -0.5e+3, "\\ud83d\\ude00", null, true] ', '"x"'] as $text) {
            self::assertNull(JsonFault::of($text));
        }
    }

    public function test_the_schema_agrees_with_the_reader(): void
    {
        $validator = new Validator;
        $schema = (string) file_get_contents(resource_path('schema/plan.schema.json'));
        $valid = static fn (mixed $document): bool => $validator->validate($document, $schema)->isValid();
        self::assertTrue($valid(Plans::autumnSky()));
        self::assertTrue($valid(Plans::full()));
        self::assertTrue($valid(Json::read(self::FULL_OF_STRANGE_FIELDS)->raw()));
        self::assertTrue($valid(Json::read((string) file_get_contents(database_path('demo/tea-room.json')))->raw()));
        // the schema sees fields, not what they mean together
        $byMeaning = ['an unknown resin', 'an unknown piece', 'hours that fall', 'a size beyond doubles', 'an unknown field beyond doubles',
            'a corner too round', 'a ring that is closed', 'an edge that crosses itself', 'a path far too large', 'a hole outside', 'an angle of an open coat',
            'a depth without a dam', 'an angle of a flooded coat', 'a catalyst table that falls', 'parts that are not all', 'a dome flooded over',
            'a batch of a coat that is not there', 'a vessel that is not there', 'a vessel rounder than half a ball', 'pen lines on no cup', 'a count of what is not in it'];
        $notYet = 'cannot be computed yet';
        foreach (PlanReaderTest::bad() as $name => [$changes, , $sentence]) {
            if (! in_array($name, $byMeaning, true) && $sentence !== $notYet) {
                self::assertFalse($valid(Plans::with($changes)), $name);
            }
        }
    }

    public function test_the_console_computes_a_file_and_standard_input(): void
    {
        $byFile = $this->console(['docs/examples/autumn-sky.json']);
        self::assertSame(0, $byFile->getExitCode(), $byFile->getErrorOutput());
        $result = json_decode($byFile->getOutput(), true);
        self::assertEqualsWithDelta(500.998, $result['coats'][0]['volume_ml']['total'], 0.001);
        self::assertEqualsWithDelta(163.659, $result['coats'][0]['mix']['b_g'], 0.001);
        self::assertSame($byFile->getOutput(), $this->console(['-'], (string) file_get_contents(base_path('docs/examples/autumn-sky.json')))->getOutput());
    }

    /** @param  list<string>  $lines */
    #[DataProvider('badFiles')]
    public function test_the_console_refuses_a_bad_file_line_by_line(string $text, array $lines): void
    {
        $process = $this->console(['-'], $text);
        self::assertSame(1, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        $said = explode("\n", trim($process->getErrorOutput()));
        self::assertCount(count($lines), $said, $process->getErrorOutput());
        foreach ($lines as $index => $line) {
            self::assertStringStartsWith($line, $said[$index]);
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function badFiles(): iterable
    {
        $example = (string) file_get_contents(__DIR__.'/../../docs/examples/autumn-sky.json');
        yield 'not JSON' => [str_replace('620', 'NaN', $example), [': This is not JSON from line 18, column 54']];
        yield 'beyond doubles' => [str_replace('620', '1e999', $example), ['/pieces/0/outline/width_mm: This number is too large']];
        yield 'three faults' => [
            str_replace(['"width_mm": 620', '"b": 1,', '"resin": "bench"'], ['"width_mm": -1', '"b": 0,', '"resin": "glue"'], $example),
            ['/resins/0/ratio/b: 0 is out of range', '/pieces/0/outline/width_mm: -1 is out', '/coats/0/resin: There is no resin'],
        ];
    }

    public function test_a_file_that_is_not_there_is_said_on_standard_error(): void
    {
        $process = $this->console(['nowhere.json']);
        self::assertSame(1, $process->getExitCode());
        self::assertStringContainsString('"nowhere.json"', $process->getErrorOutput());
    }

    public function test_reading_what_was_written_gives_the_same_bytes(): void
    {
        mt_srand(7);
        for ($i = 0; $i < 200; $i++) {
            $text = Json::file($this->randomObject(3));
            self::assertSame($text, Json::file(Json::read($text)));
        }
    }

    public function test_a_file_over_the_limit_is_refused_before_it_is_read(): void
    {
        try {
            PlanFile::read(str_repeat(' ', PlanFile::MOST_BYTES + 1));
            self::fail('It was read.');
        } catch (PlanException $exception) {
            self::assertSame('The file is larger than 20 MB.', self::said($exception->faults[0]->said));
        }
    }

    private static function said(?Message $message): string
    {
        return $message === null ? '' : (new Person(UnitSystem::Metric))->say($message);
    }

    private function import(string $text): \Illuminate\Testing\TestResponse
    {
        return $this->post('/plans', ['file' => UploadedFile::fake()->createWithContent('tea-room.json', $text), 'again' => '1']);
    }

    private function export(): string
    {
        return (string) $this->get('/plans/'.Plan::query()->latest('id')->firstOrFail()->id.'/file')->assertOk()->getContent();
    }

    public function test_the_console_says_how_sure_the_figures_are_when_it_is_asked(): void
    {
        $file = base_path('docs/examples/autumn-sky.json');
        $plain = json_decode($this->console([$file])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $sure = json_decode($this->console(['--ranges', $file])->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        $ranges = $sure['ranges'];
        unset($sure['ranges']);
        self::assertSame($plain, $sure, 'the figures stay as they are');
        $open = $ranges['/coats/0/film/open_min'];
        self::assertGreaterThan($open['p10'], $plain['coats'][0]['film']['open_min']);
        self::assertLessThan($open['p90'], $plain['coats'][0]['film']['open_min']);
        self::assertSame('open_min', $open['causes'][0][0]);
    }

    /** @param  list<string>  $arguments */
    private function console(array $arguments, ?string $input = null): Process
    {
        $process = new Process([PHP_BINARY, 'artisan', 'glaze:plan', ...$arguments], base_path(), ['DB_DATABASE' => '/nonexistent/none.sqlite'], $input);
        $process->run();

        return $process;
    }

    private function randomObject(int $depth): stdClass
    {
        $object = new stdClass;
        for ($i = mt_rand(0, 4); $i > 0; $i--) {
            $object->{'k'.mt_rand(0, 99)} = match (mt_rand(0, $depth > 0 ? 7 : 5)) {
                0 => mt_rand(-1000, 1000),
                1 => (float) mt_rand(-10, 10),
                2 => mt_rand() / 7.0,
                3 => 'é"\\/'.mt_rand(),
                4 => null,
                5 => [],
                6 => [$this->randomObject($depth - 1), mt_rand(0, 1) === 1],
                default => $this->randomObject($depth - 1),
            };
        }

        return $object;
    }
}
