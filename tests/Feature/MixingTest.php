<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mixing\Choices;
use App\Models\Coat;
use App\Models\Lot;
use App\Models\Mixing;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Resin;
use App\Planning\PlanImporter;
use App\Saying\Person;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Carbon;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Quantity\UnitSystem;
use stdClass;
use Tests\Support\MixesCups;
use Tests\TestCase;

/** A batch from the first gram to the running clocks. */
final class MixingTest extends TestCase
{
    use MixesCups;

    protected string $studio = DatabaseSeeder::class;

    public function test_a_batch_is_weighed_stirred_coloured_and_poured(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $left = Lot::query()->where('name', 'E-31')->firstOrFail();
        $state = $this->weighNext($mixing, 1.0);
        self::assertSame('b', $state['next']);
        $state = $this->weighNext($mixing, 1.0);
        self::assertTrue($state['measured']);
        self::assertStringStartsWith('resin_', $state['next']);
        self::assertSame('not_mixed', $this->refused($mixing->id, 'weighed', ['step' => $state['next'], 'grams' => 5]));
        $this->press($mixing->id, 'stirring_begun');
        $mixed = CarbonImmutable::now()->addMinutes(4);
        $this->travelTo($mixed);
        $this->press($mixing->id, 'mixed');
        self::assertEqualsWithDelta($left->left_a_ml - $mixing->result()->value('a_ml'), $left->refresh()->left_a_ml, 0.01, 'it is gone from the bottle');
        while (($state = $this->weighNext($mixing, 1.0))['next'] !== null) {
            self::assertNotNull($state['mixed_at']);
        }
        $this->travelTo($mixed->addMinutes(7));
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $pour = Pour::query()->latest('rowid')->firstOrFail();
        self::assertSame($mixing->id, $pour->mixing_id);
        self::assertEqualsWithDelta($mixed->getTimestamp(), $pour->started_at->getTimestamp(), 1, 'its clock began when it was mixed');
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21']])->assertStatus(409);
        Carbon::setTestNow();
    }

    public function test_the_mix_is_as_old_as_its_own_heat_made_it(): void
    {
        $mixing = $this->begin(['prints-flood'], 'batch-1');
        $this->weighNext($mixing, 1.0);
        $this->weighNext($mixing, 1.0);
        $this->press($mixing->id, 'stirring_begun');
        $this->press($mixing->id, 'mixed');
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $pour = Pour::query()->latest('rowid')->firstOrFail();
        self::assertStringEndsWith(', 2 of 4', $pour->title);
        self::assertEqualsWithDelta([$mixing->result()->value('a_ml'), $mixing->result()->value('b_ml')], [$pour->used_a_ml, $pour->used_b_ml], 0.1, 'what was weighed is written down already, in tenths of a gram');
        $choices = app(Choices::class)->of(CarbonImmutable::now(), new Person(UnitSystem::Metric));
        self::assertSame(2, collect($choices)->firstWhere('coat', 'prints-flood')['quantity'] ?? null, 'the other two are still to be poured');
        $rest = $this->postJson('/plans/1/evening/propose', ['coats' => ['prints-flood']])->json('answer.batches');
        self::assertSame([2], array_map(static fn (array $batch): int => $batch['turns'][0]['count'], $rest));
        $this->travelTo($pour->started_at->addMinutes(20));
        $this->press($pour->id, 'poured');
        $rate = $pour->refresh()->result()->value('coat.film.rate');
        self::assertGreaterThan(20 * $rate, $pour->ageMin(), 'a litre in a jug is older than a film after the same time');
    }

    public function test_one_coat_leads_from_its_own_sheet_to_its_cup_with_what_the_sheet_says(): void
    {
        $coat = Coat::query()->where('key', 'winter-flood')->firstOrFail();
        $sheet = fn (): array => $this->get("/coats/{$coat->id}/mix")->assertOk()->viewData('page')['props'];
        self::assertSame([null, null], [$sheet()['cup'], $sheet()['tonight']]);
        $mix = $sheet()['answer']['coat']['mix'];
        $this->postJson("/coats/{$coat->id}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertEqualsWithDelta([$mix['a_g'], $mix['b_g']], [$mixing->result()->value('a_g'), $mixing->result()->value('b_g')], 1e-9);
        self::assertNull($sheet()['cup'], 'nothing is in it');
        // what is planned changes before the first gram: the cup follows
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => 1.8]]])->assertOk();
        $mix = $sheet()['answer']['coat']['mix'];
        $this->postJson("/coats/{$coat->id}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertEqualsWithDelta($mix['a_g'], $mixing->result()->value('a_g'), 1e-9);
        $this->weighNext($mixing, 1.02);
        $this->postJson("/coats/{$coat->id}/mixings")->assertRedirect("/mixings/{$mixing->id}");
        self::assertSame(['id' => $mixing->id, 'mixed' => false], $sheet()['cup'], 'with something in it, it is gone on with');
        $state = $this->press($mixing->id, 'weighed', ['step' => 'b', 'as_meant' => true]);
        self::assertTrue($state['measured']);
        self::assertSame("/coats/{$coat->id}/mix", $state['planned_at']);
        $this->press($mixing->id, 'stirring_begun');
        $first = CarbonImmutable::now();
        $this->travelTo($first->addMinutes(3));
        $state = $this->press($mixing->id, 'stirring_begun');
        self::assertEqualsWithDelta(180_000, $state['stirred_from'] - $state['first_stirred_at'], 1000, 'into a second cup, and counted from the first');
        $this->press($mixing->id, 'mixed');
        self::assertSame(['id' => $mixing->id, 'mixed' => true], $sheet()['cup']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => new stdClass])->assertRedirect();
        $pour = Pour::query()->latest('rowid')->firstOrFail();
        self::assertEqualsWithDelta(1.02 * $mix['shown']['g']['a'] * $mix['a_ml'] / $mix['a_g'], $pour->used_a_ml, 1e-6);
        self::assertSame(['weighed', 'planned'], [$pour->used_a_how, $pour->used_b_how], 'what nobody read is not called measured');
        self::assertNull($sheet()['cup']);
        Carbon::setTestNow();
    }

    public function test_how_a_studio_measures_is_asked_once_and_kept(): void
    {
        $coat = Coat::query()->where('key', 'winter-flood')->firstOrFail();
        $asks = fn (): bool => $this->get("/coats/{$coat->id}/mix")->viewData('page')['props']['asks_how'];
        self::assertFalse($asks(), 'the demo has a scale');
        $own = Plan::own();
        $document = $own->document;
        $document = $document->withStudio($document->studio()->without('measure_by'));
        $own->update(['document' => $document]);
        self::assertTrue($asks());
        $this->postJson("/coats/{$coat->id}/mixings", ['measure_by' => 'with luck'])->assertStatus(422);
        self::assertSame(0, Mixing::query()->where('title', 'Winter sky')->count());
        self::assertTrue($asks(), 'nothing is kept of what was refused');
        $this->postJson("/coats/{$coat->id}/mixings", ['measure_by' => 'cups'])->assertRedirect();
        self::assertFalse($asks());
        self::assertSame('cups', Plan::own()->studio()->value('measure_by'));
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertTrue($this->get("/mixings/{$mixing->id}")->viewData('page')['props']['mixing']['by_volume']);
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => ['prints-flood']])->json('batches');
        self::assertSame('cups', $batches[0]['measure']['by'], 'tonight too');
    }

    public function test_the_sheet_of_a_coat_names_its_cup_of_tonight(): void
    {
        $this->begin(['tiles-base'], 'batch-1');
        $coat = Coat::query()->where('key', 'tiles-base')->firstOrFail();
        $tonight = fn (): ?string => $this->get("/coats/{$coat->id}/mix")->viewData('page')['props']['tonight'];
        self::assertSame('/plans/1/batches/batch-1', $tonight());
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        $this->weighNext($mixing, 1.0);
        $this->weighNext($mixing, 1.0);
        $this->press($mixing->id, 'stirring_begun');
        $this->press($mixing->id, 'mixed');
        self::assertSame('/plans/1/batches/batch-1', $tonight(), 'it is to be poured');
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => new stdClass])->assertRedirect();
        self::assertSame('/plans/1/batches/batch-2', $tonight(), 'the first is on the tiles, the rest of them have another');
    }

    public function test_what_became_of_the_rest_is_said_once_it_is_mixed_and_can_be_taken_back(): void
    {
        $this->begin(['tiles-base'], 'batch-1');
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertSame('not_mixed', $this->refused($mixing->id, 'rest_seen_to', ['how' => 'laid_thin']));
        $this->weighNext($mixing, 1.0);
        $this->weighNext($mixing, 1.0);
        $this->press($mixing->id, 'stirring_begun');
        $this->press($mixing->id, 'mixed');
        $pour = basename((string) $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => new stdClass])->headers->get('Location'));
        $cup = fn (): array => $this->get("/pours/$pour")->viewData('page')['props']['cup'];
        self::assertSame([$mixing->id, null], [$cup()['id'], $cup()['rest']]);
        self::assertEqualsWithDelta($mixing->result()->number('residue_ml') + $mixing->result()->number('margin_ml'), $cup()['rest_ml'], 1e-9);
        self::assertTrue($cup()['has_rest']);
        $this->press($mixing->id, 'rest_seen_to', ['how' => 'hardens_in_cup', 'why' => 'not asked']);
        self::assertSame('hardens_in_cup', $cup()['rest']);
        $this->press($mixing->id, 'rest_seen_to', ['how' => 'laid_thin']);
        self::assertSame('laid_thin', $cup()['rest']);
        $this->press($mixing->id, 'undone', ['of' => $cup()['event']]);
        self::assertSame('hardens_in_cup', $cup()['rest'], 'what was said before stands again');
        self::assertNull($this->get('/pours/'.Pour::query()->whereNull('mixing_id')->firstOrFail()->id)->viewData('page')['props']['cup'], 'from its own sheet');
        self::assertSame('unreadable', $this->refused($mixing->id, 'rest_seen_to', ['how' => 'down the drain']));
    }

    public function test_where_no_label_says_how_long_it_is_stirred_for_three_minutes_and_that_is_said(): void
    {
        $resin = Resin::query()->where('key', 'even')->firstOrFail();
        foreach (['batch-1' => ['mix_min' => 4, 'stir_min' => 4, 'stir_is_assumed' => false], 'batch-2' => ['mix_min' => null, 'stir_min' => 3, 'stir_is_assumed' => true]] as $batch => $case) {
            $resin->update(['sheet' => $case['mix_min'] === null ? $resin->sheet->without('mix_min') : $resin->sheet->with('mix_min', $case['mix_min'])]);
            $mixing = $this->begin(['tiles-base'], $batch);
            $state = $this->getJson("/mixings/{$mixing->id}/state")->assertOk();
            $state->assertJsonPath('stir_min', $case['stir_min'])->assertJsonPath('stir_is_assumed', $case['stir_is_assumed']);
            $this->press($mixing->id, 'discarded');
        }
    }

    public function test_a_coat_of_a_plan_that_was_brought_in_has_its_own_cup_too(): void
    {
        $plan = app(PlanImporter::class)->import((string) file_get_contents(base_path('docs/examples/autumn-sky.json')), 'From a friend');
        $coat = Coat::query()->where('plan_id', $plan->id)->firstOrFail();
        $mix = $this->get("/coats/{$coat->id}/mix")->assertOk()->viewData('page')['props']['answer']['coat']['mix'];
        $this->postJson("/coats/{$coat->id}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertEqualsWithDelta([$plan->id, $mix['a_g']], [$mixing->plan_id, $mixing->result()->value('a_g')], 1e-9);
        $this->get("/mixings/{$mixing->id}")->assertOk();
    }

    public function test_of_a_polyester_the_pot_life_is_as_the_label_prints_it(): void
    {
        $coat = Coat::query()->where('key', 'winter-flood')->firstOrFail();
        $sheet = $coat->resin->sheet;
        $sheet = $sheet->without('recoat_from_h', 'recoat_to_h', 'ratio')->with('family', 'polyester')->with('catalyst', [Entry::from(['depth_mm' => 0.5, 'pct' => 2]), Entry::from(['depth_mm' => 6, 'pct' => 1])]);
        $sheet = $sheet->with('pot_life_min', 27);
        $coat->resin->update(['sheet' => $sheet]);
        $this->postJson("/coats/{$coat->id}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertEquals(27, $mixing->result()->value('pot_life_min'));
        $state = $this->get("/mixings/{$mixing->id}")->viewData('page')['props']['mixing'];
        self::assertEquals([27, true], [$state['pot_life_min'], $state['pot_life_of_label']]);
    }

    public function test_of_a_coat_in_lifts_the_next_one_is_mixed(): void
    {
        $coat = Coat::query()->where('key', 'table-deep')->firstOrFail();
        $lifts = $this->get("/coats/{$coat->id}/mix")->viewData('page')['props']['answer']['coat']['lifts'];
        $this->postJson("/coats/{$coat->id}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertEqualsWithDelta($lifts[0]['a_g'], $mixing->result()->value('a_g'), 1e-6);
    }

    public function test_a_mix_pressed_too_soon_goes_back_into_its_bottles_and_is_not_mixed_twice(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $lot = Lot::query()->where('name', 'E-31')->firstOrFail();
        $before = [$lot->left_a_ml, $lot->left_b_ml];
        $this->weighNext($mixing, 1.0);
        $this->weighNext($mixing, 1.0);
        $state = $this->press($mixing->id, 'mixed');
        $left = $lot->refresh()->left_a_ml;
        self::assertLessThan($before[0], $left);
        $this->press($mixing->id, 'mixed');
        self::assertSame($left, $lot->refresh()->left_a_ml, 'pressed on two devices, taken once');
        $this->press($mixing->id, 'undone', ['of' => $state['mixed_event']]);
        self::assertSame($left, $lot->refresh()->left_a_ml, 'the other press stands');
        $other = $this->getJson("/mixings/{$mixing->id}/state")->json('mixed_event');
        $this->press($mixing->id, 'undone', ['of' => $other]);
        self::assertNull($mixing->refresh()->mixed_at);
        self::assertSame($before, [$lot->refresh()->left_a_ml, $lot->left_b_ml]);
    }

    public function test_a_cup_is_on_now_from_its_first_gram_until_it_is_poured_or_thrown_away(): void
    {
        $cups = fn (): array => array_column($this->getJson('/now/pours')->json('cups'), 'mixed_at', 'id');
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        self::assertSame([], $cups(), 'nothing is in it');
        $this->weighNext($mixing, 1.0);
        self::assertSame([$mixing->id => null], $cups(), 'half weighed');
        $this->weighNext($mixing, 1.0);
        $this->press($mixing->id, 'mixed');
        self::assertNotNull($cups()[$mixing->id]);
        $state = $this->press($mixing->id, 'discarded');
        self::assertSame([], $cups());
        self::assertNotNull($state['discarded_at']);
    }

    public function test_what_was_begun_goes_on_and_keeps_its_own_copy(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $this->weighNext($mixing, 1.0);
        $this->postJson('/plans/1/batches/batch-1/mixings')->assertRedirect("/mixings/{$mixing->id}");
        $this->putJson('/shelf/resins/2', ['name' => 'Even Coat 1:1', 'density_a_g_ml' => '1.3'])->assertRedirect();
        $this->putJson('/plans/1/evening', ['batches' => []])->assertOk();
        self::assertSame('not_measured', $this->refused($mixing->id, 'stirring_begun'), 'part B is missing');
        self::assertEqualsWithDelta($mixing->result()->value('b_g'), $this->weighNext($mixing, 1.0)['steps'][1]['target_g'], 0.06);
    }

    public function test_a_stop_wants_a_reason_before_the_clocks_start(): void
    {
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->json('batches');
        $batches[0]['emptied_min'] = 300;
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();
        $this->postJson('/plans/1/batches/batch-1/mixings')->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        $this->weighNext($mixing, 1.0);
        $this->weighNext($mixing, 1.0);
        $this->postJson("/mixings/{$mixing->id}/pours", [])->assertStatus(409)->assertJsonStructure(['sentences' => ['form']]);
        $this->press($mixing->id, 'mixed');
        $this->postJson("/mixings/{$mixing->id}/pours", [])->assertStatus(422)->assertJsonStructure(['sentences' => ['reason']]);
        $this->postJson("/mixings/{$mixing->id}/pours", ['reason' => 'It goes into a dish.'])->assertRedirect();
        self::assertSame('It goes into a dish.', Pour::query()->latest('rowid')->firstOrFail()->override_reason);
    }

    public function test_colour_past_its_limit_stops_the_coats_own_mix_sheet_too(): void
    {
        $coat = Coat::query()->where('key', 'tiles-base')->firstOrFail();
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->json('batches');
        unset($batches[0]['colours'][0]['recipe']);
        $batches[0]['colours'][0] += ['per_ml' => 100, 'doses' => [['colourant' => 'night-blue', 'ml' => 7]]];
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();
        $stops = $this->get("/coats/{$coat->id}/mix")->viewData('page')['props']['colour_stops'];
        self::assertSame(['colour_over_limit'], array_column($stops, 'code'));
        $this->postJson("/coats/{$coat->id}/pours", ['studio' => ['temperature_c' => '21']])->assertStatus(422)->assertJsonStructure(['sentences' => ['reason']]);
        $this->postJson("/coats/{$coat->id}/pours", ['studio' => ['temperature_c' => '21'], 'reason' => 'A trial.'])->assertRedirect();
    }

    public function test_a_batch_of_another_evening_is_another_batch(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $again = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->json('batches');
        self::assertNotContains($mixing->batch_key, array_column($again, 'id'));
        self::assertSame('not_measured', $this->refused($mixing->id, 'mixed'));
    }

    public function test_a_batch_that_is_not_planned_is_not_mixed(): void
    {
        $this->postJson('/plans/1/batches/batch-99/mixings')->assertStatus(422);
    }

    /**
     * @param  array<string, mixed>  $measure
     * @param  array<string, mixed>  $fields
     */
}
