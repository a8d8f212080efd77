<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Plan;
use App\Models\Pour;
use App\Models\Resin;
use App\Models\Supply;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** Somebody's first evening: a shelf and nothing else, one bottle, or not even that. */
final class EmptyStudioTest extends TestCase
{
    private const PAGES = ['/', '/now/pours', '/pieces', '/pieces?away=1', '/pieces/new', '/plans/1/evening', '/plans/1/evening/sheet', '/shelf', '/studio', '/swatches', '/plans/1/file', '/journal/file'];

    public function test_every_page_opens_where_nothing_was_taken_in(): void
    {
        foreach (self::PAGES as $page) {
            $this->get($page)->assertOk();
        }
        $this->get('/')->assertInertia(fn (AssertableInertia $page) => $page->where('pieces', 0)->where('waiting', [])->where('pours', [])->where('cups', []));
        $this->get('/evening')->assertRedirect('/plans/1/evening');
    }

    public function test_every_page_opens_where_nothing_stands_on_the_shelf_either(): void
    {
        $this->emptyTheShelf();
        foreach (self::PAGES as $page) {
            $this->get($page)->assertOk();
        }
    }

    public function test_a_piece_is_taken_in_before_there_is_a_bottle_or_it_is_said_what_is_missing(): void
    {
        $this->emptyTheShelf();
        $answer = $this->sendForm('POST', '/pieces', self::AUTUMN_SKY);
        $answer->assertSessionHasErrors();
        self::assertStringContainsString('shelf', strtolower((string) session('errors')?->first()));
        self::assertSame(0, Piece::query()->count(), 'nothing half made stays');
    }

    public function test_one_bottle_is_enough_for_a_first_pour(): void
    {
        $this->emptyTheShelf();
        $this->postJson('/shelf/resins', [
            'name' => 'The only one', 'ratio' => ['a' => '3', 'b' => '1', 'by' => 'volume'], 'open_min' => '40 min',
        ])->assertRedirect('/pieces/new');
        $coat = $this->autumnSky();
        self::assertSame('the-only-one', $coat->resin->key);
        $page = $this->get("/coats/{$coat->id}")->assertOk()->viewData('page')['props'];
        self::assertGreaterThan(400, $page['answer']['coat']['volume_ml']['total']);
        self::assertEqualsWithDelta(3, $page['answer']['coat']['mix']['a_ml'] / $page['answer']['coat']['mix']['b_ml'], 1e-9);
        self::assertEqualsWithDelta(6.186, $page['answer']['weighed_off_pct'], 1e-3, 'its densities are typical ones');
        $proposed = $this->postJson('/plans/1/evening/propose', ['coats' => [$coat->key]])->assertOk();
        self::assertSame('cups', $proposed->json('batches.0.spec.measure.by') ?? $proposed->json('batches.0.measure.by'));
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => []])->assertRedirect();
        $pour = Pour::query()->sole();
        $this->travel(5)->minutes();
        $state = $this->press($pour->id, 'poured');
        self::assertEqualsWithDelta(32 * 40 * 60_000, $state['handle_at'] - $state['poured_at'], 0.3 * 32 * 40 * 60_000, 'typical of such a resin');
        self::assertContains('typical_times', array_column($page['answer']['advice'], 'code'));
        self::assertCount(1, $this->getJson('/now/pours')->json('pours'));
        $this->press($pour->id, 'taken_off');
        self::assertCount(0, $this->getJson('/now/pours')->json('pours'));
    }

    public function test_the_first_coat_takes_the_resin_that_was_just_written_down(): void
    {
        $this->autumnSky();
        $this->travel(1)->minutes();
        $this->postJson('/shelf/resins', ['name' => 'Just bought', 'ratio' => ['a' => '1', 'b' => '1', 'by' => 'volume'], 'open_min' => '40'])->assertRedirectContains('/shelf?resin=');
        $this->travel(1)->minutes();
        $this->sendForm('POST', '/pieces', [...self::AUTUMN_SKY, 'name' => 'Second sky'])->assertRedirect();
        self::assertSame('just-bought', Coat::query()->latest('id')->firstOrFail()->resin->key);
        $this->travel(1)->minutes();
        $this->sendForm('POST', '/pieces', [...self::AUTUMN_SKY, 'name' => 'Third sky'])->assertRedirect();
        self::assertSame('bench', Coat::query()->latest('id')->firstOrFail()->resin->key);
    }

    public function test_an_evening_is_proposed_without_a_vessel_a_colour_or_a_lot(): void
    {
        Supply::query()->forceDelete();
        DB::table('lots')->delete();
        $coat = $this->autumnSky();
        $answer = $this->postJson('/plans/1/evening/propose', ['coats' => [$coat->key]])->assertOk();
        self::assertCount(1, $answer->json('batches'));
        $this->putJson('/plans/1/evening', ['batches' => $answer->json('batches')])->assertOk();
        $this->get('/plans/1/batches/batch-1')->assertOk();
        $this->post('/plans/1/batches/batch-1/mixings')->assertRedirect();
    }

    public function test_the_last_piece_goes_and_leaves_an_empty_studio_that_works(): void
    {
        $coat = $this->autumnSky();
        $this->putJson('/plans/1/evening', ['batches' => $this->postJson('/plans/1/evening/propose', ['coats' => [$coat->key]])->json('batches')])->assertOk();
        $this->delete("/pieces/{$coat->piece_id}")->assertRedirect();
        foreach (self::PAGES as $page) {
            $this->get($page)->assertOk();
        }
        $this->get("/coats/{$coat->id}")->assertNotFound();
        $this->getJson("/coats/{$coat->id}")->assertNotFound();
        self::assertSame(0, Piece::query()->count());
        self::assertSame(1, Coat::query()->count() + Coat::onlyTrashed()->count());
        $this->post("/pieces/{$coat->piece_id}/restore")->assertRedirect();
        $this->get("/coats/{$coat->id}")->assertOk();
    }

    public function test_a_plan_that_was_brought_in_works_on_an_empty_shelf(): void
    {
        $this->emptyTheShelf();
        $file = (string) file_get_contents(base_path('docs/examples/autumn-sky.json'));
        $this->post('/plans', ['file' => UploadedFile::fake()->createWithContent('autumn-sky.json', $file)])->assertSessionHasNoErrors();
        $plan = Plan::query()->latest('id')->firstOrFail();
        self::assertNotSame(1, $plan->id);
        $coat = Coat::query()->where('plan_id', $plan->id)->firstOrFail();
        $this->get("/coats/{$coat->id}")->assertOk();
        $this->sendForm('POST', "/coats/{$coat->id}/pours", ['studio' => []])->assertRedirect();
        self::assertSame(1, Pour::query()->count());
    }

    private function emptyTheShelf(): void
    {
        DB::table('lots')->delete();
        Supply::query()->forceDelete();
        Resin::query()->forceDelete();
    }
}
