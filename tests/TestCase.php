<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Coat;
use App\Models\Piece;
use Database\Seeders\ShelfSeeder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\PressesThings;
use Tests\Support\SeededStudio;

/** A studio with its shelf and nothing else, in memory. */
abstract class TestCase extends FrameworkTestCase
{
    use PressesThings;
    use RefreshDatabase;

    protected string $studio = ShelfSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        config(['inertia.testing.ensure_pages_exist' => false]);
        Storage::fake();
        SeededStudio::load($this->studio, fn () => $this->seed($this->studio));
    }

    /** What a page sends when a canvas is taken in. */
    protected const AUTUMN_SKY = [
        'name' => 'Autumn sky', 'kind' => 'canvas',
        'outline' => ['shape' => 'rectangle', 'width_mm' => '62 cm', 'height_mm' => '410', 'diameter_mm' => null],
        'edge_depth_mm' => '36', 'coated_edges' => 'all', 'surface' => 'primed_canvas', 'quantity' => '1',
    ];

    /** The example's flood coat on its canvas, taken in through the front door. */
    protected function autumnSky(): Coat
    {
        $this->postJson('/pieces', self::AUTUMN_SKY)->assertRedirect();
        $coat = Coat::query()->latest('id')->firstOrFail();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['edge_film_mm' => '0.25', 'runoff_pct' => '10', 'cups' => '1', 'residue_ml_per_cup' => '3']])->assertOk();

        return $coat->refresh();
    }

    protected function piece(): Piece
    {
        return Piece::query()->latest('id')->firstOrFail();
    }

    /**
     * Sends a form as its page does, and hears the sentences at its fields.
     *
     * @param  array<string, mixed>  $body
     */
    protected function sendForm(string $method, string $url, array $body): TestResponse
    {
        return $this->from('/pieces')->json($method, $url, $body, ['X-Inertia' => 'true']);
    }
}
