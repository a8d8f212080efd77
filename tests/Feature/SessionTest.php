<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Journal\ThisStudio;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Exceptions;
use Tests\TestCase;

/** What is kept in a browser's cookies, and that nothing is written for who only looks. */
final class SessionTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    public function test_cookies_are_named_by_their_studio(): void
    {
        $names = array_map(static fn ($cookie): string => $cookie->getName(), $this->get('/')->headers->getCookies());
        $short = substr(app(ThisStudio::class)->id(), 0, 8);
        self::assertContains("XSRF-TOKEN-$short", $names);
        self::assertContains("open-glaze-$short", $names);
    }

    public function test_nothing_is_written_for_who_only_looks(): void
    {
        $this->get('/shelf')->assertOk();
        DB::flushQueryLog();
        DB::enableQueryLog();
        foreach (['/', '/now/pours', '/pieces', '/plans/1/evening', '/shelf', '/studio', '/coats/6', '/pieces/3/history'] as $url) {
            $this->get($url)->assertOk();
        }
        self::assertSame([], array_values(array_filter(array_column(DB::getQueryLog(), 'query'), static fn (string $query): bool => preg_match('/^\s*(insert|update|delete|replace)/i', $query) === 1)));
    }

    public function test_many_refused_fields_fit_into_the_cookie_of_a_session(): void
    {
        $sheet = ['name' => str_repeat('long ', 200), 'label_words' => []];
        foreach (['open_min', 'pot_life_min', 'recoat_from_h', 'recoat_to_h', 'sand_from_h', 'handle_h', 'full_cure_h', 'max_pour_mm', 'mix_min', 'viscosity_pa_s', 'density_a_g_ml', 'density_b_g_ml'] as $field) {
            $sheet[$field] = 'far too much '.str_repeat('x', 200);
        }
        $this->sendForm('POST', '/shelf/resins', $sheet)->assertSessionHasErrors();
        self::assertLessThan(2500, strlen(serialize(session('errors'))));
    }

    public function test_a_studio_that_cannot_be_written_to_says_so_and_its_clocks_can_still_be_read(): void
    {
        DB::statement('PRAGMA query_only = ON');
        try {
            $this->get('/')->assertOk();
            $this->getJson('/now/pours')->assertOk();
            $this->putJson('/studio', ['name' => 'Another', 'studio' => []])->assertStatus(503)->assertJsonPath('code', 'read_only')
                ->assertJsonPath('sentences.form', 'The studio file cannot be written to. Check who may write it, then do that again; running clocks go on.');
        } finally {
            DB::statement('PRAGMA query_only = OFF');
        }
    }

    public function test_what_cannot_be_shown_is_an_error_in_the_log_and_never_a_blank_page(): void
    {
        DB::table('pours')->whereNull('written_at')->update(['title' => DB::raw("cast(x'ff41' as text)")]);
        Exceptions::fake();
        foreach ([$this->get('/'), $this->getJson('/now/pours')] as $answer) {
            self::assertSame(500, $answer->status());
            self::assertStringContainsString('Something went wrong here', (string) $answer->getContent());
        }
        Exceptions::assertReportedCount(2);
    }
}
