<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Journal\ThisStudio;
use App\Models\Pour;
use App\Models\Resin;
use App\PlanFile\Json;
use Illuminate\Support\Str;
use Tests\Support\PoursCoats;
use Tests\TestCase;

final class PourTest extends TestCase
{
    use PoursCoats;

    public function test_the_start_freezes_plan_sheet_room_and_times(): void
    {
        $pour = $this->started($coat = $this->autumnSky(), ['temperature_c' => '18']);
        $this->travel(6)->minutes();
        $this->press($pour->id, 'poured');
        $before = $this->frozen($pour);

        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => 3]], 'studio' => ['temperature_c' => '28']])->assertOk();
        $this->putJson("/pieces/{$coat->piece_id}", ['name' => 'Another', 'outline' => ['shape' => 'rectangle', 'width_mm' => '1 m']])->assertRedirect();
        $resin = Resin::query()->findOrFail($coat->resin_id);
        $resin->update(['sheet' => Json::read(str_replace('"open_min":45', '"open_min":5', Json::line($resin->sheet)))]);

        self::assertSame($before, $this->frozen($pour));
        self::assertSame(18, $pour->refresh()->plan()->value('studio.temperature_c'));
    }

    public function test_what_stood_in_the_cup_is_off_the_films_clock(): void
    {
        $this->freezeTime();
        $pour = $this->started($this->autumnSky(), ['temperature_c' => '23']);
        $this->travel(20)->minutes();
        $state = $this->press($pour->id, 'poured');
        self::assertEqualsWithDelta(25 * 60_000, $state['open_until'] - $state['poured_at'], 2);
        self::assertSame(['Heat pass'], array_values(array_unique(array_column(array_filter($state['acts'], fn (array $act): bool => $act['kind'] === 'pass'), 'title'))));
    }

    public function test_the_check_values_of_passes_wipes_and_looks_stand_on_the_clock(): void
    {
        $this->freezeTime();
        foreach ([0 => [[5, 13], [10, 20, 30, 40, 50, 66.8, 91.1], 35.58, 45], 20 => [[5], null, 20, 25]] as $stoodMin => [$passes, $wipes, $look, $closes]) {
            $coat = $this->autumnSky();
            $resin = Resin::query()->findOrFail($coat->resin_id);
            $resin->update(['sheet' => $resin->sheet->with('open_min', 45)->with('viscosity_pa_s', 1.1)->with('viscosity_at_c', 25)->with('reference_c', 23)]);
            $pour = $this->started($coat, ['temperature_c' => '23']);
            $this->travel($stoodMin)->minutes();
            $state = $this->press($pour->id, 'poured');
            $min = static fn (string $kind): array => array_map(static fn (array $act): float => ($act['due_at'] - $state['poured_at']) / 60_000, array_values(array_filter($state['acts'], static fn (array $act): bool => $act['kind'] === $kind)));
            self::assertEqualsWithDelta($passes, $min('pass'), 0.02, "stood for $stoodMin min");
            self::assertEqualsWithDelta([$look], array_slice($min('look'), -1), 0.5, 'its density is a little less than the one of the check value');
            self::assertEqualsWithDelta($closes, ($state['closes_at'] - $state['poured_at']) / 60_000, 0.02);
            if ($wipes !== null) {
                self::assertEqualsWithDelta($wipes, $min('wipe'), 0.3);
            }
        }
    }

    public function test_when_it_holds_a_drop_and_what_heat_gains_stand_beside_its_acts(): void
    {
        $this->freezeTime();
        $coat = $this->autumnSky();
        // the label of the check values
        $resin = Resin::query()->findOrFail($coat->resin_id);
        $resin->update(['sheet' => $resin->sheet->with('open_min', 45)->with('viscosity_pa_s', 1.1)->with('viscosity_at_c', 25)->with('reference_c', 23)]);
        $pour = $this->started($coat, ['temperature_c' => '23']);
        self::assertNull($this->getJson("/pours/{$pour->id}/state")->json('effects.0.from_at'), 'it is not on the piece yet');
        $state = $this->press($pour->id, 'poured');
        $drops = collect($state['effects'])->firstWhere('pace', 'drops');
        self::assertEqualsWithDelta([29.69, 53.22], [($drops['from_at'] - $state['poured_at']) / 60_000, ($drops['to_at'] - $state['poured_at']) / 60_000], 0.006);
        self::assertSame(470, $drops['fits']);
        $many = $this->getJson("/pours/{$pour->id}/pace/drops?count=900")->assertOk()->json();
        self::assertSame([$drops['from_at'], 2], [$many['begin_at'], $many['hands']], 'too many for one hand: at once, by two');
        self::assertEqualsWithDelta($drops['to_at'] - 5 * 60_000, $this->getJson("/pours/{$pour->id}/pace/drops?count=100")->json('begin_at'), 2);
        self::assertSame([null, null], array_values($this->getJson("/pours/{$pour->id}/pace/drops?count=many")->json()));
        $gun = collect($state['warmings'])->firstWhere('tool', 'heat_gun');
        self::assertGreaterThan(10, $gun['gain_k']);
        self::assertLessThan(0.45, $gun['viscosity_factor']);
        $seen = $this->press($pour->id, 'observed', ['what' => 'holds_a_drop', 'text' => '']);
        self::assertSame('holds_a_drop', $seen['seen'][0]['what']);
    }

    public function test_a_pass_is_done_with_another_tool_and_what_is_ruled_out_stays_so(): void
    {
        $pour = $this->poured();
        $state = $this->getJson("/pours/{$pour->id}/state")->json();
        self::assertSame(['flame', ['heat_gun', 'breath']], [$state['tool'], $state['other_tools']]);
        $done = $this->press($pour->id, 'act_done', ['act' => 'pass-1', 'tool' => 'heat_gun']);
        self::assertSame(['heat_gun', null], [$done['acts'][0]['done_with'], $done['acts'][1]['done_with']]);
        self::assertSame('tool_ruled_out', $this->refused($pour->id, 'act_done', ['act' => 'pass-2', 'tool' => 'blowtorch']));
        $before = $this->frozen($pour->refresh());
        $this->artisan('glaze:rebuild')->assertSuccessful();
        self::assertSame($before, $this->frozen($pour->refresh()), 'as it is folded anew');

        $answer = $pour->poured?->facts;
        self::assertNotNull($answer);
        $pour->poured?->update(['facts' => $answer->with('answer.coat.torch.tool', 'heat_gun')]);
        self::assertSame('tool_ruled_out', $this->refused($pour->id, 'act_done', ['act' => 'pass-2', 'tool' => 'flame']));
    }

    public function test_acts_come_in_their_order_and_are_ticked_once(): void
    {
        $pour = $this->poured();
        $state = $this->getJson("/pours/{$pour->id}/state")->json();
        self::assertSame(['pass', 'wipe', 'pass', 'wipe', 'wipe', 'look', 'wipe', 'wipe', 'wipe', 'cover', 'wipe', 'cover'], array_column($state['acts'], 'kind'));
        $due = array_column($state['acts'], 'due_at');
        $sorted = $due;
        sort($sorted);
        self::assertSame($sorted, $due);

        $this->travel(5)->minutes();
        $first = $this->press($pour->id, 'act_done', ['act' => 'pass-1'])['acts'][0];
        self::assertNotNull($first['done_at']);
        $this->travel(3)->minutes();
        $again = $this->press($pour->id, 'act_done', ['act' => 'pass-1'])['acts'][0];
        self::assertSame([$first['done_at'], $first['event']], [$again['done_at'], $again['event']], 'the first that happened counts');
        $this->press($pour->id, 'undone', ['of' => $first['event']]);
        $later = $this->getJson("/pours/{$pour->id}/state")->json('acts.0');
        self::assertNotSame($first['event'], $later['event'], 'who pressed it too is not undone with it');
        self::assertNull($this->press($pour->id, 'undone', ['of' => $later['event']])['acts'][0]['done_at']);
    }

    public function test_a_press_that_comes_late_keeps_its_own_time_within_reason(): void
    {
        $pour = $this->poured();
        $at = (int) now()->addMinutes(5)->valueOf();
        $this->travel(30)->minutes();
        self::assertSame($at, $this->press($pour->id, 'act_done', ['act' => 'pass-1'], ['pressed_ms' => $at])['acts'][0]['done_at']);
        $future = (int) now()->addYear()->valueOf();
        self::assertLessThanOrEqual((int) now()->valueOf(), $this->press($pour->id, 'act_done', ['act' => 'wipe-1'], ['pressed_ms' => $future])['acts'][1]['done_at']);
        $third = $this->press($pour->id, 'act_done', ['act' => 'pass-2'], ['pressed_ms' => 0])['acts'];
        self::assertSame($third[1]['done_at'], $third[2]['done_at'], 'not before what was pressed before it on this device');
    }

    public function test_a_device_whose_clock_is_wrong_is_corrected_by_what_it_measured(): void
    {
        $pour = $this->poured();
        $this->travel(12)->minutes();
        $now = (int) now()->valueOf();
        $state = $this->press($pour->id, 'act_done', ['act' => 'pass-1'], ['pressed_ms' => $now - 7_200_000, 'offset_ms' => 7_200_000]);
        self::assertSame($now, $state['acts'][0]['done_at']);
    }

    public function test_an_act_is_skipped_with_a_reason_and_said_as_missed_when_nobody_did_it(): void
    {
        $pour = $this->poured();
        self::assertSame('no_reason', $this->refused($pour->id, 'act_skipped', ['act' => 'wipe-1', 'reason' => '  ']));
        $this->travel(20)->minutes();
        $state = $this->press($pour->id, 'act_skipped', ['act' => 'wipe-1', 'reason' => 'Nothing hung.']);
        self::assertSame(['Nothing hung.', null, 'skipped'], [$state['acts'][1]['skipped_because'], $state['acts'][1]['done_at'], $state['acts'][1]['went']]);
        self::assertSame('open', $state['acts'][0]['went'], 'late, and still of use');
        $this->travel(5)->hours();
        $state = $this->getJson("/pours/{$pour->id}/state")->json();
        self::assertSame(['missed', 'skipped', 'missed'], array_slice(array_column($state['acts'], 'went'), 0, 3));
        self::assertSame('open', end($state['acts'])['went'], 'it can be covered as long as it cannot be handled');
    }

    public function test_the_end_of_the_pouring_can_be_taken_back_until_something_was_done(): void
    {
        $pour = $this->poured();
        self::assertNull($this->press($pour->id, 'undone', ['of' => $pour->poured_event])['poured_at']);
        self::assertSame('not_poured', $this->refused($pour->id, 'act_done', ['act' => 'pass-1']));
        $state = $this->press($pour->id, 'poured');
        $this->press($pour->id, 'act_done', ['act' => 'pass-1']);
        self::assertSame('acts_done', $this->refused($pour->id, 'undone', ['of' => $state['poured_event']]));
        self::assertNotNull($this->getJson("/pours/{$pour->id}/state")->json('poured_at'));
    }

    public function test_one_clock_begins_however_often_its_start_is_sent(): void
    {
        $coat = $this->autumnSky();
        $press = ['id' => (string) Str::uuid(), 'subject' => $subject = (string) Str::uuid(), 'device' => self::PHONE, 'studio' => app(ThisStudio::class)->id(), 'sequence' => 1, 'pressed_ms' => (int) now()->valueOf(), 'offset_ms' => 0];
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => [], 'press' => $press])->assertRedirect("/pours/$subject");
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => [], 'press' => $press])->assertRedirect("/pours/$subject");
        self::assertSame(1, Pour::query()->count());
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => []])->assertSessionHasErrors('form');
        self::assertSame(1, Pour::query()->count(), 'another tab does not begin it a second time');
        $other = [...$press, 'id' => (string) Str::uuid(), 'studio' => (string) Str::uuid()];
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => [], 'press' => $other])->assertSessionHasErrors('form');
    }

    public function test_a_stop_keeps_the_clock_from_starting_until_a_reason_is_written(): void
    {
        $coat = $this->autumnSky();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => 9]]])->assertOk();
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => [], 'reason' => '  '])->assertRedirect('/pieces')->assertSessionHasErrors('reason');
        self::assertSame(0, Pour::query()->count());
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => [], 'reason' => 'A trial on a scrap board'])->assertRedirect();
        self::assertSame('A trial on a scrap board', Pour::query()->sole()->override_reason);
    }

    public function test_a_bad_room_starts_nothing(): void
    {
        $coat = $this->autumnSky();
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => ['temperature_c' => 'warm']])->assertSessionHasErrors('studio.temperature_c');
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => ['temperature_c' => '99']])->assertSessionHasErrors('studio.temperature_c');
        self::assertSame(0, Pour::query()->count());
    }

    public function test_wet_resin_stays_on_now_whatever_was_written_down(): void
    {
        $pour = $this->poured();
        $this->post("/pours/{$pour->id}/finish", ['how_a' => 'planned', 'how_b' => 'planned'])->assertRedirect();
        $onNow = fn (): array => array_column($this->getJson('/now/pours')->json('pours'), 'id');
        self::assertSame([$pour->id], $onNow());
        $this->travel(20)->hours();
        self::assertSame([$pour->id], $onNow(), 'until it can be handled');
        $this->travel(30)->hours();
        self::assertSame([], $onNow());
    }

    public function test_what_was_not_written_down_stays_on_now_until_it_is_or_is_taken_off(): void
    {
        $pour = $this->poured();
        $this->travel(9)->days();
        self::assertSame([$pour->id], array_column($this->getJson('/now/pours')->json('pours'), 'id'));
        $state = $this->press($pour->id, 'taken_off');
        self::assertSame([], $this->getJson('/now/pours')->json('pours'));
        $this->press($pour->id, 'undone', ['of' => $state['off_event']]);
        self::assertSame([$pour->id], array_column($this->getJson('/now/pours')->json('pours'), 'id'));
    }

    public function test_a_past_pour_explains_its_figures_from_its_own_copy(): void
    {
        $coat = $this->autumnSky();
        $pour = $this->started($coat);
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => 3]]])->assertOk();
        $this->getJson("/pours/{$pour->id}/trace/film")->assertOk()->assertJsonPath('result', 406.72);
        $this->getJson("/pours/{$pour->id}/trace/mood")->assertNotFound();
    }

    public function test_a_pour_outlives_its_piece(): void
    {
        $pour = $this->poured();
        $this->delete("/pieces/{$pour->piece_id}");
        $this->get("/pours/{$pour->id}")->assertOk();
        $pour->piece?->forceDelete();
        self::assertNull($pour->refresh()->piece_id);
        $this->get("/pours/{$pour->id}")->assertOk();
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '', 'used_b' => ''])->assertRedirect('/');
    }

    private function frozen(Pour $pour): string
    {
        $state = $this->getJson("/pours/{$pour->id}/state")->json();
        unset($state['now']);

        return json_encode([$state, $pour->refresh()->plan(), $pour->result(), $pour->poured?->facts], JSON_THROW_ON_ERROR);
    }
}
