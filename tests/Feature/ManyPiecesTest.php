<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Mixing\Choices;
use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Planning\PlanImporter;
use App\Saying\Person;
use Bench\Plans;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use OpenGlaze\Core\Quantity\UnitSystem;
use Tests\TestCase;

/** Hundreds of pieces, plans that come and go, and what was taken away. */
final class ManyPiecesTest extends TestCase
{
    protected string $studio = DatabaseSeeder::class;

    public function test_a_piece_with_wet_resin_on_it_is_not_taken_away_with_one_press(): void
    {
        $piece = Piece::query()->where('key', 'autumn')->firstOrFail();
        $this->sendForm('DELETE', "/pieces/{$piece->id}", [])->assertSessionHasErrors(['away' => (string) $piece->id, 'away_until']);
        self::assertNotSoftDeleted($piece);
        self::assertGreaterThan(now()->valueOf(), (int) session('errors')?->first('away_until'));
        $this->sendForm('DELETE', "/pieces/{$piece->id}", ['all_the_same' => true])->assertSessionHasNoErrors();
        self::assertSoftDeleted($piece);
        self::assertContains('Autumn sky', array_column($this->getJson('/now/pours')->json('pours'), 'title'), 'its film stays in sight');
        $this->sendForm('DELETE', '/pieces/'.Piece::query()->where('key', 'comet')->firstOrFail()->id, [])->assertSessionHasNoErrors();
    }

    public function test_what_was_taken_away_is_found_and_brought_back_weeks_later(): void
    {
        $piece = Piece::query()->where('key', 'comet')->firstOrFail();
        $this->delete("/pieces/{$piece->id}");
        $this->travel(5)->weeks();
        $this->get('/pieces')->assertInertia(fn (AssertableInertia $page) => $page->where('away_count', 1)->where('plans.0.pieces', fn ($pieces): bool => ! collect($pieces)->contains('id', $piece->id)));
        $this->get('/pieces?away=1')->assertInertia(fn (AssertableInertia $page) => $page->where('plans.0.pieces.0.id', $piece->id)->where('plans.0.count', 1));
        $this->post("/pieces/{$piece->id}/restore")->assertRedirect('/pieces');
        $this->get('/pieces?away=1')->assertInertia(fn (AssertableInertia $page) => $page->where('plans.0.count', 0));
    }

    public function test_hundreds_of_pieces_come_page_by_page_and_are_found_by_name(): void
    {
        $plan = $this->large(130);
        DB::enableQueryLog();
        $this->get('/pieces')->assertOk()->assertInertia(fn (AssertableInertia $page) => $page->where('plans.1.count', 130)->has('plans.1.pieces', 60)->where('plans.1.pages', 3));
        self::assertLessThanOrEqual(20, count(DB::getQueryLog()));
        $this->get("/pieces?plan={$plan->id}&page=3")->assertInertia(fn (AssertableInertia $page) => $page->has('plans', 1)->has('plans.0.pieces', 10));
        Piece::query()->where('plan_id', $plan->id)->where('key', 'piece-77')->firstOrFail()->update(['spec' => Piece::query()->where('plan_id', $plan->id)->firstOrFail()->spec->called('piece-77', '100 % Fox_glove')]);
        foreach (['fox_g' => 1, '100 %' => 1, 'Foxxglove' => 0, 'autumn' => 130] as $find => $count) {
            $found = array_sum(array_column($this->get('/pieces?find='.urlencode($find))->viewData('page')['props']['plans'], 'count'));
            self::assertSame($count, (int) $found, $find);
        }
    }

    public function test_an_evening_and_the_shelf_ask_few_questions_whatever_is_planned(): void
    {
        $this->large(60);
        $this->get('/shelf')->assertOk();
        foreach (['/', '/plans/1/evening', '/plans/1/evening/sheet', '/shelf', '/pieces', '/coats/6', '/coats/6/mix', '/plans/1/batches/batch-1'] as $url) {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get($url)->assertOk();
            self::assertLessThanOrEqual(20, count(DB::getQueryLog()), $url);
        }
    }

    public function test_the_log_of_a_piece_is_read_page_by_page(): void
    {
        $coat = $this->autumnSky();
        for ($times = 0; $times < 22; $times++) {
            $this->post("/coats/{$coat->id}/pours", ['studio' => []])->assertRedirect();
            $this->press(Pour::query()->latest('rowid')->firstOrFail()->id, 'poured');
            $this->travel(2)->days();
        }
        $this->get("/pieces/{$coat->piece_id}/history")->assertInertia(fn (AssertableInertia $page) => $page->has('pours', 20)->where('pages', 2));
        $this->get("/pieces/{$coat->piece_id}/history?page=2")->assertInertia(fn (AssertableInertia $page) => $page->has('pours', 2));
    }

    public function test_the_next_pour_of_a_piece_is_its_next_coat(): void
    {
        $piece = Piece::query()->where('key', 'prints')->firstOrFail();
        $next = Coat::query()->where('key', 'prints-flood')->firstOrFail();
        $this->get("/pieces/{$piece->id}/history")->assertInertia(fn (AssertableInertia $page) => $page->where('piece.next_coat_id', $next->id));
    }

    public function test_pieces_of_one_name_are_told_apart_by_their_numbers_when_the_evening_is_chosen(): void
    {
        $this->postJson('/pieces', [...self::AUTUMN_SKY, 'name' => 'Serving trays'])->assertRedirect();
        $ids = Piece::query()->get()->filter(fn (Piece $piece): bool => $piece->name() === 'Serving trays')->pluck('id')->all();
        self::assertCount(2, $ids);
        $names = array_column(app(Choices::class)->of(now()->toImmutable(), new Person(UnitSystem::Metric)), 'piece');
        foreach ($ids as $id) {
            self::assertContains("Serving trays ($id)", $names);
        }
        self::assertContains('Star charts', $names, 'whose name is its own');
    }

    public function test_the_same_file_twice_is_noticed_and_taken_all_the_same_when_asked(): void
    {
        $file = fn (): UploadedFile => UploadedFile::fake()->createWithContent('sky.json', (string) file_get_contents(base_path('docs/examples/autumn-sky.json')));
        $this->post('/plans', ['file' => $file()])->assertSessionHasNoErrors();
        $this->post('/plans', ['file' => $file()])->assertSessionHasErrors(['known' => '1', 'file' => 'This very file was brought in before, as sky. Nothing was read.']);
        self::assertSame(2, Plan::query()->count());
        $this->post('/plans', ['file' => $file(), 'again' => '1'])->assertSessionHasNoErrors();
        self::assertSame(3, Plan::query()->count());
    }

    public function test_a_plan_is_put_away_brought_back_and_removed(): void
    {
        $plan = app(PlanImporter::class)->import((string) file_get_contents(base_path('docs/examples/autumn-sky.json')), 'Sky');
        $coat = $plan->coats()->firstOrFail();
        $this->post("/coats/{$coat->id}/pours", ['studio' => []])->assertRedirect();
        $pour = Pour::query()->latest('rowid')->firstOrFail();
        $this->press($pour->id, 'poured');
        $this->sendForm('DELETE', "/plans/{$plan->id}", [])->assertSessionHasErrors(['form' => 'Put Sky away first; what is put away can be removed.']);
        $this->post("/plans/{$plan->id}/away")->assertSessionHas('undo', "/plans/{$plan->id}/back");
        $this->get('/pieces')->assertInertia(fn (AssertableInertia $page) => $page->has('plans', 1));
        $this->sendForm('DELETE', "/plans/{$plan->id}", [])->assertSessionHasErrors('form');
        $this->travel(3)->days();
        $this->post("/plans/{$plan->id}/back");
        $this->get('/pieces')->assertInertia(fn (AssertableInertia $page) => $page->has('plans', 2));
        $this->post("/plans/{$plan->id}/away");
        $this->sendForm('DELETE', "/plans/{$plan->id}", [])->assertSessionHasNoErrors();
        self::assertNull(Plan::query()->find($plan->id));
        self::assertSame([null, null], [$pour->refresh()->piece_id, $pour->coat_id]);
        $this->get("/pours/{$pour->id}")->assertOk();
        $this->sendForm('POST', '/plans/1/away', [])->assertSessionHasErrors(['form' => "The studio's own plan stays."]);
    }

    private function large(int $pieces): Plan
    {
        return app(PlanImporter::class)->import(Plans::large((string) file_get_contents(base_path('docs/examples/autumn-sky.json')), $pieces), 'Large');
    }
}
