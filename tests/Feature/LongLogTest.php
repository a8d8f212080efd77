<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Journal\Bench;
use App\Models\Pour;
use Bench\History;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A studio that has poured for years: no page asks more of the database for it, and none hands more of it on. */
final class LongLogTest extends TestCase
{
    private const POURS = 400;

    private const MOST_QUERIES = 20;

    /** What a page hands to the browser, bytes of JSON. */
    private const MOST_BYTES = 400_000;

    protected string $studio = DatabaseSeeder::class;

    public function test_pages_ask_no_more_and_say_no_more_for_a_long_log(): void
    {
        $piece = Pour::query()->whereNotNull('piece_id')->whereNotNull('written_at')->latest('started_at')->firstOrFail()->piece_id;
        $wet = Pour::query()->whereNull('off_at')->latest('started_at')->firstOrFail();
        $pages = ['/', '/now/pours', '/pieces', '/plans/1/evening', '/plans/1/evening/sheet', '/plans/1/batches/batch-1', '/shelf', '/studio', "/pieces/$piece/history", "/pours/{$wet->id}", "/pours/{$wet->id}/finish", "/coats/{$wet->coat_id}", "/coats/{$wet->coat_id}/mix"];
        $before = array_map($this->asked(...), $pages);
        $this->manyMore();
        foreach ($pages as $at => $page) {
            [$queries, $bytes] = $this->asked($page);
            self::assertLessThanOrEqual(self::MOST_QUERIES, $queries, $page);
            self::assertLessThanOrEqual($before[$at][0] + 1, $queries, "$page: a question more for each pour");
            self::assertLessThan(max(self::MOST_BYTES, 1.1 * $before[$at][1]), $bytes, $page);
        }
    }

    public function test_what_is_wet_is_found_among_all_that_is_hard(): void
    {
        $before = array_column($this->getJson('/now/pours')->json('pours'), 'id');
        $this->manyMore();
        self::assertSame($before, array_column($this->getJson('/now/pours')->json('pours'), 'id'));
        $plan = DB::select('explain query plan '.Pour::query()->onTheBench(now()->toImmutable())->toRawSql());
        self::assertStringContainsString('USING INDEX', implode(' ', array_map(static fn (object $row): string => $row->detail, $plan)));
    }

    public function test_a_press_folds_its_own_film_and_no_other(): void
    {
        $this->manyMore();
        $wet = Pour::query()->whereNull('off_at')->whereNotNull('poured_at')->latest('started_at')->firstOrFail();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->press($wet->id, 'observed', ['what' => 'dust', 'text' => '']);
        self::assertLessThanOrEqual(16, count(DB::getQueryLog()));
        foreach (DB::getQueryLog() as ['query' => $query]) {
            if (str_contains($query, 'from "events"')) {
                self::assertMatchesRegularExpression('/where "(events"\."id|id|subject)" /', $query);
            }
        }
    }

    public function test_all_of_it_folds_to_the_same_rows(): void
    {
        $this->manyMore(40);
        $rows = static fn (): array => DB::table('pours')->orderBy('id')->get()->map(static fn (object $row): array => array_diff_key((array) $row, ['created_at' => 0, 'updated_at' => 0]))->all();
        $before = $rows();
        app(Bench::class)->foldAll();
        self::assertEquals($before, $rows());
    }

    /** @return array{int, int} how many questions a page asks, and how many bytes it hands on */
    private function asked(string $page): array
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $answer = $this->get($page)->assertOk();
        $queries = count(DB::getQueryLog());
        $data = $answer->original !== null && is_object($answer->original) && method_exists($answer->original, 'getData') ? json_encode($answer->viewData('page')) : $answer->getContent();

        return [$queries, strlen((string) $data)];
    }

    private function manyMore(int $count = self::POURS): void
    {
        History::write($count, 1);
        $before = Pour::query()->count();
        app(Bench::class)->foldAll();
        self::assertSame($before + $count, Pour::query()->count());
    }
}
