<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mixing\Choices;
use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Plan;
use App\Models\Pour;
use App\Planning\PlanAssembler;
use App\Planning\PlanImporter;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Inertia\Testing\AssertableInertia;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Quantity\UnitSystem;
use Tests\TestCase;

/** Tonight's cups through the front door, in the demo studio. */
final class EveningTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    private const CHOSEN = ['prints-flood', 'tiles-base', 'spares-base', 'pendants-dome'];

    public function test_the_page_holds_what_can_be_chosen_and_what_is_planned(): void
    {
        $this->get('/evening')->assertRedirect('/plans/1/evening');
        $this->get('/plans/1/evening')->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->has('answer.batches.0.vessel.profile')
            ->missing('choices')
            ->reloadOnly('choices', fn (AssertableInertia $page) => $page->where('choices', function ($choices): bool {
                $state = collect($choices)->pluck('state', 'coat');

                return $state['prints-flood'] === 'ready' && $state['tiles-dome'] === 'later' && ! $state->has('prints-seal') && ! $state->has('autumn-flood');
            })));
    }

    public function test_coats_of_a_plan_that_was_brought_in_share_cups_with_the_rest(): void
    {
        $plan = app(PlanImporter::class)->import((string) file_get_contents(base_path('docs/examples/autumn-sky.json')), 'From a friend');
        $choices = collect(app(Choices::class)->of(CarbonImmutable::now(), new Person(UnitSystem::Metric)));
        $theirs = $choices->firstWhere('coat', "{$plan->id}:flood");
        self::assertSame(['Autumn sky', 'From a friend', 'ready'], [$theirs['piece'], $theirs['plan'], $theirs['state']]);

        $ours = Coat::query()->where('key', 'winter-flood')->firstOrFail();
        $sheet = $ours->resin->sheet;
        $sheet = $sheet->with('id', 'their-own-name');
        $plan->resins()->firstOrFail()->update(['sheet' => $sheet, 'key' => 'their-own-name']);
        $proposed = $this->postJson('/plans/1/evening/propose', ['coats' => ["{$plan->id}:flood", 'winter-flood']])->assertOk();
        $shared = collect($proposed->json('batches'))->pluck('coats')->all();
        self::assertEqualsCanonicalizing(["{$plan->id}:flood", 'winter-flood'], array_merge(...$shared));
        $this->putJson('/plans/1/evening', ['batches' => $proposed->json('batches')])->assertOk();
        self::assertEqualsCanonicalizing(["{$plan->id}:flood", 'winter-flood'], array_merge(...collect($this->get('/plans/1/evening')->viewData('page')['props']['batches'])->pluck('coats')->all()));

        // it is weighed and poured as any other
        $batch = collect($proposed->json('batches'))->first(fn (array $one): bool => in_array("{$plan->id}:flood", $one['coats'], true));
        $this->postJson("/plans/1/batches/{$batch['id']}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        foreach (['a' => 'a_g', 'b' => 'b_g'] as $step => $part) {
            $this->press($mixing->id, 'weighed', ['step' => $step, 'grams' => $mixing->result()->number($part)]);
        }
        $this->press($mixing->id, 'mixed');
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => []])->assertRedirect();
        self::assertSame(1, Pour::query()->where('mixing_id', $mixing->id)->where('coat_id', $theirs['coat_id'])->count());
        // the file goes out as it came in: the evening is the studio's
        self::assertStringNotContainsString('batches', (string) $this->get("/plans/{$plan->id}/file")->getContent());
        self::assertStringNotContainsString("{$plan->id}:flood", (string) $this->get('/plans/1/file')->getContent());
    }

    public function test_equal_sheets_share_a_cup_whatever_they_are_called(): void
    {
        $plan = app(PlanImporter::class)->import((string) file_get_contents(base_path('docs/examples/autumn-sky.json')), 'From a friend');
        $ours = Coat::query()->where('key', 'winter-flood')->firstOrFail();
        $sheet = $ours->resin->sheet;
        $sheet = $sheet->with('id', 'their-own-name');
        $plan->resins()->firstOrFail()->update(['sheet' => $sheet, 'key' => 'their-own-name']);
        $document = app(PlanAssembler::class)->evening(Plan::own(), [], ["{$plan->id}:flood", 'winter-flood']);
        $resins = collect($document->coats())->filter(fn (Entry $coat): bool => in_array($coat->text('id'), ["{$plan->id}:flood", 'winter-flood'], true))->map(fn (Entry $coat): ?string => $coat->text('resin'))->unique();
        self::assertCount(1, $resins);
        self::assertCount(count(array_unique(array_map(fn (Entry $resin): ?string => $resin->text('id'), $document->resins()))), $document->resins());
    }

    public function test_a_plan_that_was_put_away_is_not_poured_tonight(): void
    {
        $plan = app(PlanImporter::class)->import((string) file_get_contents(base_path('docs/examples/autumn-sky.json')), 'From a friend');
        $plan->update(['put_away_at' => now()]);
        self::assertNull(collect(app(Choices::class)->of(CarbonImmutable::now(), new Person(UnitSystem::Metric)))->firstWhere('coat', "{$plan->id}:flood"));
    }

    public function test_what_each_coat_takes_is_computed_once_and_again_when_it_changes(): void
    {
        $needed = fn (): float => app(Choices::class)->needed()['bench'];
        $before = $needed();
        self::assertSame($before, $needed());
        $flood = Coat::query()->where('key', 'winter-flood')->firstOrFail();
        Pour::query()->where('coat_id', $flood->id)->update(['coat_id' => null]);
        $open = $needed();
        self::assertGreaterThan($before, $open);
        $this->putJson("/coats/{$flood->id}", ['coat' => ['size_by' => ['thickness_mm' => '3']]])->assertOk();
        self::assertGreaterThan($open, $needed());
    }

    public function test_a_proposal_pours_every_chosen_piece_once_and_in_time(): void
    {
        $answer = $this->postJson('/plans/1/evening/propose', ['coats' => self::CHOSEN])->assertOk();
        $counts = [];
        foreach ($answer->json('answer.batches') as $batch) {
            self::assertLessThanOrEqual($batch['spread_until_min'], $batch['emptied_min']);
            self::assertSame([], array_filter($batch['advice'], static fn (array $one): bool => $one['level'] === 'stop'));
            foreach ($batch['turns'] as $turn) {
                $counts[$turn['coat']] = ($counts[$turn['coat']] ?? 0) + $turn['count'];
            }
        }
        self::assertGreaterThan(array_sum(array_map(static fn (array $batch): float => max(array_column($batch['turns'], 'spread_min')), $answer->json('answer.batches'))), $answer->json('answer.minutes'), 'what is poured together is spread after its cup is empty');
        ksort($counts);
        self::assertSame(['pendants-dome' => 60, 'prints-flood' => 4, 'spares-base' => 6, 'tiles-base' => 24], $counts);
        self::assertSame([], $answer->json('apart'));
    }

    public function test_sixty_pendants_make_two_cups(): void
    {
        $answer = $this->postJson('/plans/1/evening/propose', ['coats' => ['pendants-dome']])->assertOk();
        self::assertSame([30, 30], array_map(static fn (array $batch): int => $batch['turns'][0]['count'], $answer->json('answer.batches')));
    }

    public function test_coats_in_colours_get_cups_of_the_studios_recipes(): void
    {
        $batches = collect($this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base', 'prints-flood']])->json('batches'));
        $tiles = $batches->first(fn (array $batch): bool => in_array('tiles-base', $batch['coats'], true));
        $prints = $batches->first(fn (array $batch): bool => in_array('prints-flood', $batch['coats'], true));
        self::assertSame(['night-blue', 'moon-white'], array_column($tiles['colours'], 'recipe'));
        self::assertSame([70, 30], array_column($tiles['colours'], 'share_pct'));
        self::assertArrayNotHasKey('colours', $prints);
    }

    public function test_of_a_deep_coat_the_lift_that_is_next_is_proposed_and_poured(): void
    {
        $coat = Coat::query()->where('key', 'table-deep')->firstOrFail();
        $this->postJson('/shelf/vessels', ['name' => 'Bucket', 'bottom_mm' => '260', 'top_mm' => '300', 'height_mm' => '240'])->assertOk();
        $amounts = [];
        foreach ([1, 2, 3] as $lift) {
            $batches = $this->postJson('/plans/1/evening/propose', ['coats' => [$coat->key]])->assertOk()->json('batches');
            $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();
            self::assertSame($lift, $batches[0]['lift'] ?? 1);
            $this->post("/plans/1/batches/{$batches[0]['id']}/mixings")->assertRedirect();
            $mixing = Mixing::query()->latest('rowid')->firstOrFail();
            $amounts[] = $mixing->result()->value('total_ml');
            foreach ([0, 1] as $_) {
                $state = $this->getJson("/mixings/{$mixing->id}/state")->json();
                $this->press($mixing->id, 'weighed', ['step' => $state['next'], 'grams' => collect($state['steps'])->firstWhere('id', $state['next'])['target_g']]);
            }
            $this->press($mixing->id, 'mixed');
            $this->post("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21'], 'reason' => 'On purpose.'])->assertRedirect();
            self::assertSame([$lift, "lift $lift of 3"], [Pour::query()->latest('rowid')->firstOrFail()->lift, mb_substr(Pour::query()->latest('rowid')->firstOrFail()->title, -11)]);
            $this->travel(1)->days();
        }
        self::assertNotEqualsWithDelta($amounts[0], $amounts[2], 1.0, 'gears lie in the first');
        $choices = array_column(app(Choices::class)->of(now()->toImmutable(), new Person(UnitSystem::Metric)), 'coat');
        self::assertNotContains($coat->key, $choices, 'all lifts are poured');
    }

    public function test_nothing_chosen_is_said(): void
    {
        $this->postJson('/plans/1/evening/propose', ['coats' => []])->assertStatus(422)->assertJsonPath('sentences.coats', 'Choose at least one coat to be poured.');
    }

    public function test_pieces_go_into_another_cup_and_the_vessel_follows(): void
    {
        $this->propose(['pendants-dome']);
        $moved = $this->postJson('/plans/1/evening/move', ['coat' => 'pendants-dome', 'from' => 'batch-2', 'to' => 'batch-1', 'count' => '10'])->assertOk();
        self::assertSame([40, 20], array_map(static fn (array $batch): int => $batch['turns'][0]['count'], $moved->json('answer.batches')));
        self::assertSame('spread_longer_than_open_time', collect($moved->json('answer.batches.0.advice'))->pluck('code')->intersect(['spread_longer_than_open_time'])->first());
        $all = $this->postJson('/plans/1/evening/move', ['coat' => 'pendants-dome', 'from' => 'batch-2', 'to' => 'batch-1'])->assertOk();
        self::assertSame([60], array_map(static fn (array $batch): int => $batch['turns'][0]['count'], $all->json('answer.batches')));
        self::assertArrayNotHasKey('counts', $all->json('batches.0'));
        $apart = $this->postJson('/plans/1/evening/move', ['coat' => 'pendants-dome', 'from' => 'batch-1', 'to' => null, 'count' => 7])->assertOk();
        self::assertSame([53, 7], array_map(static fn (array $batch): int => $batch['turns'][0]['count'], $apart->json('answer.batches')));
        self::assertNotNull($apart->json('answer.batches.1.vessel'));
    }

    public function test_a_cup_takes_one_resin_and_no_more_than_there_are(): void
    {
        $this->propose(['pendants-dome', 'tiles-base']);
        $before = Plan::own()->document->value('batches');
        $this->postJson('/plans/1/evening/move', ['coat' => 'tiles-base', 'from' => 'batch-1', 'to' => 'batch-3'])->assertStatus(422);
        $this->postJson('/plans/1/evening/move', ['coat' => 'tiles-base', 'from' => 'batch-1', 'to' => null, 'count' => 99])->assertStatus(422)->assertJsonPath('sentences.count', fn (string $sentence): bool => str_contains($sentence, 'from 1 to'));
        self::assertEquals($before, Plan::own()->document->value('batches'), 'nothing was saved');
    }

    public function test_typed_changes_are_computed_and_a_wrong_one_stands_at_its_field(): void
    {
        $batches = $this->propose(['tiles-base']);
        $batches[0]['mixed_at_c'] = '30';
        $warm = $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => $batches])->assertOk();
        $batches[0]['mixed_at_c'] = '21';
        $cool = $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => $batches])->assertOk();
        self::assertLessThan($cool->json('figures.pot_life_min'), $warm->json('figures.pot_life_min'));
        self::assertGreaterThan($cool->json('cup.compared.cup.pot_life_min'), $cool->json('cup.compared.dish.pot_life_min'));
        $batches[0]['colours'][0]['share_pct'] = 'most';
        $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => $batches])->assertStatus(422)->assertJsonStructure(['sentences' => ['batches.0.colours.0.share_pct']]);
        $batches[0]['colours'][0]['share_pct'] = '90';
        $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => $batches])->assertStatus(422)->assertJsonPath('sentences', fn (array $sentences): bool => str_contains(implode(' ', $sentences), 'add up to 120 %'));
    }

    public function test_a_cup_is_poured_piece_by_piece_or_stood_in_warm_water_as_it_is_typed(): void
    {
        $batches = $this->propose(['prints-flood']);
        $live = fn (array $change): array => $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => [[...$batches[0], ...$change], ...array_slice($batches, 1)]])->assertOk()->json('figures');
        $together = $live([]);
        $byPiece = $live(['pouring' => 'one_by_one']);
        self::assertSame(['together', 'one_by_one'], [$together['pouring'], $byPiece['pouring']]);
        self::assertGreaterThan($together['emptied_min'], $byPiece['emptied_min']);
        $bathed = $live(['bath' => ['from_min' => '1', 'to_min' => '6', 'bath_c' => '40']]);
        self::assertLessThan($together['pot_life_min'], $bathed['pot_life_min']);
        self::assertContains('warm_bath', array_column($bathed['advice'], 'code'));
        $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => [[...$batches[0], 'bath' => ['from_min' => '6', 'to_min' => '1', 'bath_c' => '40']], ...array_slice($batches, 1)]])->assertStatus(422)->assertJsonStructure(['sentences' => ['batches.0.bath.to_min']]);
    }

    public function test_a_wrong_field_is_named_by_its_own_place_among_the_cups(): void
    {
        $batches = $this->propose(['prints-flood', 'pendants-dome']);
        self::assertCount(4, $batches);
        $batches[3]['mixed_at_c'] = '95';
        $this->postJson('/plans/1/evening/live?batch=batch-4', ['batches' => $batches])->assertStatus(422)->assertJsonPath('sentences', fn (array $sentences): bool => array_keys($sentences) === ['batches.3.mixed_at_c']);
        $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => $batches])->assertOk();
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertStatus(422)->assertJsonPath('sentences', fn (array $sentences): bool => array_keys($sentences) === ['batches.3.mixed_at_c']);
    }

    public function test_every_figure_of_a_cup_explains_itself(): void
    {
        $batches = $this->propose(['tiles-base']);
        $trace = fn (string $figure) => $this->postJson("/plans/1/batches/batch-1/trace/$figure", ['batches' => $batches]);
        $shown = $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => $batches])->json('figures');
        foreach (['total' => 'total_ml', 'a_g' => 'a_g', 'b_ml' => 'b_ml', 'residue' => 'residue_ml', 'pot_life_min' => 'pot_life_min', 'emptied_min' => 'emptied_min'] as $figure => $field) {
            self::assertEqualsWithDelta($shown[$field], $trace($figure)->assertOk()->json('result'), 1e-9, $figure);
        }
        self::assertEqualsWithDelta($shown['lines']['both_mm'], $trace('both_mm')->json('result'), 1e-9);
        self::assertEqualsWithDelta($shown['colours'][0]['colourant_pct'], $trace('colour_1_pct')->json('result'), 1e-9);
        self::assertSame('label', collect($trace('pot_life_min')->json('inputs'))->firstWhere('symbol', 'open_min')['origin']);
        $trace('smell')->assertNotFound();
    }

    public function test_half_of_a_cup_goes_into_one_of_its_own(): void
    {
        $batches = $this->propose(['tiles-base']);
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();
        $this->post('/plans/1/batches/batch-1/halve')->assertRedirect('/plans/1/batches/batch-1');
        $halves = $this->get('/plans/1/evening')->viewData('page')['props']['answer']['batches'];
        self::assertCount(count($batches) + 1, $halves);
        self::assertEqualsCanonicalizing([6, 6, 12], array_map(static fn (array $batch): int => $batch['turns'][0]['count'], $halves));
        $this->putJson('/plans/1/evening', ['batches' => $this->propose(['comet-flood'])])->assertOk();
        $this->postJson('/plans/1/batches/batch-1/halve')->assertStatus(422);
    }

    public function test_a_cup_says_how_sure_it_is_whatever_else_is_poured_tonight(): void
    {
        $alone = $this->propose(['prints-flood']);
        $with = $this->propose(['prints-flood', 'tiles-base', 'pendants-dome']);
        $at = array_search(['prints-flood'], array_column($with, 'coats'), true);
        self::assertIsInt($at);
        $ranges = fn (array $batches, int $of): array => $this->postJson("/plans/1/batches/{$batches[$of]['id']}/ranges", ['batches' => $batches])->assertOk()->json();
        $saved = $ranges($alone, 0);
        self::assertEquals(array_map(static fn (array $one): array => [$one['low'], $one['high']], $saved), array_map(static fn (array $one): array => [$one['low'], $one['high']], $ranges($with, $at)));
        $figures = $this->postJson("/plans/1/evening/live?batch={$alone[0]['id']}", ['batches' => $alone])->json('figures');
        foreach (['total' => 'total_ml', 'pot_life_min' => 'pot_life_min'] as $range => $figure) {
            self::assertGreaterThan($saved[$range]['low'], $figures[$figure]);
            self::assertLessThan($saved[$range]['high'], $figures[$figure]);
        }
        $this->postJson('/plans/1/batches/nothing/ranges', ['batches' => $alone])->assertNotFound();
    }

    public function test_a_cup_that_is_too_small_is_named(): void
    {
        $batches = $this->propose(['prints-flood']);
        $batches[0]['vessel'] = 'paper-150';
        $this->postJson('/plans/1/evening/live?batch=batch-1', ['batches' => $batches])->assertStatus(422)->assertJsonStructure(['sentences' => ['batches.0.vessel']]);
    }

    public function test_a_colour_that_burns_rules_the_flame_out_before_it_is_in_any_cup(): void
    {
        $coat = Coat::query()->where('key', 'comet-base')->firstOrFail();
        $answer = $this->postJson("/coats/{$coat->id}/live", [])->assertOk();
        self::assertSame('breath', $answer->json('coat.torch.tool'));
        self::assertStringContainsString('Soot black ink', collect($answer->json('advice'))->firstWhere('code', 'no_flame')['text']);
    }

    public function test_colour_goes_on_to_the_coats_own_page(): void
    {
        $coat = Coat::query()->where('key', 'trays-base')->firstOrFail();
        $this->propose(['trays-base']);
        $this->get("/coats/{$coat->id}")->assertInertia(fn (AssertableInertia $page) => $page
            ->where('answer.coat.torch.tool', 'breath')
            ->where('answer.advice', fn ($advice): bool => str_contains(collect($advice)->firstWhere('code', 'no_flame')['text'] ?? '', 'Soot black ink')));
    }

    public function test_what_is_short_on_the_shelf_says_what_could_still_be_coated(): void
    {
        $answer = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-dome']])->json('answer.batches');
        $this->putJson('/shelf/lots/'.\App\Models\Lot::query()->where('name', 'D-8')->firstOrFail()->id, ['name' => 'D-8', 'left_a_ml' => '20', 'left_b_ml' => '20'])->assertOk();
        $short = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-dome']])->json('answer.batches.0.advice');
        self::assertNotContains('short_on_shelf', array_column($answer[0]['advice'], 'code'));
        self::assertMatchesRegularExpression('/it would coat \d+ of \d+ Moon phases/', collect($short)->firstWhere('code', 'short_on_shelf')['text'] ?? '');
    }

    public function test_warm_bottles_are_compared_and_boiling_ones_refused(): void
    {
        $this->propose(['tiles-base']);
        $bath = $this->postJson('/plans/1/batches/batch-1/bath', ['celsius' => '35 °C'])->assertOk();
        self::assertGreaterThan(1.5, $bath->json('bath.thinner'));
        self::assertLessThan($bath->json('bath.pot_life_in_room_min'), $bath->json('bath.pot_life_min'));
        $this->postJson('/plans/1/batches/batch-1/bath', ['celsius' => '90'])->assertStatus(422)->assertJsonStructure(['sentences' => ['celsius']]);
        $this->postJson('/plans/1/batches/batch-1/bath', ['celsius' => 'warm'])->assertStatus(422);
    }

    public function test_the_file_carries_the_evening_and_what_it_is_mixed_with(): void
    {
        $this->propose(['tiles-base']);
        $file = $this->get('/plans/1/file')->assertOk()->content();
        $held = json_decode($file, true);
        self::assertSame(['night-blue', 'moon-white'], array_column($held['recipes'], 'id'));
        self::assertEqualsCanonicalizing(['night-blue', 'moon-white', 'brass-mica'], array_column($held['colourants'], 'id'));
        self::assertSame([$held['batches'][0]['vessel']], array_values(array_unique(array_column($held['vessels'], 'id'))));
        $this->call('POST', '/plans', files: ['file' => \Illuminate\Http\UploadedFile::fake()->createWithContent('evening.json', $file)])->assertSessionHasNoErrors();
        $again = $this->get('/plans/'.Plan::query()->latest('id')->firstOrFail()->id.'/file')->assertOk()->content();
        self::assertSame($file, $again);
    }

    public function test_an_empty_evening_leaves_the_file_as_it_was(): void
    {
        $this->propose(['tiles-base']);
        $this->putJson('/plans/1/evening', ['batches' => []])->assertOk();
        self::assertObjectNotHasProperty('batches', Plan::own()->document);
        $this->get('/plans/1/evening')->assertInertia(fn (AssertableInertia $page) => $page->where('answer.batches', []));
    }

    /**
     * @param  list<string>  $coats
     * @return list<array<string, mixed>>
     */
    private function propose(array $coats): array
    {
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => $coats])->assertOk()->json('batches');
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();

        return $batches;
    }

    public function test_what_drips_from_an_evenings_pieces_is_told_and_its_wipes_are_laid_together(): void
    {
        $answer = $this->postJson('/plans/1/evening/propose', ['coats' => ['winter-flood', 'comet-flood']])->assertOk()->json('answer.batches');
        foreach ($answer as $batch) {
            foreach ($batch['pieces'] as $piece) {
                self::assertGreaterThan(1.0, $piece['dripped_ml'], $piece['name']);
                self::assertContains($piece['name'], array_merge(...array_column($batch['wipe_rounds'], 'pieces')));
            }
            $times = array_column($batch['wipe_rounds'], 'min');
            $last = max(array_map(static fn (array $turn, array $piece): float => $turn['poured_min'] + $piece['last_wipe_min'], $batch['turns'], $batch['pieces']));
            self::assertEqualsWithDelta($last, max($times), 5.0);
        }
        $dry = $this->postJson('/plans/1/evening/propose', ['coats' => ['prints-flood']])->json('answer.batches.0');
        self::assertSame([[], 0.0], [$dry['wipe_rounds'], (float) $dry['pieces'][0]['dripped_ml']]);
    }
}
