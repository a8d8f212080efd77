<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Lot;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Resin;
use App\Models\Supply;
use App\Models\SupplyKind;
use Database\Seeders\DatabaseSeeder;
use Tests\TestCase;

/** Two tabs and two devices at the same row: nobody writes over another without a word. */
final class StaleTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    private const TABLET = '00000000-0000-4000-8000-0000000000b2;a tablet';

    public function test_a_coat_changed_on_a_tablet_is_not_written_over_from_an_old_page(): void
    {
        $coat = Coat::query()->where('key', 'autumn-flood')->firstOrFail();
        $read = $this->get("/coats/{$coat->id}")->viewData('page')['props']['read'];
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => '2']], 'read' => $read], ['X-Device' => self::TABLET])->assertOk()->assertJsonPath('read.coat', $read['coat'] + 1);
        $this->flushHeaders();

        $refused = $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => '1.2']], 'read' => $read])->assertStatus(409);
        self::assertSame('stale', $refused->json('code'));
        self::assertMatchesRegularExpression('/^Changed meanwhile on a tablet, at \d\d:\d\d: the film in mm, from 1\.6 to 2\./', $refused->json('sentences.form'));
        self::assertSame(2, $coat->refresh()->spec->value('size_by.thickness_mm'));

        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => '1.2']], 'read' => ['coat' => $refused->json('version')]])->assertOk();
        self::assertSame(1.2, $coat->refresh()->spec->value('size_by.thickness_mm'), 'on purpose');
    }

    public function test_which_versions_a_page_had_read_is_no_field_of_what_is_kept(): void
    {
        $rows = [
            "/pieces/{$this->row(Piece::class)->id}" => $this->row(Piece::class), "/shelf/resins/{$this->row(Resin::class)->id}" => $this->row(Resin::class),
            "/shelf/supplies/{$this->row(Supply::class)->id}" => $this->row(Supply::class), "/coats/{$this->row(Coat::class)->id}" => $this->row(Coat::class),
        ];
        foreach ($rows as $url => $row) {
            $kept = $row->spec ?? $row->sheet;
            $sent = $row instanceof Coat ? ['coat' => ['mood' => null]] : ['name' => $kept->text('name')];
            $this->putJson($url, [...$sent, 'read' => ['piece' => 9, 'resin' => 9, 'supply' => 9, 'coat' => 9, 'plan' => 9]])->assertSessionHasNoErrors();
            $now = $row->refresh();
            self::assertSame(array_keys($kept->fields()), array_keys(($now->spec ?? $now->sheet)->fields()), $url);
        }
    }

    /** @param  class-string<Piece|Resin|Supply|Coat>  $of */
    private function row(string $of): Piece|Resin|Supply|Coat
    {
        return $of::query()->orderBy('id')->firstOrFail();
    }

    public function test_changes_of_other_fields_lie_side_by_side(): void
    {
        $coat = Coat::query()->where('key', 'autumn-flood')->firstOrFail();
        $read = ['coat' => $coat->version, 'plan' => Plan::own()->version];
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => '2']], 'read' => $read])->assertOk();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['runoff_pct' => '5'], 'read' => $read])->assertOk();
        $this->putJson('/plans/1/evening', ['batches' => [], 'read' => $read])->assertOk();
        $this->putJson("/coats/{$coat->id}", ['coat' => [], 'studio' => ['temperature_c' => '23'], 'read' => $read])->assertOk();
        $spec = $coat->refresh()->spec;
        self::assertSame([2, 5, 23], [$spec->value('size_by.thickness_mm'), $spec->value('runoff_pct'), Plan::own()->studio()->value('temperature_c')]);
        $this->putJson("/coats/{$coat->id}", ['coat' => [], 'studio' => ['temperature_c' => '18'], 'read' => $read])->assertStatus(409);
    }

    public function test_what_changed_nothing_is_no_version(): void
    {
        $coat = Coat::query()->where('key', 'autumn-flood')->firstOrFail();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['size_by' => ['thickness_mm' => '1.6']]])->assertOk()->assertJsonPath('read.coat', $coat->version);
    }

    public function test_a_piece_a_sheet_a_vessel_a_label_and_the_evening_are_guarded_too(): void
    {
        $piece = Piece::query()->where('key', 'autumn')->firstOrFail();
        $resin = Resin::query()->where('key', 'bench')->firstOrFail();
        $cup = Supply::onShelf(SupplyKind::Vessel)->firstOrFail();
        $lot = Lot::query()->where('name', 'E-31')->firstOrFail();
        $evening = $this->get('/plans/1/evening')->viewData('page')['props'];
        foreach ([
            ["/pieces/{$piece->id}", ['name' => 'One'], ['name' => 'Two'], ['piece' => $piece->version]],
            ["/shelf/resins/{$resin->id}", ['name' => 'Bench Coat 2:1', 'open_min' => '40'], ['name' => 'Bench Coat 2:1', 'open_min' => '50'], ['resin' => $resin->version]],
            ["/shelf/supplies/{$cup->id}", ['name' => 'One'], ['name' => 'Two'], ['supply' => $cup->version]],
            ["/shelf/lots/{$lot->id}", ['name' => 'One'], ['name' => 'Two'], ['lot' => $lot->version]],
            ['/plans/1/evening', ['batches' => []], ['batches' => $evening['batches']], $evening['read']],
        ] as [$url, $first, $second, $read]) {
            self::assertContains($this->putJson($url, [...$first, 'read' => $read])->status(), [200, 302], $url);
            self::assertSame('stale', $this->putJson($url, [...$second, 'read' => $read])->assertStatus(409)->json('code'), $url);
        }
        self::assertSame(['One', 40, 'One', 'One'], [$piece->refresh()->name(), $resin->refresh()->sheet->value('open_min'), $cup->refresh()->name(), $lot->refresh()->name]);
    }

    public function test_a_form_is_told_so_at_its_foot_and_keeps_what_was_typed(): void
    {
        $piece = Piece::query()->where('key', 'autumn')->firstOrFail();
        $this->sendForm('PUT', "/pieces/{$piece->id}", ['name' => 'One', 'read' => ['piece' => $piece->version]])->assertRedirect();
        $this->sendForm('PUT', "/pieces/{$piece->id}", ['name' => 'Two', 'read' => ['piece' => $piece->version]])
            ->assertRedirect('/pieces')->assertSessionHasErrors(['form', 'stale' => (string) ($piece->version + 1)]);
    }

    public function test_the_name_in_the_file_is_not_set_by_a_change(): void
    {
        $coat = Coat::query()->where('key', 'autumn-flood')->firstOrFail();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['id' => 'winter-flood', 'piece' => 'winter']])->assertOk();
        $this->putJson("/pieces/{$coat->piece_id}", ['id' => 'winter', 'name' => 'Autumn sky'])->assertRedirect();
        self::assertSame(['autumn-flood', 'autumn'], [$coat->refresh()->spec->value('id'), $coat->piece->spec->value('id')]);
    }

    public function test_moves_at_once_are_all_made(): void
    {
        $batches = $this->get('/plans/1/evening')->viewData('page')['props']['batches'];
        $from = collect($batches)->first(fn ($batch): bool => in_array('pendants-dome', $batch->coats, true))->id;
        foreach ([10, 12] as $count) {
            $this->postJson('/plans/1/evening/move', ['coat' => 'pendants-dome', 'from' => $from, 'to' => null, 'count' => $count])->assertOk();
        }
        $counts = collect($this->get('/plans/1/evening')->viewData('page')['props']['batches'])->map(fn ($batch): ?int => $batch->counts->{'pendants-dome'} ?? null)->filter()->sort()->values()->all();
        self::assertSame(60, array_sum($counts));
        self::assertSame([10, 12], array_values(array_intersect($counts, [10, 12])));
    }
}
