<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use Tests\Support\MixesCups;
use Tests\TestCase;

/** The evening at the bench as one run: what is poured next, then every film's acts in rounds. */
final class RunTest extends TestCase
{
    use MixesCups;

    protected string $studio = DatabaseSeeder::class;

    public function test_an_empty_bench_has_no_run(): void
    {
        Pour::query()->update(['off_at' => now()]);
        self::assertSame([[], [], [], 1, []], array_values(array_intersect_key($this->bench(), array_flip(['films', 'cups', 'rounds', 'pairs', 'warnings']))));
    }

    public function test_what_stands_mixed_is_poured_piece_by_piece_before_any_round(): void
    {
        $mixing = $this->mixed(['autumn-flood', 'winter-flood']);
        self::assertSame([$mixing->id], array_column($this->bench()['cups'], 'id'));
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect('/run');
        $run = $this->bench();
        $ours = array_values(array_filter($run['films'], static fn (array $film): bool => $film['from_cup']));
        self::assertEqualsCanonicalizing(['Autumn sky', 'Winter sky'], array_column($ours, 'title'));
        foreach ($ours as $film) {
            self::assertGreaterThan(100, $film['to_pour']['ml']);
            self::assertNotSame('', $film['to_pour']['how']);
            self::assertGreaterThan(0, $film['to_pour']['laying_min']);
        }
        $this->press($ours[0]['id'], 'poured');
        self::assertSame([null, true], array_map(static fn (?array $toPour): ?bool => $toPour === null ? null : true, array_column(array_filter($this->bench()['films'], static fn (array $film): bool => $film['from_cup']), 'to_pour')));
    }

    public function test_pieces_out_of_one_cup_are_poured_in_the_order_of_its_plan(): void
    {
        $mixing = $this->mixed(['autumn-flood', 'winter-flood', 'ridge-trial-boards-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $planned = Pour::query()->where('mixing_id', $mixing->id)->orderBy('rowid')->pluck('id')->all();
        self::assertGreaterThan(1, count($planned));
        $laid = array_filter(array_merge(...array_column($this->bench()['rounds'], 'acts')), static fn (array $one): bool => $one['act'] === 'pour');
        self::assertSame($planned, array_column($laid, 'film'));
    }

    public function test_acts_of_two_films_are_laid_in_rounds_and_every_one_of_them_once(): void
    {
        $this->freezeTime();
        $run = $this->twoPoured();
        $laid = array_merge(...array_column($run['rounds'], 'acts'));
        $open = [];
        foreach ($run['films'] as $film) {
            foreach ($film['acts'] as $act) {
                if ($act['went'] === 'open') {
                    $open[] = "{$film['id']} {$act['id']}";
                }
            }
        }
        self::assertEqualsCanonicalizing($open, array_map(static fn (array $one): string => "{$one['film']} {$one['act']}", $laid));
        $begin = array_column($laid, 'begin_at');
        self::assertSame(collect($begin)->sort()->values()->all(), $begin);
        $byClock = collect($laid)->map(fn (array $one): array => $this->act($run, $one))->sortBy('due_at')->pluck('gloves')->reject(static fn (string $gloves): bool => $gloves === 'either')->values();
        self::assertLessThan(1 + $byClock->sliding(2)->filter(static fn ($two): bool => $two->first() !== $two->last())->count(), count($run['rounds']), 'hands change less often than by the clock');
        foreach ($run['rounds'] as $round) {
            foreach ($round['acts'] as $one) {
                self::assertContains($this->act($run, $one)['gloves'], [$round['gloves'], 'either']);
            }
        }
    }

    public function test_what_is_done_or_skipped_leaves_the_run_and_hands_are_what_the_last_act_made_them(): void
    {
        $this->freezeTime();
        $run = $this->twoPoured();
        $this->travel(10)->minutes();
        $first = $run['rounds'][0]['acts'][0];
        $this->press($first['film'], 'act_done', ['act' => $first['act']]);
        $wipe = collect($run['films'])->firstWhere('id', $first['film'])['acts'];
        $this->press($first['film'], 'act_skipped', ['act' => collect($wipe)->firstWhere('kind', 'look')['id'], 'reason' => 'Nothing hangs']);
        $now = $this->bench();
        $left = array_map(static fn (array $one): string => $one['film'].$one['act'], array_merge(...array_column($now['rounds'], 'acts')));
        self::assertNotContains($first['film'].$first['act'], $left);
        self::assertNotContains($first['film'].collect($wipe)->firstWhere('kind', 'look')['id'], $left);
        $hands = $this->act($now, $first)['gloves'];
        if ($now['rounds'][0]['gloves'] === $hands) {
            self::assertFalse($now['rounds'][0]['changes']);
        } else {
            self::assertTrue($now['rounds'][0]['changes']);
        }
    }

    public function test_what_one_pair_of_hands_does_not_come_to_is_said_with_what_helps(): void
    {
        $this->freezeTime();
        $this->twoPoured();
        Pour::query()->get()->each(function (Pour $pour): void {
            $acts = array_map(static fn ($act) => $act->text('kind') === 'pass' ? $act->with('lasts_min', 30) : $act, $pour->schedule->entries('acts'));
            $pour->update(['schedule' => $pour->schedule->with('acts', $acts)]);
        });
        $said = implode(' ', $this->bench()['warnings']);
        self::assertMatchesRegularExpression('/A second pair of hands (comes to all of it in time|leaves \d+ of those \d+)/', $said);
    }

    public function test_beside_a_film_or_a_cup_whose_vapours_burn_no_pass_is_laid_with_a_flame_and_it_is_said_of_which(): void
    {
        $this->freezeTime();
        $this->twoPoured();
        $flames = fn (): int => count(array_filter(array_merge(...array_column(array_filter($this->bench()['films'], static fn (array $film): bool => $film['tool'] !== 'breath'), 'acts')), static fn (array $act): bool => $act['kind'] === 'pass' && $act['went'] === 'open'));
        self::assertGreaterThan(0, $flames());
        $mixing = $this->filled($this->begin(['comet-base'], 'batch-2'));
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $run = $this->bench();
        self::assertSame(0, $flames(), 'already the open cup');
        self::assertStringContainsString('Comet over the ridge', $run['warnings'][0]);
        $comet = collect($run['films'])->firstWhere('title', 'Comet over the ridge');
        $this->press($comet['id'], 'poured');
        $run = $this->bench();
        $open = collect($run['films'])->firstWhere('id', $comet['id']);
        self::assertSame('breath', $open['tool']);
        self::assertNotEmpty(array_filter($open['acts'], static fn (array $act): bool => $act['kind'] === 'pass'), 'breath lights nothing');
        $this->travel(2)->days();
        self::assertStringNotContainsString('Comet over the ridge', implode(' ', $this->bench()['warnings']));
    }

    public function test_the_page_is_handed_the_same_in_the_units_of_who_looks(): void
    {
        $this->twoPoured();
        $this->get('/run')->assertOk();
        self::assertSame(array_column($this->bench()['rounds'], 'gloves'), array_column($this->withCredentials()->withUnencryptedCookie('units', 'imperial')->getJson('/run/state')->json('rounds'), 'gloves'));
    }

    public function test_a_cup_that_has_gelled_is_not_told_to_be_poured(): void
    {
        $this->freezeTime();
        $mixing = $this->mixed(['autumn-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $this->travel(8)->hours();
        $run = $this->bench();
        self::assertContains('Do not pour Autumn sky: it has gelled. Mix it anew.', $run['warnings']);
        self::assertNotContains('pour', array_column(array_merge(...array_column($run['rounds'], 'acts')), 'act'));
    }

    public function test_what_is_left_in_a_cup_looks_for_a_taker_of_its_resin_that_is_ready(): void
    {
        $mixing = $this->mixed(['autumn-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $pour = Pour::query()->where('mixing_id', $mixing->id)->firstOrFail();
        $takers = fn (): array => $this->getJson("/mixings/{$mixing->id}/takers")->assertOk()->json();
        self::assertGreaterThan(1, $mixing->load('begun')->result()->restMl());
        $left = static fn (float $ml): bool => $mixing->begun->update(['facts' => $mixing->begun->facts->with('result.margin_ml', $ml)->with('result.residue_ml', 0)]);
        $left(120);
        self::assertNotSame([], $takers());
        foreach ($takers() as $one) {
            self::assertSame('bench', Coat::query()->with('resin')->findOrFail($one['coat_id'])->resin->key);
            self::assertLessThanOrEqual(120.001, $one['pieces'] * $one['each_ml']);
            self::assertNotSame('Autumn sky', $one['piece'], 'it has been poured');
        }
        $left(0);
        self::assertSame([], $takers());
    }

    /** @return array<string, mixed> */
    private function bench(): array
    {
        return $this->getJson('/run/state')->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $run
     * @param  array<string, mixed>  $place
     * @return array<string, mixed>
     */
    private function act(array $run, array $place): array
    {
        return collect(collect($run['films'])->firstWhere('id', $place['film'])['acts'])->firstWhere('id', $place['act']);
    }

    /** @return array<string, mixed> the run of two canvases that were poured one after the other */
    private function twoPoured(): array
    {
        Pour::query()->update(['off_at' => now()]);
        $mixing = $this->mixed(['autumn-flood', 'winter-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        foreach ($this->bench()['films'] as $film) {
            $this->travel(4)->minutes();
            $this->press($film['id'], 'poured');
        }

        return $this->bench();
    }
}
