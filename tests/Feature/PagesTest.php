<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Route;
use Inertia\Testing\AssertableInertia;
use RuntimeException;
use Tests\TestCase;

/** Every page with the demo studio, and what happens where there is none. */
final class PagesTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    public function test_every_page_opens(): void
    {
        $pour = Pour::query()->latest('started_at')->firstOrFail()->id;
        foreach ([
            '/' => 'Now', '/pieces' => 'Pieces', '/pieces/new' => 'TakeIn', $this->pieceAt('autumn') => 'TakeIn', $this->pieceAt('autumn').'/history' => 'LookBack',
            $this->coatAt('autumn-flood') => 'Coat', $this->coatAt('comet-flood').'/mix' => 'MixSheet', "/pours/$pour" => 'Pour', "/pours/$pour/finish" => 'Finish',
            '/shelf' => 'Shelf', '/studio' => 'Studio', '/swatches' => 'Swatches',
        ] as $url => $view) {
            $this->get($url)->assertOk()->assertInertia(fn (AssertableInertia $page) => $page->component($view, false));
        }
    }

    public function test_the_demo_has_something_wet_something_in_its_window_and_a_past(): void
    {
        $this->get('/')->assertInertia(function (AssertableInertia $page): void {
            $pours = $page->toArray()['props']['pours'];
            $phases = array_map(fn (array $pour): string => collect($pour['phases'])->last(fn (array $span): bool => $span['from'] <= $pour['now'])['phase'], $pours);
            self::assertContains('wet', $phases);
            self::assertContains('window_open', $phases);
        });
        $this->get($this->pieceAt('winter').'/history')->assertInertia(fn (AssertableInertia $page) => $page->has('pours', 2)->where('pours.0.used.a_ml', fn (float $ml): bool => $ml > 100));
    }

    public function test_every_coat_of_the_commission_can_be_planned_and_none_is_stopped(): void
    {
        $coats = Coat::query()->get();
        self::assertCount(29, $coats);
        foreach ($coats as $coat) {
            $this->get("/coats/{$coat->id}")->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
                ->where('sentences', null)
                ->where('answer.coat.volume_ml.total', fn (float $ml): bool => $ml > 0)
                ->where('answer.stack', fn ($stack): bool => collect($stack)->contains('id', $coat->id) && ! collect($stack)->contains('stop', true)));
        }
    }

    public function test_the_next_coat_of_a_piece_waits_and_none_of_what_is_running(): void
    {
        $this->get('/')->assertInertia(function (AssertableInertia $page): void {
            $waiting = collect($page->toArray()['props']['waiting'])->pluck('coat_id', 'name');
            self::assertSame(Coat::query()->where('key', 'comet-base')->value('id'), $waiting['Comet over the ridge'] ?? null);
            self::assertArrayNotHasKey('Autumn sky', $waiting->all());
        });
    }

    public function test_the_demo_studios_canvas_is_the_check_case(): void
    {
        $this->get($this->coatAt('autumn-flood'))->assertInertia(fn (AssertableInertia $page) => $page->where('answer.coat.volume_ml.total', fn (float $ml): bool => abs($ml - 500.998) < 0.001));
    }

    public function test_an_address_that_leads_nowhere_says_so(): void
    {
        foreach (['/nowhere', '/coats/999', '/pours/999', '/photos/none.jpg', '/plans/999/file'] as $url) {
            $this->get($url)->assertNotFound()->assertInertia(fn (AssertableInertia $page) => $page->component('Problem', false)->has('studio_id')->has('units'));
        }
        $this->getJson('/pours/999/state')->assertNotFound()->assertJsonStructure(['sentences' => ['form']]);
    }

    public function test_what_breaks_inside_shows_no_trace_of_it(): void
    {
        Route::get('/break', fn () => throw new RuntimeException('secret detail'));
        $body = (string) $this->get('/break')->assertStatus(500)->getContent();
        self::assertStringNotContainsString('secret detail', $body);
        self::assertStringContainsString('was written to the log', $body);
    }

    public function test_the_studio_changes_its_name_and_room_or_says_why_not(): void
    {
        $this->putJson('/studio', ['name' => 'Night bench', 'studio' => ['temperature_c' => '19,5', 'margin_pct' => '']])->assertRedirect('/studio');
        self::assertSame('Night bench', Plan::own()->name);
        self::assertSame(19.5, Plan::own()->studio()->value('temperature_c'));
        self::assertFalse(Plan::own()->studio()->has('margin_pct'));
        $this->sendForm('PUT', '/studio', ['name' => '', 'studio' => []])->assertSessionHasErrors('name');
        $this->sendForm('PUT', '/studio', ['name' => 'Night bench', 'studio' => ['humidity_pct' => '120']])->assertSessionHasErrors('studio.humidity_pct');
        $this->sendForm('PUT', '/studio', ['name' => 'Night bench', 'studio' => ['temperature_c' => '']])->assertSessionHasErrors('studio.temperature_c');
        self::assertSame(19.5, Plan::own()->studio()->value('temperature_c'));
    }

    private function coatAt(string $key): string
    {
        return '/coats/'.Coat::query()->where('key', $key)->value('id');
    }

    private function pieceAt(string $key): string
    {
        return '/pieces/'.Piece::query()->where('key', $key)->value('id');
    }
}
