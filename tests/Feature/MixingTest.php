<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Lot;
use App\Models\Mixing;
use App\Models\Pour;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Carbon;
use Tests\TestCase;

/** A batch from the first gram to the running clocks. */
final class MixingTest extends TestCase
{
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
        $this->postJson("/mixings/{$mixing->id}/readings", ['step' => $state['next'], 'grams' => 5])->assertStatus(422)->assertJsonPath('sentences.grams', fn (string $sentence): bool => str_starts_with($sentence, 'Stir first'));
        $this->postJson("/mixings/{$mixing->id}/stirring")->assertOk();
        $mixed = CarbonImmutable::now()->addMinutes(4);
        $this->travelTo($mixed);
        $this->postJson("/mixings/{$mixing->id}/mixed")->assertOk();
        self::assertEqualsWithDelta($left->left_a_ml - $mixing->result->a_ml, $left->refresh()->left_a_ml, 0.01, 'it is gone from the bottle');
        while (($state = $this->weighNext($mixing, 1.0))['next'] !== null) {
            self::assertNotNull($state['mixed_at']);
        }
        $this->travelTo($mixed->addMinutes(7));
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $pour = Pour::query()->latest('id')->firstOrFail();
        self::assertSame($mixing->id, $pour->mixing_id);
        self::assertEqualsWithDelta($mixed->getTimestamp(), $pour->started_at->getTimestamp(), 1, 'its clock began when it was mixed');
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21']])->assertStatus(422);
        Carbon::setTestNow();
    }

    public function test_the_mix_is_as_old_as_its_own_heat_made_it(): void
    {
        $mixing = $this->begin(['prints-flood'], 'batch-1');
        $this->weighNext($mixing, 1.0);
        $this->weighNext($mixing, 1.0);
        $this->postJson("/mixings/{$mixing->id}/stirring")->assertOk();
        $this->postJson("/mixings/{$mixing->id}/mixed")->assertOk();
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $pour = Pour::query()->latest('id')->firstOrFail();
        self::assertStringEndsWith(', 2 of 4', $pour->title);
        self::assertEqualsWithDelta([$mixing->result->a_ml, $mixing->result->b_ml], [$pour->used_a_ml, $pour->used_b_ml], 1e-6, 'what was weighed is written down already');
        $choices = $this->get('/plans/1/evening')->viewData('page')['props']['choices'];
        self::assertSame(2, collect($choices)->firstWhere('coat', 'prints-flood')['quantity'] ?? null, 'the other two are still to be poured');
        $rest = $this->postJson('/plans/1/evening/propose', ['coats' => ['prints-flood']])->json('answer.batches');
        self::assertSame([2], array_map(static fn (array $batch): int => $batch['turns'][0]['count'], $rest));
        $this->travelTo($pour->started_at->addMinutes(20));
        $this->postJson("/pours/{$pour->id}/poured")->assertOk();
        $rate = $pour->refresh()->result->coat->film->rate;
        self::assertGreaterThan(20 * $rate, $pour->times?->age_min, 'a litre in a jug is older than a film after the same time');
    }

    public function test_past_the_mark_is_mended_and_the_rest_has_a_use(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $this->weighNext($mixing, 1.0);
        $state = $this->weighNext($mixing, 1.3);
        self::assertFalse($state['measured']);
        self::assertSame('more_a_1', $state['next']);
        $step = collect($state['steps'])->firstWhere('id', 'more_a_1');
        self::assertEqualsWithDelta(0.3 * $mixing->result->a_g, $step['target_g'], 1e-6);
        $state = $this->weighNext($mixing, 1.0);
        self::assertTrue($state['measured']);
        self::assertEqualsWithDelta(0.0, $state['off_pct'], 1e-9);
        self::assertEqualsWithDelta(0.3 * $mixing->result->total_ml, $state['surplus_ml'], 1e-6);
        self::assertStringContainsString('more of Moon phases', $state['spares']);
    }

    public function test_the_wrong_part_first_and_a_reading_taken_back(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $this->postJson("/mixings/{$mixing->id}/readings", ['step' => 'a', 'grams' => 21.5])->assertOk();
        $turned = $this->postJson("/mixings/{$mixing->id}/turned")->assertOk();
        self::assertSame(['b', 'a'], array_slice(array_column($turned->json('steps'), 'id'), 0, 2));
        self::assertSame(21.5, $turned->json('steps.0.got_g'));
        self::assertEqualsWithDelta(21.5 * $mixing->result->a_g / $mixing->result->b_g, $turned->json('steps.1.target_g'), 1e-6);
        $back = $this->deleteJson("/mixings/{$mixing->id}/readings")->assertOk();
        self::assertNull($back->json('steps.0.got_g'));
    }

    public function test_amounts_are_typed_as_people_have_them(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $density = $mixing->result->a_g / $mixing->result->a_ml;
        $state = $this->postJson("/mixings/{$mixing->id}/readings", ['step' => 'a', 'grams' => '2 tbsp'])->assertOk();
        self::assertEqualsWithDelta(2 * 14.78676478125 * $density, $state->json('steps.0.got_g'), 1e-6);
        foreach (['', 'much', '-3', '0'] as $wrong) {
            $this->postJson("/mixings/{$mixing->id}/readings", ['step' => 'b', 'grams' => $wrong])->assertStatus(422)->assertJsonStructure(['sentences' => ['grams']]);
        }
        $this->postJson("/mixings/{$mixing->id}/readings", ['step' => 'a', 'grams' => 5])->assertStatus(422);
        self::assertNull(Mixing::query()->firstOrFail()->weighed->got->b ?? null, 'nothing wrong was kept');
    }

    public function test_what_was_begun_goes_on_and_keeps_its_own_copy(): void
    {
        $mixing = $this->begin(['tiles-base'], 'batch-1');
        $this->weighNext($mixing, 1.0);
        $this->postJson('/plans/1/batches/batch-1/mixings')->assertRedirect("/mixings/{$mixing->id}");
        $this->putJson('/shelf/resins/2', ['name' => 'Even Coat 1:1', 'density_a_g_ml' => '1.3'])->assertRedirect();
        $this->putJson('/plans/1/evening', ['batches' => []])->assertOk();
        $state = $this->postJson("/mixings/{$mixing->id}/stirring");
        self::assertSame(422, $state->status(), 'part B is missing');
        self::assertEqualsWithDelta($mixing->result->b_g, $this->weighNext($mixing, 1.0)['steps'][1]['target_g'], 1e-6);
    }

    public function test_a_stop_wants_a_reason_before_the_clocks_start(): void
    {
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->json('batches');
        $batches[0]['emptied_min'] = 300;
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();
        $this->postJson('/plans/1/batches/batch-1/mixings')->assertRedirect();
        $mixing = Mixing::query()->latest('id')->firstOrFail();
        $this->weighNext($mixing, 1.0);
        $this->weighNext($mixing, 1.0);
        $this->postJson("/mixings/{$mixing->id}/pours", [])->assertStatus(422)->assertJsonStructure(['sentences' => ['form']]);
        $this->postJson("/mixings/{$mixing->id}/mixed")->assertOk();
        $this->postJson("/mixings/{$mixing->id}/pours", [])->assertStatus(422)->assertJsonStructure(['sentences' => ['reason']]);
        $this->postJson("/mixings/{$mixing->id}/pours", ['reason' => 'It goes into a dish.'])->assertRedirect();
        self::assertSame('It goes into a dish.', Pour::query()->latest('id')->firstOrFail()->override_reason);
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
        $this->postJson("/mixings/{$mixing->id}/mixed")->assertStatus(422)->assertJsonPath('sentences.form', 'Weigh both parts first.');
    }

    public function test_a_batch_that_is_not_planned_is_not_mixed(): void
    {
        $this->postJson('/plans/1/batches/batch-99/mixings')->assertStatus(422);
    }

    /** @param  list<string>  $coats */
    private function begin(array $coats, string $batch): Mixing
    {
        $this->putJson('/plans/1/evening', ['batches' => $this->postJson('/plans/1/evening/propose', ['coats' => $coats])->json('batches')])->assertOk();
        $this->postJson("/plans/1/batches/$batch/mixings")->assertRedirect();

        return Mixing::query()->latest('id')->firstOrFail();
    }

    /** @return array<string, mixed> the state after the next step came to a share of its mark */
    private function weighNext(Mixing $mixing, float $share): array
    {
        $state = $this->get("/mixings/{$mixing->id}")->assertOk()->viewData('page')['props']['mixing'];
        if ($state['next'] === null) {
            return $state;
        }
        $step = collect($state['steps'])->firstWhere('id', $state['next']);

        return $this->postJson("/mixings/{$mixing->id}/readings", ['step' => $step['id'], 'grams' => $share * $step['target_g']])->assertOk()->json();
    }
}
