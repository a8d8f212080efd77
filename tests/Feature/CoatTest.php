<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Plan;
use App\Models\Resin;
use PHPUnit\Framework\Attributes\DataProvider;
use stdClass;
use Tests\TestCase;

final class CoatTest extends TestCase
{
    public function test_no_pass_comes_before_the_hands_have_spread_it(): void
    {
        $coat = $this->autumnSky();
        $passes = fn (): array => $this->postJson("/coats/{$coat->id}/live", [])->assertOk()->json('coat.torch.passes_min');
        $usual = $passes();
        self::assertLessThan(12, $usual[0]);
        $this->putJson('/studio', ['name' => 'Halfmoon Bench', 'studio' => ['spread_min' => '12', 'second_torch_min' => '10', 'heat_tool' => 'heat_gun', 'look_every_min' => '6']])->assertRedirect();
        self::assertEquals([12, 22], $passes());
        $this->putJson('/studio', ['name' => 'Halfmoon Bench', 'studio' => ['spread_min' => '', 'second_torch_min' => '', 'heat_tool' => null, 'look_every_min' => '']])->assertRedirect();
        self::assertSame($usual, $passes());
        $this->putJson('/studio', ['name' => 'Halfmoon Bench', 'studio' => ['spread_min' => 'a while']])->assertStatus(422)->assertJsonStructure(['sentences' => ['studio.spread_min']]);
    }

    public function test_the_check_case_comes_off_the_screen(): void
    {
        $coat = $this->autumnSky();
        $answer = $this->postJson("/coats/{$coat->id}/live", ['coat' => new stdClass])->assertOk()->json('coat');
        self::assertEqualsWithDelta(500.998, $answer['volume_ml']['total'], 0.001);
        self::assertEqualsWithDelta(380.758, $answer['mix']['a_g'], 0.001);
        self::assertEqualsWithDelta(163.659, $answer['mix']['b_g'], 0.001);
    }

    public function test_a_live_change_is_computed_and_not_saved(): void
    {
        $coat = $this->autumnSky();
        $before = $coat->spec;
        $this->postJson("/coats/{$coat->id}/live", ['coat' => ['size_by' => ['thickness_mm' => '3,2 mm']], 'studio' => ['temperature_c' => '18']])
            ->assertOk()->assertJsonPath('coat.thickness_mm', 3.2);
        self::assertEquals($before, $coat->refresh()->spec);
        self::assertSame(21, Plan::own()->studio()->value('temperature_c'));
    }

    public function test_a_layer_that_passes_forty_degrees_shows_them_through_its_depth_and_over_time(): void
    {
        $coat = $this->autumnSky();
        $live = fn (array $changes): ?array => $this->postJson("/coats/{$coat->id}/live", $changes)->assertOk()->json('heat_strip');
        self::assertNull($live([]));
        $strip = $live(['coat' => ['containment' => 'dammed', 'size_by' => ['thickness_mm' => '8']]]);
        self::assertGreaterThan(40, $strip['peak_c']);
        self::assertSame([1, count($strip['mins'])], [$strip['lift'], count($strip['frames'])]);
        self::assertEqualsWithDelta($strip['peak_c'], max(array_map(max(...), $strip['frames'])), 0.01);
    }

    public function test_what_held_a_film_is_gone_with_its_walls(): void
    {
        $coat = $this->autumnSky();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['containment' => 'dammed', 'dam' => 'tape']])->assertOk();
        self::assertSame('tape', $coat->refresh()->spec->text('dam'));
        $this->putJson("/coats/{$coat->id}", ['coat' => ['containment' => 'open']])->assertOk();
        self::assertNull($coat->refresh()->spec->text('dam'));
    }

    public function test_a_piece_that_comes_in_cold_is_said_and_stays_open_longer(): void
    {
        $coat = $this->autumnSky();
        $live = fn (array $changes): array => $this->postJson("/coats/{$coat->id}/live", $changes)->assertOk()->json();
        $cold = $live(['studio' => ['surface_c' => '14']]);
        self::assertGreaterThan($live([])['coat']['film']['open_min'], $cold['coat']['film']['open_min']);
        self::assertStringContainsString('within 1 °C', collect($cold['advice'])->implode('text', ' '));
    }

    public function test_a_saved_change_is_kept_and_an_emptied_field_is_assumed_again(): void
    {
        $coat = $this->autumnSky();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => 2.5], 'runoff_pct' => ''], 'studio' => ['temperature_c' => '64 °F']])->assertOk();
        self::assertSame(2.5, $coat->refresh()->spec->value('size_by.thickness_mm'));
        self::assertFalse($coat->spec->has('runoff_pct'));
        self::assertEqualsWithDelta(17.78, Plan::own()->studio()->value('temperature_c'), 0.01);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield from [
            'no film' => [['coat' => ['size_by' => ['thickness_mm' => '0']]], 'coat.size_by.thickness_mm', 'from 0.01 to 500 mm'],
            'a film in words' => [['coat' => ['size_by' => ['thickness_mm' => 'thick']]], 'coat.size_by.thickness_mm', 'is not a length'],
            'an emptied film' => [['coat' => ['size_by' => ['thickness_mm' => '']]], 'coat.size_by.thickness_mm', 'missing'],
            'too much run-off' => [['coat' => ['runoff_pct' => '101']], 'coat.runoff_pct', 'from 0 to 100 %'],
            'no cup' => [['coat' => ['cups' => '0']], 'coat.cups', 'whole number from 1'],
            'an oven' => [['studio' => ['temperature_c' => '200']], 'studio.temperature_c', 'from -10 to 60 °C'],
            'dry as never' => [['studio' => ['humidity_pct' => '0']], 'studio.humidity_pct', 'from 1 to 100 %'],
            'an unknown resin' => [['resin_id' => 999], 'coat.resin', 'not on the shelf'],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_said_at_its_field_and_nothing_is_saved(array $changes, string $field, string $sentence): void
    {
        $coat = $this->autumnSky();
        $before = [$coat->spec, $coat->resin_id, Plan::own()->document];
        foreach (['POST' => "/coats/{$coat->id}/live", 'PUT' => "/coats/{$coat->id}"] as $method => $url) {
            $sentences = $this->json($method, $url, $changes)->assertStatus(422)->json('sentences');
            self::assertStringContainsString($sentence, $sentences[$field] ?? json_encode($sentences));
        }
        self::assertEquals($before, [$coat->refresh()->spec, $coat->resin_id, Plan::own()->document]);
    }

    public function test_every_figure_on_the_page_explains_itself_as_it_stands(): void
    {
        $coat = $this->autumnSky();
        foreach (['a_g', 'b_g', 'a_ml', 'b_ml', 'total', 'total_g', 'film', 'edges', 'runoff', 'soak', 'residue', 'margin', 'open_min', 'pass_1_min', 'pass_2_min', 'wipe_1_min', 'wipe_3_min', 'look_min', 'recoat_from_h', 'recoat_to_h', 'handle_h', 'full_cure_h', 'settle_min', 'smallest_bubble_um', 'level_within_mm_per_m', 'dew_point_c'] as $figure) {
            $this->postJson("/coats/{$coat->id}/trace/$figure", ['coat' => new stdClass])->assertOk()->assertJsonPath('figure', $figure);
        }
        $this->postJson("/coats/{$coat->id}/trace/film", ['coat' => ['size_by' => ['thickness_mm' => 3.2]]])->assertJsonPath('result', 813.44);
        $this->postJson("/coats/{$coat->id}/trace/mood", ['coat' => new stdClass])->assertNotFound();
    }

    public function test_a_stop_offers_presses_and_splitting_can_be_taken_back(): void
    {
        $coat = $this->autumnSky();
        $deep = ['coat' => ['size_by' => ['thickness_mm' => 9.6]]];
        $stop = fn (array $answer): ?array => collect($answer['advice'])->firstWhere('code', 'over_max_pour');
        $offered = $stop($this->putJson("/coats/{$coat->id}", $deep)->assertOk()->json('answer'))['remedies'] ?? [];
        self::assertEquals([['kind' => 'coats', 'value' => 3], ['kind' => 'film', 'value' => 4]], $offered);
        $this->postJson("/coats/{$coat->id}/split", ['count' => 3])->assertRedirect("/coats/{$coat->id}");
        $undo = session('undo');
        self::assertIsString($undo);
        $coats = $coat->piece->coats()->get();
        self::assertSame([3.2, 3.2, 3.2], $coats->map(fn (Coat $one): mixed => $one->spec->value('size_by.thickness_mm'))->all());
        self::assertNull($stop($this->get("/coats/{$coat->id}")->viewData('page')['props']['answer']));
        $this->postJson($undo)->assertRedirect("/coats/{$coat->id}");
        self::assertSame([9.6], $coat->piece->coats()->get()->map(fn (Coat $one): mixed => $one->spec->value('size_by.thickness_mm'))->all());
        foreach ([1, 21, 'two'] as $count) {
            $this->postJson("/coats/{$coat->id}/split", ['count' => $count])->assertStatus(422);
        }
        $this->postJson("/coats/{$coat->id}/whole?others=1&size=%7B")->assertStatus(422);
        $this->postJson("/coats/{$coat->id}/whole?others={$coat->id}&size=".urlencode('{"thickness_mm":1}'))->assertRedirect();
        self::assertSame([1], Coat::query()->get()->map(fn (Coat $one): mixed => $one->spec->value('size_by.thickness_mm'))->all(), 'the coat itself stays');
    }

    public function test_its_figures_say_how_sure_they_are_as_it_stands(): void
    {
        $coat = $this->autumnSky();
        $ranges = fn (array $changes): array => $this->postJson("/coats/{$coat->id}/ranges", ['coat' => $changes === [] ? new stdClass : $changes])->assertOk()->json();
        $answer = $this->postJson("/coats/{$coat->id}/live", ['coat' => new stdClass])->json('coat');
        $saved = $ranges([]);
        foreach (['total' => $answer['mix']['a_ml'] + $answer['mix']['b_ml'], 'total_g' => $answer['mix']['total_g'], 'open_min' => $answer['film']['open_min'], 'recoat_from_h' => $answer['windows']['recoat_from_h']] as $figure => $value) {
            self::assertGreaterThan($saved[$figure]['low'], $value, $figure);
            self::assertLessThan($saved[$figure]['high'], $value, $figure);
        }
        self::assertSame("the label's open time", $saved['open_min']['mostly'][0]['what']);
        // an empty field is what is usual, and less sure than what was said
        $unsaid = $ranges(['runoff_pct' => '']);
        self::assertSame('the run-off', $unsaid['total']['mostly'][0]['what']);
        self::assertGreaterThan($saved['total']['high'] - $saved['total']['low'], $unsaid['total']['high'] - $unsaid['total']['low']);
        $this->postJson("/coats/{$coat->id}/ranges", ['coat' => ['runoff_pct' => 'much']])->assertStatus(422);
    }

    public function test_a_coat_can_be_held_at_the_edge_and_flooded_again(): void
    {
        $coat = $this->autumnSky();
        $held = $this->putJson("/coats/{$coat->id}", ['coat' => ['containment' => 'held']])->assertOk()->json('answer.coat');
        self::assertEqualsWithDelta(0.0, $held['volume_ml']['edges'] + $held['volume_ml']['runoff'], 1e-12);
        // a wide puddle stands 2ℓ·sin(θ/2) high, here at 35° + 90°
        self::assertEqualsWithDelta(2 * 1.838 * sin(deg2rad(62.5)), $held['held']['limit_thickness_mm'], 0.03);
        $over = $this->postJson("/coats/{$coat->id}/live", ['coat' => ['size_by' => ['thickness_mm' => '3,9', 'edge_angle_deg' => null]]])->json('advice');
        self::assertSame('dome_over_limit', $over[0]['code']);
        self::assertEqualsWithDelta(500.998, $this->putJson("/coats/{$coat->id}", ['coat' => ['containment' => 'open']])->json('answer.coat.volume_ml.total'), 0.001);
    }

    public function test_another_resin_is_another_mix(): void
    {
        $coat = $this->autumnSky();
        $even = Resin::query()->where('key', 'even')->sole();
        $mix = $this->putJson("/coats/{$coat->id}", ['resin_id' => $even->id])->assertOk()->json('answer.coat.mix');
        self::assertEqualsWithDelta($mix['a_ml'], $mix['b_ml'], 1e-9);
        self::assertSame($even->id, $coat->refresh()->resin_id);
    }

    public function test_a_temperature_measured_now_replaces_a_planned_night(): void
    {
        $coat = $this->autumnSky();
        $plan = Plan::own();
        $document = $plan->document;
        $document = $document->with('studio.temperatures', [['at_h' => 0, 'c' => 19], ['at_h' => 8, 'c' => 16]]);
        $plan->update(['document' => $document]);
        self::assertEqualsWithDelta(5.914, $this->postJson("/coats/{$coat->id}/live", ['coat' => new stdClass])->json('coat.windows.recoat_from_h'), 0.03);
        self::assertEqualsWithDelta(4.0, $this->postJson("/coats/{$coat->id}/live", ['studio' => ['temperature_c' => '23']])->json('coat.windows.recoat_from_h'), 1e-9);
    }

    public function test_advice_speaks_the_persons_units(): void
    {
        $coat = $this->autumnSky();
        $advice = $this->withUnencryptedCookie('units', 'imperial')
            ->withCredentials()->postJson("/coats/{$coat->id}/live", ['coat' => ['size_by' => ['thickness_mm' => '1 in']]])->json('advice');
        self::assertSame('over_max_pour', $advice[0]['code']);
        self::assertStringContainsString('0.157 in', $advice[0]['text']);
    }

    /** What is computed is the same; what is said is the language's, and its own where it has no words yet. */
    public function test_another_language_says_the_same_of_the_same_figures(): void
    {
        $coat = $this->autumnSky();
        $deep = ['coat' => ['size_by' => ['thickness_mm' => '9']], 'studio' => ['temperature_c' => '12']];
        $english = $this->postJson("/coats/{$coat->id}/live", $deep);
        app('translator')->addLines(['advice.room_too_cold' => 'Raum auf :least oder mehr erwärmen: bei :at steht er.', 'quantities.celsius' => ':n Grad', 'typed.no_length' => '":written" ist keine Länge.'], 'de');
        app()->setLocale('de');
        $german = $this->postJson("/coats/{$coat->id}/live", $deep);
        self::assertSame($english->json('coat.mix'), $german->json('coat.mix'));
        $of = static fn (array $advice, string $code): string => collect($advice)->firstWhere('code', $code)['text'] ?? '';
        self::assertSame('Raum auf 15 Grad oder mehr erwärmen: bei 12 Grad steht er.', $of($german->json('advice'), 'room_too_cold'));
        self::assertSame($of($english->json('advice'), 'over_max_pour'), $of($german->json('advice'), 'over_max_pour'));
        $refused = $this->postJson("/coats/{$coat->id}/live", ['coat' => ['size_by' => ['thickness_mm' => 'zebra']]])->assertStatus(422);
        self::assertSame('"zebra" ist keine Länge.', $refused->json('sentences')['coat.size_by.thickness_mm']);
        self::assertSame('typed.no_length', $refused->json('codes')['coat.size_by.thickness_mm']);
        self::assertStringContainsString('<html lang="de"', (string) $this->get('/shelf')->getContent());
    }
}
