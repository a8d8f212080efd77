<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Pour;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Tests\Support\PoursCoats;
use Tests\TestCase;

/** Covers on the bench: one goes on for each long wait, and comes off for what ends it. */
final class CoverTest extends TestCase
{
    use PoursCoats;

    protected string $studio = DatabaseSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->freezeTime();
    }

    public function test_a_film_that_waits_is_covered_and_uncovered_for_its_watch(): void
    {
        $pour = $this->held();
        $acts = $this->acts($pour);
        $cover = $acts['cover-after-pass-2'];
        self::assertSame(['cover', 'clean', 'open'], [$cover['kind'], $cover['gloves'], $cover['went']]);
        self::assertStringContainsString($acts['look']['title'], $cover['how'], 'it says what it comes off for');
        self::assertSame('cover-after-pass-2', $acts['look']['under']);
        self::assertNull($acts['pass-2']['under'], 'nothing lies over it between two passes');
        self::assertSame(['cover-after-pass-2', 'look', 'cover'], array_slice(array_keys($acts), -3));
    }

    public function test_it_goes_on_when_what_comes_before_it_is_really_done(): void
    {
        $pour = $this->held();
        $planned = $this->acts($pour)['cover-after-pass-2']['due_at'];
        $this->travelTo(CarbonImmutable::createFromTimestampMs($this->acts($pour)['pass-2']['due_at'])->addMinutes(4));
        $this->press($pour->id, 'act_done', ['act' => 'pass-2']);
        $cover = $this->acts($pour)['cover-after-pass-2'];
        self::assertSame(CarbonImmutable::now()->getTimestampMs(), $cover['due_at']);
        self::assertGreaterThan($planned, $cover['due_at']);
    }

    public function test_no_cover_goes_on_for_a_wait_that_ends_with_one(): void
    {
        $pour = $this->held();
        $look = $this->acts($pour)['look'];
        $this->travelTo(CarbonImmutable::createFromTimestampMs($look['due_at'])->subMinutes(14));
        foreach (['pass-1', 'pass-2', 'look'] as $act) {
            $this->press($pour->id, 'act_done', ['act' => $act]);
        }
        self::assertArrayNotHasKey('cover-after-look', $this->acts($pour), 'the one that stays on comes next');
        self::assertNull($this->acts($pour)['cover']['under']);
    }

    public function test_what_was_pressed_of_it_stands_in_the_log_as_it_was_shown(): void
    {
        $pour = $this->held();
        $shown = $this->acts($pour)['cover-after-pass-2'];
        $this->travelTo(CarbonImmutable::createFromTimestampMs($shown['due_at']));
        $this->press($pour->id, 'act_done', ['act' => 'cover-after-pass-2', 'came' => ['id' => 'mischief']]);
        $done = $this->acts($pour)['cover-after-pass-2'];
        self::assertSame([$shown['title'], $shown['due_at'], 'in_time'], [$done['title'], $done['due_at'], $done['went']]);
        $before = $this->acts($pour);
        $this->artisan('glaze:rebuild')->assertSuccessful();
        self::assertSame($before, $this->acts($pour));
        $this->press($pour->id, 'undone', ['of' => $done['event']]);
        self::assertNull($this->acts($pour)['cover-after-pass-2']['done_at']);
    }

    public function test_a_wait_that_is_over_asks_for_no_cover_and_none_was_missed(): void
    {
        $pour = $this->held();
        $look = $this->acts($pour)['look'];
        $this->travelTo(CarbonImmutable::createFromTimestampMs($look['due_at'])->subMinutes(4));
        self::assertArrayNotHasKey('cover-after-pass-2', $this->acts($pour));
        self::assertNull($this->acts($pour)['look']['under'], 'it lies open');
        // who puts it on all the same has done so
        $this->press($pour->id, 'act_done', ['act' => 'cover-after-pass-2']);
        self::assertNotNull($this->acts($pour)['cover-after-pass-2']['done_at']);
        self::assertSame('unknown_act', $this->refused($pour->id, 'act_done', ['act' => 'cover-after-lunch']));
    }

    public function test_what_comes_in_between_ends_the_wait(): void
    {
        $pour = $this->held();
        $acts = $this->acts($pour);
        $this->travelTo(CarbonImmutable::createFromTimestampMs($acts['cover-after-pass-2']['due_at']));
        $this->press($pour->id, 'act_done', ['act' => 'pass-2']);
        $this->press($pour->id, 'act_done', ['act' => 'cover-after-pass-2']);
        $this->travel(5)->minutes();
        $this->press($pour->id, 'happened', ['what' => 'hair']);
        $pick = collect($this->acts($pour))->firstWhere('kind', 'pick');
        self::assertSame('cover-after-pass-2', $pick['under'], 'its cover comes off for the hair');
    }

    public function test_covers_go_on_in_a_round_and_no_warning_is_made_of_one(): void
    {
        $pour = $this->held();
        $acts = $this->acts($pour);
        $this->travelTo(CarbonImmutable::createFromTimestampMs($acts['pass-2']['due_at']));
        $rounds = $this->getJson('/run/state')->json('rounds');
        $laid = array_map(static fn (array $one): string => $one['act'], array_filter(array_merge(...array_column($rounds, 'acts')), static fn (array $one): bool => $one['film'] === $pour->id));
        self::assertSame(['pass-2', 'cover-after-pass-2', 'look', 'cover'], array_values(array_slice($laid, -4)));
        Pour::query()->whereKeyNot($pour->id)->update(['off_at' => now()]);
        self::assertSame([], array_filter($this->getJson('/run/state')->json('warnings'), static fn (string $warning): bool => str_contains(strtolower($warning), 'cover')));
    }

    /** A film that nothing runs off: two passes, a last look, and a cover. */
    private function held(): Pour
    {
        $coat = $this->autumnSky();
        $coat->piece->update(['spec' => $coat->piece->spec->with('coated_edges', 'none')]);
        $pour = $this->started($coat->refresh());
        $this->press($pour->id, 'poured');

        return $pour->refresh();
    }

    /** @return array<string, array<string, mixed>> by their names */
    private function acts(Pour $pour): array
    {
        return collect($this->getJson("/pours/{$pour->id}/state")->json('acts'))->keyBy('id')->all();
    }
}
