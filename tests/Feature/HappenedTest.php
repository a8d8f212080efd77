<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mixing\Choices;
use App\Models\Coat;
use App\Models\JournalEvent;
use App\Models\Pour;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Testing\TestResponse;
use OpenGlaze\Core\Quantity\UnitSystem;
use OpenGlaze\Core\Run\WaitCover;
use Tests\Support\MixesCups;
use Tests\TestCase;

/** What happens to what is on the bench, and what is wanted because of it. */
final class HappenedTest extends TestCase
{
    use MixesCups;

    protected string $studio = DatabaseSeeder::class;

    public function test_a_hair_becomes_the_next_act_until_it_is_picked_or_taken_back(): void
    {
        $film = $this->poured();
        $this->travel(6)->minutes();
        $this->press($film->id, 'happened', ['what' => 'hair']);
        $act = $this->act($film, 'pick');
        self::assertNotNull($act);
        self::assertSame('Pick the hair', $act['title']);
        self::assertEqualsWithDelta(now()->getTimestampMs(), $act['due_at'], 2000);
        $this->press($film->id, 'act_done', ['act' => $act['id']]);
        self::assertSame('in_time', $this->act($film, 'pick')['went'] ?? null);
        $said = $this->state($film)['seen'];
        self::assertSame(['hair'], array_column($said, 'what'));
        $this->press($film->id, 'undone', ['of' => $said[0]['event']]);
        self::assertNull($this->act($film, 'pick'), 'it was none: nothing is wanted because of it');
    }

    public function test_an_act_of_what_never_happened_is_refused(): void
    {
        $film = $this->poured();
        self::assertSame('unknown_act', $this->refused($film->id, 'act_done', ['act' => 'hair-00000000']));
        self::assertSame('unreadable', $this->refused($film->id, 'happened', ['what' => 'an earthquake']));
        self::assertSame('unreadable', $this->refused($film->id, 'happened', ['what' => 'smoking']), 'that happens to a cup');
        self::assertSame('no_amount', $this->refused($film->id, 'happened', ['what' => 'short', 'written' => 'a lot']));
    }

    public function test_what_is_topped_up_gets_its_pass_and_its_wipes_and_what_was_wiped_stays_wiped(): void
    {
        $film = $this->poured();
        $before = $this->acts($film);
        foreach ($before as $act) {
            if ($act['kind'] === 'pass' || $act['id'] === 'wipe-1') {
                $this->press($film->id, 'act_done', ['act' => $act['id']]);
            }
        }
        $this->travel(16)->minutes();
        $this->press($film->id, 'topped_up', ['ml' => 40]);
        $after = $this->acts($film);
        $passes = array_filter($after, static fn (array $act): bool => $act['kind'] === 'pass' && $act['went'] === 'open');
        self::assertSame(['One more heat pass'], array_column($passes, 'title'));
        $open = array_filter($after, static fn (array $act): bool => $act['kind'] === 'wipe' && $act['went'] === 'open');
        self::assertNotSame([], $open);
        self::assertSame([], array_intersect(array_column($before, 'id'), array_column($open, 'id')), 'its wipes are laid anew');
        self::assertGreaterThanOrEqual(now()->getTimestampMs(), min(array_column($open, 'due_at')));
        self::assertNotNull(collect($after)->firstWhere('id', 'wipe-1')['done_at']);
        $covers = array_values(array_filter($after, static fn (array $act): bool => $act['kind'] === 'cover' && WaitCover::afterOf($act['id']) === null));
        self::assertCount(1, $covers);
        self::assertGreaterThanOrEqual(max(array_column($open, 'due_at')), $covers[0]['due_at'], 'and its cover stays on after them');
    }

    public function test_folding_the_bench_anew_gives_the_same_acts(): void
    {
        $film = $this->poured();
        $this->travel(5)->minutes();
        $this->press($film->id, 'happened', ['what' => 'leak']);
        $this->press($film->id, 'topped_up', ['ml' => 15]);
        $this->press($film->id, 'oiled');
        $before = $this->acts($film);
        $this->artisan('glaze:rebuild')->assertSuccessful();
        self::assertSame($before, $this->acts($film->refresh()));
    }

    public function test_oil_touched_in_is_watched_and_the_next_coat_knows_of_it(): void
    {
        $film = $this->poured();
        $coat = Coat::query()->findOrFail($film->coat_id);
        $this->postJson("/pieces/{$coat->piece_id}/coats", ['kind' => 'top'])->assertRedirect();
        $next = $coat->piece->coats()->reorder('position', 'desc')->firstOrFail();
        $isAfterOil = fn (): bool => str_contains(json_encode($this->get("/coats/{$next->id}/mix")->viewData('page')['props']) ?: '', 'Wipe the oil off');
        self::assertFalse($isAfterOil());
        $this->press($film->id, 'oiled');
        self::assertSame('Look after the oil', collect($this->acts($film))->first(static fn (array $act): bool => str_starts_with($act['id'], 'oil-'))['title']);
        self::assertTrue($coat->refresh()->oiled);
        self::assertTrue($isAfterOil(), 'it hardens, is wiped, sanded and washed first');
        $this->press($film->id, 'undone', ['of' => $this->state($film)['seen'][0]['event']]);
        self::assertFalse($coat->refresh()->oiled);
        self::assertFalse($isAfterOil());
    }

    public function test_how_oil_came_in_and_where_is_kept_for_who_looks_back(): void
    {
        $film = $this->poured();
        $this->press($film->id, 'oiled', ['how' => 'touches', 'where' => '  along the horizon ']);
        $this->press($film->id, 'oiled', ['how' => 'drops', 'where' => '']);
        self::assertSame([['oiled_touches', 'along the horizon'], ['oiled_drops', '']], array_map(static fn (array $one): array => [$one['what'], $one['text']], $this->state($film)['seen']));
        self::assertSame('unreadable', $this->refused($film->id, 'oiled', ['how' => 'poured']));
    }

    public function test_a_cup_that_smokes_takes_what_was_to_be_poured_from_it_off_the_bench_and_back_to_the_plan(): void
    {
        $mixing = $this->mixed(['autumn-flood', 'winter-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $films = Pour::query()->where('mixing_id', $mixing->id)->get();
        Pour::query()->whereNot('mixing_id', $mixing->id)->orWhereNull('mixing_id')->delete();
        $this->press($films[0]->id, 'poured');
        $this->press($mixing->id, 'discarded', ['because' => 'smoking']);
        self::assertNull($films[0]->refresh()->off_at, 'what lies on a piece lies there');
        self::assertNotNull($films[1]->refresh()->off_at);
        $waiting = array_column(app(Choices::class)->of(CarbonImmutable::now(), new Person(UnitSystem::Metric)), 'coat_id');
        self::assertContains($films[1]->coat_id, $waiting);
        self::assertNotContains($films[0]->coat_id, $waiting);

        $smoked = JournalEvent::query()->where('subject', $mixing->id)->where('kind', 'discarded')->firstOrFail();
        $this->press($mixing->id, 'undone', ['of' => $smoked->id]);
        self::assertNull($films[1]->refresh()->off_at, 'it did not smoke after all');
    }

    public function test_who_is_short_is_answered_in_their_units_and_nothing_is_taken_for_an_amount_that_is_none(): void
    {
        $film = $this->poured();
        $short = $this->getJson("/pours/{$film->id}/short?ml=50")->assertOk()->json();
        self::assertEqualsWithDelta(50, $short['missing_ml'], 1e-9);
        self::assertGreaterThan(50, $short['mix']['total_ml']);
        self::assertTrue($short['in_time']);
        self::assertEqualsWithDelta(2 * 29.5735, $this->withCredentials()->withUnencryptedCookie('units', 'imperial')->getJson("/pours/{$film->id}/short?ml=2")->json('missing_ml'), 0.001);
        foreach (['', 'nothing', '-3', '0'] as $none) {
            $this->getJson("/pours/{$film->id}/short?ml=".rawurlencode($none))->assertStatus(422);
        }
    }

    public function test_what_holds_nobody_knows_how_much_is_poured_in_stages_with_its_total(): void
    {
        $coat = $this->autumnSky();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['containment' => 'dammed', 'dam' => 'drape']])->assertOk();
        $this->postJson("/coats/{$coat->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50'], 'reason' => 'to see it'])->assertRedirect();
        $film = Pour::query()->where('coat_id', $coat->id)->firstOrFail();
        $before = $this->state($film)['staged'];
        self::assertSame([[], 0], [$before['entries'], $before['poured_ml']]);
        $this->press($film->id, 'staged', ['written' => '120 ml']);
        $this->press($film->id, 'staged', ['ml' => 80]);
        self::assertSame('no_amount', $this->refused($film->id, 'staged', ['written' => 'some']));
        $now = $this->state($film)['staged'];
        self::assertEquals(200, $now['poured_ml']);
        self::assertEqualsWithDelta($before['in_cup_ml'] - 200, $now['in_cup_ml'], 1e-6);
        $this->press($film->id, 'undone', ['of' => $now['entries'][1]['event']]);
        self::assertEquals(120, $this->state($film)['staged']['poured_ml']);
        $this->press($film->id, 'poured');
        self::assertNull($this->state($film)['staged'], 'it is all in');
        self::assertSame('poured_already', $this->refused($film->id, 'staged', ['ml' => 10]));
    }

    public function test_a_pool_is_answered_with_what_to_take_off_and_what_is_none_is_said_so(): void
    {
        $film = $this->poured();
        $pool = fn (string $depth, string $share): TestResponse => $this->getJson("/pours/{$film->id}/pool?depth=".rawurlencode($depth).'&share='.rawurlencode($share));
        self::assertGreaterThan(0, $pool('3 mm', '25')->assertOk()->json('pool.take_off_ml'));
        self::assertNull($pool('0.5', '25')->assertOk()->json('pool'));
        $pool('deep', '25')->assertStatus(422)->assertJsonStructure(['sentences' => ['depth']]);
        foreach (['0', '101', 'half'] as $none) {
            $pool('3', $none)->assertStatus(422)->assertJsonStructure(['sentences' => ['share']]);
        }
    }

    public function test_pages_at_the_bench_say_what_to_do_about_each(): void
    {
        $film = $this->poured();
        foreach (['/run', "/pours/{$film->id}"] as $url) {
            $said = $this->get($url)->assertOk()->viewData('page')['props']['unexpected'];
            self::assertSame(['short', 'spill', 'tipped', 'hair', 'smoking', 'leak'], array_column($said, 'what'));
            foreach ($said as $one) {
                self::assertStringNotContainsString('mishaps.', $one['title'].implode($one['now']));
            }
        }
    }

    private function poured(): Pour
    {
        $this->freezeTime();
        $mixing = $this->mixed(['autumn-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $film = Pour::query()->where('mixing_id', $mixing->id)->firstOrFail();
        $this->press($film->id, 'poured');

        return $film->refresh();
    }

    /** @return array<string, mixed> */
    private function state(Pour $film): array
    {
        return $this->getJson("/pours/{$film->id}/state")->assertOk()->json();
    }

    /** @return list<array<string, mixed>> */
    private function acts(Pour $film): array
    {
        return $this->state($film)['acts'];
    }

    /** @return array<string, mixed>|null the first of its kind */
    private function act(Pour $film, string $kind): ?array
    {
        return collect($this->acts($film))->firstWhere('kind', $kind);
    }
}
