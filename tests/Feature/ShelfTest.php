<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Lot;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Resin;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\Planning\ShelfDesk;
use Database\Seeders\DatabaseSeeder;
use Inertia\Testing\AssertableInertia;
use OpenGlaze\Core\Document\Entry;
use Tests\TestCase;

/** What stands on the shelf, through the front door. */
final class ShelfTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    private const SHEET = [
        'name' => 'Plain Coat', 'family' => 'coating', 'ratio' => ['a' => '100', 'b' => '45', 'by' => 'weight'], 'density_a_g_ml' => '1,12', 'density_b_g_ml' => '0.98',
        'viscosity_pa_s' => '0.9', 'viscosity_at_c' => '25', 'reference_c' => '73 F', 'open_min' => '40',
    ];

    public function test_one_drop_is_known_by_twenty_of_them_however_it_is_typed(): void
    {
        $one = fn (string $twenty, string $density): float => (float) $this->postJson('/shelf/colourants/one', ['twenty_g' => $twenty, 'density_g_ml' => $density])->assertOk()->json('ml');
        self::assertSame(0.04, $one('0,84', '1,05'));
        self::assertSame(0.04, $one('0.84', '1.05'));
        self::assertSame(0.042, $one('0.84', ''), 'that of water, where none is said');
        foreach ([['0', '1', 'twenty_g'], ['', '1', 'twenty_g'], ['1', '0', 'density_g_ml'], ['much', '1', 'twenty_g']] as [$twenty, $density, $field]) {
            $this->postJson('/shelf/colourants/one', ['twenty_g' => $twenty, 'density_g_ml' => $density])->assertUnprocessable()->assertJsonPath("sentences.$field", fn (?string $said): bool => $said !== null && $said !== '');
        }
    }

    public function test_a_colourant_is_counted_as_the_studio_counts(): void
    {
        $plan = Plan::own();
        $plan->document = $plan->document->with('studio.drop_ml', 0.07);
        $plan->save();
        $this->get('/shelf')->assertInertia(fn (AssertableInertia $page) => $page->where('counts', ['drop_ml' => 0.07, 'dip_ml' => 0.01, 'density_g_ml' => 1])->etc());
    }

    public function test_a_label_is_typed_and_what_it_does_not_say_stays_unknown(): void
    {
        $this->postJson('/shelf/resins', self::SHEET)->assertRedirectContains('/shelf?resin=');
        $resin = Resin::query()->latest('id')->firstOrFail();
        self::assertSame('plain-coat', $resin->key);
        self::assertSame(1.12, $resin->sheet->value('density_a_g_ml'));
        self::assertEqualsWithDelta(22.7778, $resin->sheet->value('reference_c'), 1e-3);
        self::assertFalse($resin->sheet->has('recoat_from_h'));
        $this->get('/shelf')->assertInertia(fn (AssertableInertia $page) => $page->where('resins', function ($resins) use ($resin): bool {
            $row = collect($resins)->firstWhere('id', $resin->id);

            return $row['doubts'] === [] && count($row['silences']) >= 7 && str_starts_with($row['silences'][0], 'Its label does not say when to recoat: ');
        }));
    }

    public function test_a_label_is_read_as_it_is_printed(): void
    {
        $this->sendForm('POST', '/shelf/resins', [
            ...self::SHEET, 'name' => 'As printed', 'viscosity_pa_s' => '900 cps', 'viscosity_at_c' => '77 °F', 'open_min' => '40-50 min', 'pot_life_min' => '0.5 h', 'mix_min' => '3-4',
            'recoat_from_h' => '3-4 h', 'recoat_to_h' => '10-12 h', 'handle_h' => '1 day', 'sand_from_h' => '18-24', 'full_cure_h' => '72 hours',
        ])->assertSessionHasNoErrors();
        $sheet = Resin::query()->latest('id')->firstOrFail()->sheet;
        self::assertSame('As printed', $sheet->value('name'));
        self::assertEqualsWithDelta([0.9, 25, 40, 30, 4, 4, 10, 24, 24, 72], [
            $sheet->value('viscosity_pa_s'), $sheet->value('viscosity_at_c'), $sheet->value('open_min'), $sheet->value('pot_life_min'), $sheet->value('mix_min'), $sheet->value('recoat_from_h'), $sheet->value('recoat_to_h'), $sheet->value('handle_h'), $sheet->value('sand_from_h'), $sheet->value('full_cure_h'),
        ], 1e-9);
        $this->sendForm('POST', '/shelf/resins', [...self::SHEET, 'recoat_from_h' => '4-3 h', 'viscosity_pa_s' => 'like honey'])->assertSessionHasErrors(['recoat_from_h', 'viscosity_pa_s']);
    }

    public function test_a_working_time_known_of_the_cup_alone_is_taken_for_the_film_of_a_new_sheet(): void
    {
        $ofTheCup = [...self::SHEET, 'open_min' => null, 'pot_life_min' => '25'];
        $this->postJson('/shelf/check', $ofTheCup)->assertOk();
        $this->sendForm('POST', '/shelf/resins', $ofTheCup)->assertSessionHasNoErrors();
        $resin = Resin::query()->latest('id')->firstOrFail();
        self::assertEquals([25, 25], [$resin->sheet->value('open_min'), $resin->sheet->value('pot_life_min')]);
        // of a kept sheet nobody empties it unawares
        $this->sendForm('PUT', "/shelf/resins/{$resin->id}", ['name' => 'Plain Coat', 'open_min' => null, 'read' => ['resin' => $resin->version]])->assertSessionHasErrors('open_min');
        self::assertEquals(25, $resin->refresh()->sheet->value('open_min'));
    }

    public function test_a_sheet_that_cannot_be_read_is_refused_at_its_fields(): void
    {
        $this->sendForm('POST', '/shelf/resins', [...self::SHEET, 'open_min' => 'soon', 'density_a_g_ml' => '1120'])->assertSessionHasErrors('open_min');
        $this->sendForm('POST', '/shelf/resins', [...self::SHEET, 'density_a_g_ml' => '1120'])->assertSessionHasErrors('density_a_g_ml');
        $this->sendForm('POST', '/shelf/resins', [...self::SHEET, 'name' => ' '])->assertSessionHasErrors('name');
        self::assertNull(Resin::query()->where('key', 'plain-coat')->first());
    }

    public function test_doubts_are_said_in_plain_words_before_it_is_kept(): void
    {
        $turned = $this->postJson('/shelf/check', [...self::SHEET, 'recoat_from_h' => '8', 'recoat_to_h' => '4'])->assertStatus(422);
        self::assertStringContainsString('the right way round', $turned->json('sentences.recoat_to_h'));
        $heard = $this->postJson('/shelf/check', [...self::SHEET, 'recoat_from_h' => '8', 'recoat_to_h' => '14', 'open_min' => '600'])->assertOk();
        $said = implode(' ', $heard->json('doubts'));
        self::assertStringContainsString('would still flow (600 min)', $said);
    }

    public function test_a_past_pour_keeps_the_sheet_as_it_was(): void
    {
        $pour = Pour::query()->whereNotNull('written_at')->whereNotNull('coat_id')->latest('rowid')->firstOrFail();
        $resin = Coat::withTrashed()->findOrFail($pour->coat_id)->resin;
        $before = $pour->plan();
        $this->putJson("/shelf/resins/{$resin->id}", ['name' => $resin->name(), 'open_min' => '99', 'recoat_to_h' => null])->assertRedirect('/shelf')->assertSessionHas('said', fn (string $said): bool => str_contains($said, 'as it was'));
        self::assertEquals($before, $pour->refresh()->plan());
        self::assertSame(99, $resin->refresh()->sheet->value('open_min'));
        self::assertFalse($resin->sheet->has('recoat_to_h'));
    }

    public function test_fields_nobody_here_knows_survive_a_change(): void
    {
        $resin = Resin::query()->where('key', 'bench')->firstOrFail();
        $sheet = $resin->sheet;
        $sheet = $sheet->with('smell', ['of' => 'apples']);
        $resin->update(['sheet' => $sheet]);
        $this->putJson("/shelf/resins/{$resin->id}", ['name' => 'Bench Coat 2:1', 'mix_min' => '4', 'label_words' => [['word' => 'dry', 'hours' => '6', 'stage' => 'recoat_from_h']]])->assertRedirect();
        self::assertSame('apples', $resin->refresh()->sheet->value('smell.of'));
        self::assertSame('dry', $resin->sheet->value('label_words.0.word'));
    }

    public function test_what_is_used_stays_and_what_is_not_can_go_and_come_back(): void
    {
        $bench = Resin::query()->where('key', 'bench')->firstOrFail();
        $this->sendForm('DELETE', "/shelf/resins/{$bench->id}", [])->assertSessionHasErrors('form');
        $this->postJson('/shelf/resins', self::SHEET);
        $plain = Resin::query()->latest('id')->firstOrFail();
        $this->deleteJson("/shelf/resins/{$plain->id}")->assertSessionHas('undo', "/shelf/resins/{$plain->id}/restore");
        self::assertSoftDeleted($plain);
        $this->postJson("/shelf/resins/{$plain->id}/restore");
        self::assertNotSoftDeleted($plain);
        $blue = Supply::query()->where('key', 'night-blue')->where('kind', SupplyKind::Colourant)->firstOrFail();
        $this->sendForm('DELETE', "/shelf/supplies/{$blue->id}", [])->assertSessionHasErrors('form');
        self::assertNotSoftDeleted($blue);
    }

    public function test_a_cup_is_measured_and_its_shape_is_checked(): void
    {
        $cup = $this->postJson('/shelf/vessels', ['name' => 'Egg cup', 'bottom_mm' => '2 in', 'top_mm' => '50.8', 'height_mm' => '60', 'floor_radius_mm' => '25.4', 'material' => 'silicone'])->assertOk();
        self::assertSame(50.8, $cup->json('sheet.bottom_mm'));
        self::assertGreaterThan(90, $cup->json('vessel.capacity_ml'));
        $this->postJson('/shelf/vessels', ['name' => 'No cup', 'bottom_mm' => '50', 'top_mm' => '50', 'height_mm' => '60', 'floor_radius_mm' => '40'])->assertStatus(422)->assertJsonStructure(['sentences' => ['floor_radius_mm']]);
    }

    public function test_drops_are_calibrated_and_a_recipe_is_kept(): void
    {
        $drop = $this->postJson('/shelf/colourants', ['name' => 'Ember tint', 'form' => 'tint', 'drop_ml' => '0.041', 'colour' => '#cc4411', 'finish' => 'translucent', 'flammable' => 'no'])->assertOk();
        self::assertSame('ember-tint', $drop->json('key'));
        $recipe = $this->postJson('/shelf/recipes', ['name' => 'Ember', 'per_ml' => 100, 'doses' => [['colourant' => 'ember-tint', 'drops' => '12']]])->assertOk();
        self::assertSame([['colourant' => 'ember-tint', 'drops' => 12]], $recipe->json('sheet.doses'));
        $cup = $this->postJson('/shelf/recipes/of-cup', ['name' => 'Small ember', 'mixed_ml' => 25, 'doses' => [['colourant' => 'ember-tint', 'drops' => 3]]])->assertOk();
        self::assertSame([100, [['colourant' => 'ember-tint', 'drops' => 12]]], [$cup->json('sheet.per_ml'), $cup->json('sheet.doses')], 'scaled to what recipes are written for');
        $this->postJson('/shelf/recipes/of-cup', ['name' => 'Empty', 'mixed_ml' => 0, 'doses' => []])->assertStatus(422)->assertJsonStructure(['sentences' => ['mixed_ml']]);
        $this->postJson('/shelf/recipes', ['name' => 'Ghost', 'doses' => [['colourant' => 'no-such', 'drops' => 1]]])->assertStatus(422)->assertJsonStructure(['sentences' => ['doses.0.colourant']]);
        $old = $this->postJson('/shelf/colourants', ['name' => 'Old gold', 'form' => 'powder', 'left_ml' => '2 tsp', 'price' => '7', 'best_before' => '2020-01-31'])->assertOk();
        self::assertTrue($old->json('past'));
        self::assertEqualsWithDelta(9.858, $old->json('sheet.left_ml'), 1e-3);
        $this->postJson('/shelf/colourants', ['name' => 'Ageless', 'best_before' => 'never'])->assertStatus(422)->assertJsonStructure(['sentences' => ['best_before']]);
        $this->postJson('/shelf/colourants', ['name' => 'Grey', 'colour' => 'grey'])->assertStatus(422)->assertJsonStructure(['sentences' => ['colour']]);
    }

    public function test_lots_are_kept_with_their_dates_and_what_to_buy_follows(): void
    {
        $bench = Resin::query()->where('key', 'bench')->firstOrFail();
        $lot = $this->postJson("/shelf/resins/{$bench->id}/lots", ['name' => 'B-1', 'opened_on' => '2026-01-31', 'best_before' => '2026-02-28', 'left_a_ml' => '0.5 l', 'left_b_ml' => '250'])->assertOk();
        self::assertSame([500, 250, true], [$lot->json('left_a_ml'), $lot->json('left_b_ml'), $lot->json('past')]);
        $this->putJson('/shelf/lots/'.$lot->json('id'), ['name' => '', 'opened_on' => 'spring'])->assertStatus(422)->assertJsonStructure(['sentences' => ['name', 'opened_on']]);
        Lot::query()->where('resin_id', $bench->id)->delete();
        $this->get('/shelf')->assertInertia(fn (AssertableInertia $page) => $page->where('resins.0', function ($resin): bool {
            $bought = 0.0;
            foreach ($resin['to_buy'] as $ml => $count) {
                $bought += (float) $ml * $count;
            }

            return $resin['needed_ml'] > 1000 && $bought >= $resin['needed_ml'] && $bought - $resin['needed_ml'] < 750;
        }));
    }

    public function test_what_is_only_called_alike_can_be_taken_from_the_shelf(): void
    {
        $desk = app(ShelfDesk::class);
        $white = $desk->addSupply(SupplyKind::Colourant, Entry::from(['name' => 'White', 'form' => 'paste']));
        $plan = Plan::own();
        $put = static fn (array $batch) => $plan->update(['document' => $plan->document->with('batches', [$batch])]);
        $away = fn () => $this->sendForm('DELETE', "/shelf/supplies/{$white->id}", []);
        // a cup, a vessel and a recipe of that name are not it
        $cup = ['name' => $white->key, 'recipe' => $white->key, 'share_pct' => 40];
        $put(['id' => $white->key, 'coats' => ['x'], 'vessel' => $white->key, 'colours' => [$cup]]);
        $away()->assertSessionDoesntHaveErrors();
        self::assertSoftDeleted($white);
        $white->restore();
        // a dose of it is
        $put(['id' => 'b', 'coats' => ['x'], 'colours' => [['share_pct' => 40, 'doses' => [['colourant' => $white->key, 'ml' => 1]]]]]);
        $away()->assertSessionHasErrors(['form' => 'White is in a cup that is planned: take it out there first.']);
        $put(['id' => 'b', 'coats' => ['x']]);
        $desk->addSupply(SupplyKind::Recipe, Entry::from(['name' => 'Snow', 'per_ml' => 100, 'doses' => [['colourant' => $white->key, 'ml' => 2]]]));
        $away()->assertSessionHasErrors(['form' => 'White is in the recipe "Snow": take it out there first.']);
    }
}
