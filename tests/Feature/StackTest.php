<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Pour;
use App\Models\Template;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** The stack of coats of a piece through the front door. */
final class StackTest extends TestCase
{
    public function test_a_new_coat_lies_on_top_and_ends_as_the_one_below(): void
    {
        $coat = $this->autumnSky();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['containment' => 'held']])->assertOk();
        $this->postJson("/pieces/{$coat->piece_id}/coats", ['kind' => 'top'])->assertRedirect();
        $top = Coat::query()->latest('id')->firstOrFail();
        self::assertSame(['held', 'top'], [$top->spec->value('containment'), $top->kind()]);
        $this->get("/coats/{$top->id}")->assertInertia(fn (AssertableInertia $page) => $page
            ->where('answer.coat.volume_ml.soak', 0)
            ->where('answer.stack', fn ($stack): bool => collect($stack)->pluck('kind')->all() === ['flood', 'top'] && abs($stack[1]['below_mm'] - 1.6) < 1e-9));
    }

    public function test_what_a_coat_is_for_must_be_known(): void
    {
        $coat = $this->autumnSky();
        $this->sendForm('POST', "/pieces/{$coat->piece_id}/coats", ['kind' => 'varnish'])->assertSessionHasErrors(['form' => 'Choose what the coat is for.']);
    }

    public function test_moving_doubling_taking_away_and_bringing_back(): void
    {
        $flood = $this->autumnSky();
        $this->postJson("/pieces/{$flood->piece_id}/coats", ['kind' => 'top']);
        $top = Coat::query()->latest('id')->firstOrFail();
        $this->postJson("/coats/{$top->id}/move", ['by' => -1]);
        self::assertSame(['top', 'flood'], $this->kinds());
        $this->postJson("/coats/{$top->id}/move", ['by' => -5]);
        self::assertSame(['top', 'flood'], $this->kinds(), 'there is no place below the lowest');
        $this->get("/coats/{$top->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('answer.coat.volume_ml.soak', fn (float $ml): bool => $ml > 0));
        $this->postJson("/coats/{$top->id}/double");
        self::assertSame(['top', 'top', 'flood'], $this->kinds());
        $this->deleteJson("/coats/{$top->id}")->assertSessionHas('undo', "/coats/{$top->id}/restore");
        self::assertSame(['top', 'flood'], $this->kinds());
        $this->postJson("/coats/{$top->id}/restore");
        self::assertSame(['top', 'top', 'flood'], $this->kinds());
    }

    public function test_the_only_coat_stays(): void
    {
        $coat = $this->autumnSky();
        $this->sendForm('DELETE', "/coats/{$coat->id}", [])->assertSessionHasErrors('form');
        self::assertSame(['flood'], $this->kinds());
    }

    public function test_a_stack_is_kept_and_laid_on_another_piece_with_its_own_amounts(): void
    {
        $flood = $this->autumnSky();
        $this->putJson("/coats/{$flood->id}", ['coat' => ['steps' => [['step' => 'clean', 'state' => 'done']], 'inclusions' => [['name' => 'gear', 'size_mm' => '10 × 2']], 'mood' => 'calm']])->assertOk();
        $this->postJson("/pieces/{$flood->piece_id}/coats", ['kind' => 'top']);
        $this->from('/')->postJson("/pieces/{$flood->piece_id}/templates", ['name' => 'Our canvases'])->assertSessionHas('said');
        $this->postJson('/pieces', ['name' => 'Small', 'outline' => ['shape' => 'rectangle', 'width_mm' => '100', 'height_mm' => '100'], 'surface' => 'sealed']);
        $small = $this->piece();
        $this->postJson("/pieces/{$small->id}/templates/".Template::query()->value('id'))->assertRedirect();
        $undo = session('undo');
        self::assertSame(['flood', 'top'], $this->kinds());
        $laid = $small->coats()->firstOrFail();
        self::assertFalse($laid->spec->has('steps'));
        self::assertFalse($laid->spec->has('inclusions'));
        self::assertSame('calm', $laid->spec->value('mood'), 'what nobody here knows goes along');
        $this->get("/coats/{$laid->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('answer.coat.volume_ml.film', 16));
        $laid = $small->coats()->pluck('id')->all();
        self::assertIsString($undo);
        $this->postJson($undo)->assertRedirect();
        self::assertNotEquals($laid, $small->coats()->pluck('id')->all(), 'the coats that were there before are back');
        $this->sendForm('POST', "/pieces/{$flood->piece_id}/stack/restore?coats=".$laid[0], [])->assertSessionHasErrors('form');
        $this->sendForm('POST', "/pieces/{$small->id}/templates", ['name' => ' '])->assertSessionHasErrors('name');
    }

    public function test_the_same_again_has_its_own_coats(): void
    {
        $flood = $this->autumnSky();
        $this->postJson("/pieces/{$flood->piece_id}/again")->assertRedirect();
        $again = $this->piece();
        self::assertSame('Autumn sky, again', $again->name());
        self::assertCount(1, $again->coats()->get());
        self::assertSame($again->key, $again->coats()->firstOrFail()->spec->value('piece'));
    }

    public function test_a_coat_above_that_cannot_be_computed_does_not_stand_in_the_way(): void
    {
        $flood = $this->autumnSky();
        $this->postJson("/pieces/{$flood->piece_id}/coats", ['kind' => 'top']);
        $top = Coat::query()->latest('id')->firstOrFail();
        $spec = $top->spec;
        $spec = $spec->with('size_by', ['ml_per_piece' => 1, 'counted' => 'mixed']);
        $top->update(['spec' => $spec]);
        $this->get("/coats/{$flood->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('sentences', null)->has('answer.stack', 1));
        $this->get("/coats/{$top->id}")->assertInertia(fn (AssertableInertia $page) => $page->where('answer', null)->has('sentences', 1));
    }

    public function test_a_piece_that_is_filled_begins_with_what_fills_it(): void
    {
        $this->postJson('/pieces', ['name' => 'Bezel', 'kind' => 'bezel', 'outline' => null, 'measure' => ['water_g' => '12.5'], 'surface' => 'metal', 'coated_edges' => 'none'])->assertRedirect();
        $this->get('/coats/'.$this->piece()->coats()->value('id'))->assertInertia(fn (AssertableInertia $page) => $page
            ->where('answer.coat.volume_ml.film', 12.5)->where('answer.coat.thickness_mm', null));
    }

    public function test_a_template_on_paper_is_the_outline_a_little_smaller(): void
    {
        $this->postJson('/pieces', ['name' => 'Lid', 'outline' => ['shape' => 'circle', 'diameter_mm' => '60'], 'surface' => 'metal', 'measure' => ['water_g' => 9]])->assertRedirect();
        $piece = $this->piece();
        $this->get("/pieces/{$piece->id}/template?less=1")->assertInertia(fn (AssertableInertia $page) => $page->component('Template', false)->where('less_mm', 1)->where('sentence', null)->where('d', fn (string $d): bool => str_starts_with($d, 'M')));
        $this->get("/pieces/{$piece->id}/template?less=much")->assertInertia(fn (AssertableInertia $page) => $page->where('sentence', fn (string $text): bool => str_contains($text, '"much"')));
        $this->get("/pieces/{$piece->id}/template?less=40")->assertInertia(fn (AssertableInertia $page) => $page->where('sentence', fn (?string $text): bool => $text !== null));
        $this->postJson('/pieces', ['name' => 'Stones', 'outline' => null, 'measure' => ['ellipsoid_mm' => '6 cm × 45 × 30'], 'surface' => 'slate', 'coated_edges' => 'none'])->assertRedirect();
        $this->get("/pieces/{$this->piece()->id}/template")->assertNotFound();
    }

    public function test_it_says_at_the_pour_whether_the_film_below_is_ready(): void
    {
        $flood = $this->autumnSky();
        $this->postJson("/pieces/{$flood->piece_id}/coats", ['kind' => 'top']);
        $top = Coat::query()->latest('id')->firstOrFail();
        $said = fn (): ?string => $this->get("/coats/{$top->id}/mix")->assertOk()->inertiaProps('next_now.0.code');
        self::assertNull($said(), 'nothing is poured yet');
        $this->post("/coats/{$flood->id}/pours", ['studio' => []]);
        $pour = Pour::query()->firstOrFail();
        $this->press($pour->id, 'poured');
        foreach ([1 => 'recoat_too_soon', 6 => null, 20 => 'recoat_window_missed', 30 => 'sand_first'] as $hours => $code) {
            $this->travelTo($pour->started_at->addHours($hours));
            self::assertSame($code, $said(), "after $hours h");
            self::assertSame(['id' => $flood->id], ['id' => (int) array_key_first($this->get("/coats/{$flood->id}")->inertiaProps('phases'))]);
        }
    }

    /** @return list<string> the kinds of the last piece's coats, from the lowest on */
    private function kinds(): array
    {
        return array_values(Piece::query()->latest('id')->firstOrFail()->coats()->get()->map(fn (Coat $coat): string => $coat->kind())->all());
    }
}
