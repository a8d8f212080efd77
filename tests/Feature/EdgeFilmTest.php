<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Pour;
use Tests\Support\PressesThings;
use Tests\TestCase;

/** What an edge keeps, on the coat's page. */
final class EdgeFilmTest extends TestCase
{
    use PressesThings;

    public function test_the_check_values_come_off_the_screen(): void
    {
        $coat = $this->autumnSky();
        $answer = $this->postJson("/coats/{$coat->id}/live", ['coat' => (object) [], 'studio' => ['temperature_c' => '23']])->assertOk()->json();
        self::assertEqualsWithDelta([1.76, 1.0924, 1.3255, 110.44], array_values($answer['coat']['edge']), 0.05);
        self::assertEqualsWithDelta([10, 20, 30, 40, 50, 66.8, 91.1], $answer['coat']['drips']['wipes_min'], 0.3);
        self::assertEqualsWithDelta(1.6, $answer['edge_film']['asked_mm'], 1e-9);
        self::assertEqualsWithDelta(2.0, $answer['edge_film']['radius_mm'], 1e-9);
        $trace = $this->postJson("/coats/{$coat->id}/trace/stays_mm", ['studio' => ['temperature_c' => '23']])->assertOk()->json();
        self::assertEqualsWithDelta(1.3255, $trace['result'], 5e-4);
    }

    public function test_what_is_drawn_over_time_ends_with_what_stays_and_begins_with_what_is_laid(): void
    {
        $coat = $this->autumnSky();
        $answer = $this->get("/coats/{$coat->id}")->assertOk()->viewData('page')['props']['answer'];
        $film = $answer['edge_film'];
        [$first, $last] = [$film['frames'][0], $film['frames'][count($film['frames']) - 1]];
        self::assertEqualsWithDelta(1.76, $first['mean_mm'], 1e-4);
        self::assertEqualsWithDelta(array_fill(0, count($first['profile_mm']), 1.76), $first['profile_mm'], 1e-3);
        self::assertNull($last['min']);
        self::assertEqualsWithDelta($answer['coat']['edge']['stays_mm'], $last['mean_mm'], 1e-4);
        self::assertEqualsWithDelta(0.0, $last['left_ml_per_m'], 1e-3);
        self::assertEqualsWithDelta($answer['coat']['edge']['keeps_mm'], $last['profile_mm'][0], 1e-3, 'at the edge what it keeps');
        // the profile over a nearly square face is the mean that is told: what lies farther out counts for more
        $half = max($film['from_edge_mm']);
        $sum = 0.0;
        for ($at = 1; $at < count($film['from_edge_mm']); $at++) {
            $out = 1 - ($film['from_edge_mm'][$at] + $film['from_edge_mm'][$at - 1]) / 2 / $half;
            $sum += ($film['from_edge_mm'][$at] - $film['from_edge_mm'][$at - 1]) * ($last['profile_mm'][$at] + $last['profile_mm'][$at - 1]) / 2 * 2 * $out / $half;
        }
        self::assertEqualsWithDelta($last['mean_mm'], $sum, 0.02);
        self::assertGreaterThan(1.9 * $film['reach_mm'], $half);
        self::assertEqualsWithDelta($answer['coat']['drips']['dripped_ml'], $first['left_ml_per_m'] * $film['coated_m'], 0.05);
        $times = array_column(array_slice($film['frames'], 0, -1), 'min');
        self::assertGreaterThanOrEqual(max(...$film['wipes_min']), max(...$times));
        self::assertGreaterThanOrEqual($film['gels_min'], max(...$times));
    }

    public function test_the_edge_is_rounded_from_the_drawing_kept_with_its_piece_and_undone(): void
    {
        $coat = $this->autumnSky();
        $read = $this->get("/coats/{$coat->id}")->viewData('page')['props']['read'];
        $saved = $this->putJson("/coats/{$coat->id}", ['piece' => ['edge_radius_mm' => 0.5], 'read' => $read])->assertOk();
        self::assertSame(0.5, $coat->piece->refresh()->spec->value('edge_radius_mm'));
        self::assertEqualsWithDelta(1.6049, $saved->json('answer.coat.edge.keeps_mm'), 2e-3);
        self::assertSame(['edge_radius_mm' => 0.5], $saved->json('edge'));
        $this->putJson("/coats/{$coat->id}", ['piece' => ['edge_radius_mm' => 3], 'read' => $read])->assertStatus(409);
        $this->putJson("/coats/{$coat->id}", ['piece' => ['edge_radius_mm' => null], 'read' => $saved->json('read')])->assertOk();
        self::assertFalse($coat->piece->refresh()->spec->has('edge_radius_mm'));
        $this->putJson("/coats/{$coat->id}", ['piece' => ['edge_radius_mm' => '25'], 'read' => []])->assertStatus(422)->assertJsonPath('sentences', fn (array $sentences): bool => str_contains($sentences['piece.edge_radius_mm'] ?? '', 'from 0 to 20 mm'));
        $this->putJson("/coats/{$coat->id}", ['piece' => ['kind' => 'board', 'quantity' => 7], 'read' => []])->assertOk();
        self::assertSame(['canvas', 1], [$coat->piece->refresh()->spec->value('kind'), $coat->piece->spec->value('quantity')], 'of the piece only its edge');
    }

    public function test_it_can_be_sized_by_what_is_to_stay(): void
    {
        $coat = $this->autumnSky();
        $change = static fn (string $mm): array => ['coat' => ['size_by' => ['thickness_mm' => null, 'stays_mm' => $mm]]];
        $answer = $this->postJson("/coats/{$coat->id}/live", $change('1.2'))->assertOk()->json();
        self::assertEqualsWithDelta([1.2, 1.2], [$answer['coat']['edge']['stays_mm'], $answer['edge_film']['asked_mm']], 1e-4);
        self::assertNotContains('edge_keeps_less', array_column($answer['advice'], 'code'));
        $refused = $this->postJson("/coats/{$coat->id}/live", $change('1.9'))->assertStatus(422)->json('sentences');
        self::assertStringContainsString('at most about 1.4', implode(' ', $refused));
    }

    public function test_from_one_press_nothing_runs_and_from_another_all_is_as_it_was(): void
    {
        $coat = $this->autumnSky();
        $advice = collect($this->postJson("/coats/{$coat->id}/live", ['coat' => (object) []])->json('advice'))->firstWhere('code', 'edge_keeps_less');
        self::assertEquals([['kind' => 'coats', 'value' => 2]], $advice['remedies']);
        $this->postJson("/coats/{$coat->id}/split", ['count' => 2])->assertRedirect();
        $undo = session('undo');
        $runs = fn (): float => array_sum(array_map(fn (int $id): float => $this->postJson("/coats/$id/live", ['coat' => (object) []])->json('coat.edge.runs_off_ml'), $coat->piece->coats()->get()->pluck('id')->all()));
        self::assertSame([0.8, 0.8], $coat->piece->coats()->get()->map(fn ($one): mixed => $one->spec->value('size_by.thickness_mm'))->all());
        self::assertEqualsWithDelta(0.0, $runs(), 1e-9);
        $this->postJson($undo['url'] ?? $undo, $undo['body'] ?? [])->assertRedirect();
        self::assertSame([1.6], $coat->piece->coats()->get()->map(fn ($one): mixed => $one->spec->value('size_by.thickness_mm'))->all());
        self::assertGreaterThan(105.0, $runs());
    }

    public function test_each_way_that_is_offered_can_be_taken_and_gives_what_was_told(): void
    {
        $coat = $this->autumnSky();
        $ways = fn (): array => $this->postJson("/coats/{$coat->id}/ways", ['coat' => (object) []])->assertOk()->json();
        $offered = $ways();
        self::assertSame('as_asked', $offered[0]['kind']);
        self::assertNull($offered[0]['change']);
        foreach ($offered as $way) {
            if ($way['change'] === null || isset($way['change']['split'])) {
                continue;
            }
            $live = $this->postJson("/coats/{$coat->id}/live", $way['change'])->assertOk()->json();
            self::assertEqualsWithDelta($way['mixed_ml'], $live['coat']['volume_ml']['total'], 1e-6, $way['kind']);
            self::assertEqualsWithDelta($way['floor_ml'], $live['coat']['drips']['dripped_ml'] ?? 0.0, 1e-6, $way['kind']);
        }
        $this->postJson("/coats/{$coat->id}/split", ['count' => collect($offered)->firstWhere('kind', 'coats')['change']['split']])->assertRedirect();
        self::assertSame([], $ways(), 'nothing runs any more');
    }

    public function test_what_was_weighed_in_the_tray_stands_beside_what_was_said_and_makes_the_studios_own_rate(): void
    {
        $coat = $this->autumnSky();
        self::assertSame([], $this->trays($coat));
        $this->postJson("/coats/{$coat->id}/pours", ['studio' => ['temperature_c' => '23', 'humidity_pct' => '50']])->assertRedirect();
        $pour = Pour::query()->firstOrFail();
        $this->press($pour->id, 'poured');
        $planned = fn (): array => $this->get("/pours/{$pour->id}/finish")->assertOk()->viewData('page')['props']['planned'];
        $said = $planned()['ran_off'];
        self::assertEqualsWithDelta(115.46, $said['ml'], 0.2);
        self::assertEqualsWithDelta($said['ml'] * 1.0867, $said['g'], 0.1);
        $this->press($pour->id, 'took', ['tray_g' => 98]);
        self::assertEquals(98, $planned()['tray_g']);
        self::assertEqualsWithDelta(98 / $said['g'], $this->trays($coat)['share'], 1e-9);
        self::assertSame(1, $this->trays($coat)['pours']);
    }

    public function test_where_nothing_is_coated_nothing_of_it_is_told(): void
    {
        $coat = $this->autumnSky();
        $spec = $coat->piece->spec;
        $spec = $spec->with('coated_edges', 'none');
        $coat->piece->update(['spec' => $spec]);
        $answer = $this->get("/coats/{$coat->id}")->assertOk()->viewData('page')['props']['answer'];
        self::assertSame([null, null, null], [$answer['edge_film'], $answer['coat']['edge'], $answer['coat']['drips']]);
        self::assertContains('held_at_uncoated_edge', array_column($answer['advice'], 'code'));
    }

    /**
     * What was weighed of what was said, as the coat's page tells it; empty where nothing was.
     *
     * @return array<string, float|int>
     *
     * @phpstan-impure
     */
    private function trays(Coat $coat): array
    {
        return (array) $this->get("/coats/{$coat->id}")->viewData('page')['props']['own_trays'];
    }
}
