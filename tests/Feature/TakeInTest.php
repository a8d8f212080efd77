<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class TakeInTest extends TestCase
{
    public function test_a_piece_is_taken_in_with_its_first_coat(): void
    {
        $response = $this->postJson('/pieces', self::AUTUMN_SKY);
        $coat = Coat::query()->sole();
        $response->assertRedirect("/coats/{$coat->id}");
        self::assertSame('autumn-sky', $this->piece()->key);
        self::assertSame(620, $this->piece()->spec->value('outline.width_mm'));
        self::assertFalse($this->piece()->spec->at('outline')->has('diameter_mm'));
        self::assertSame('flood', $coat->kind());
    }

    public function test_two_pieces_of_one_name_keep_apart(): void
    {
        $this->postJson('/pieces', self::AUTUMN_SKY);
        $this->postJson('/pieces', self::AUTUMN_SKY);
        self::assertSame(['autumn-sky', 'autumn-sky-2'], Piece::query()->pluck('key')->all());
    }

    public function test_ovals_rings_and_round_corners_are_taken_in(): void
    {
        foreach ([
            [['shape' => 'ellipse', 'width_mm' => '38 cm', 'height_mm' => '240'], 716.283],
            [['shape' => 'ring', 'diameter_mm' => '30 cm', 'inner_mm' => '10 cm'], 628.319],
            [['shape' => 'rectangle', 'width_mm' => '98', 'height_mm' => '98', 'radius_mm' => '14'], 94.358],
        ] as [$outline, $cm2]) {
            self::assertEqualsWithDelta($cm2, $this->postJson('/pieces/live', [...self::AUTUMN_SKY, 'outline' => $outline])->assertOk()->json('piece.area_cm2'), 0.001);
            $this->postJson('/pieces', [...self::AUTUMN_SKY, 'outline' => $outline])->assertRedirect();
            self::assertSame($outline['shape'], $this->piece()->spec->value('outline.shape'));
            $this->get('/pieces/'.$this->piece()->id)->assertOk();
        }
        $this->sendForm('POST', '/pieces', [...self::AUTUMN_SKY, 'outline' => ['shape' => 'ring', 'diameter_mm' => '10 cm', 'inner_mm' => '10 cm']])
            ->assertSessionHasErrors('outline.inner_mm');
        $this->sendForm('POST', '/pieces', [...self::AUTUMN_SKY, 'outline' => ['shape' => 'rectangle', 'width_mm' => '10 cm', 'height_mm' => '10 cm', 'radius_mm' => '6 cm']])
            ->assertSessionHasErrors('outline');
    }

    public function test_inches_are_inches_for_who_reads_them(): void
    {
        $this->withUnencryptedCookie('units', 'imperial')
            ->postJson('/pieces', [...self::AUTUMN_SKY, 'outline' => ['shape' => 'rectangle', 'width_mm' => "2' 6\"", 'height_mm' => '16 1/2'], 'edge_depth_mm' => '3/8']);
        self::assertSame(762, $this->piece()->spec->value('outline.width_mm'));
        self::assertSame(419.1, $this->piece()->spec->value('outline.height_mm'));
        self::assertSame(9.525, $this->piece()->spec->value('edge_depth_mm'));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        $outline = static fn (mixed $width): array => ['outline' => ['shape' => 'rectangle', 'width_mm' => $width, 'height_mm' => '41 cm']];
        yield from [
            'zero' => [$outline('0'), 'outline.width_mm', 'from 0.1 to 10,000 mm'],
            'negative' => [$outline('-4 cm'), 'outline.width_mm', '-40 is out of range'],
            'words' => [$outline('abc'), 'outline.width_mm', '"abc" is not a length'],
            'an exponent' => [$outline('1e9'), 'outline.width_mm', 'is not a length'],
            'far too large' => [$outline('1000000000'), 'outline.width_mm', 'out of range'],
            'missing' => [$outline(''), 'outline.width_mm', 'missing'],
            'no number' => [$outline(['x']), 'outline.width_mm', 'Write a number'],
            'no name' => [['name' => ' '], 'name', 'Give the piece a name'],
            'a name like a book' => [['name' => str_repeat('a', 501)], 'name', 'at most 500 characters'],
            'an unknown surface' => [['surface' => 'cheese'], 'surface', '"cheese" is not known'],
            'half a piece' => [['quantity' => '1.5'], 'quantity', 'whole number'],
            'a side of a circle' => [['outline' => ['shape' => 'circle', 'diameter_mm' => '30 cm'], 'coated_edges' => ['top']], 'coated_edges', 'Only a rectangle'],
            'another shape' => [['outline' => ['shape' => 'star']], 'outline.shape', '"star" is not known'],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_said_at_its_field_and_nothing_is_saved(array $changes, string $field, string $sentence): void
    {
        $this->sendForm('POST', '/pieces', [...self::AUTUMN_SKY, ...$changes])->assertRedirect('/pieces');
        $errors = session('errors')?->getBag('default')->toArray();
        self::assertStringContainsString($sentence, $errors[$field][0] ?? 'nothing at '.$field.': '.json_encode($errors));
        self::assertSame(0, Piece::query()->count());
    }

    public function test_a_change_keeps_what_was_not_touched(): void
    {
        $coat = $this->autumnSky();
        $spec = $coat->piece->spec;
        $spec = $spec->with('paint', (object) ['layers' => 1.0, 'none' => (object) []]);
        $coat->piece->update(['spec' => $spec]);
        $this->putJson("/pieces/{$coat->piece_id}", ['outline' => ['shape' => 'circle', 'diameter_mm' => '90 cm', 'width_mm' => null, 'height_mm' => null]])->assertRedirect();
        $after = $this->piece()->spec;
        self::assertSame('{"layers":1.0,"none":{}}', \App\PlanFile\Json::line($after->at('paint')));
        self::assertSame('circle', $after->value('outline.shape'));
        self::assertFalse($after->value('outline')->has('width_mm'));
        self::assertSame(36, $after->value('edge_depth_mm'));
    }

    public function test_the_live_figures_save_nothing(): void
    {
        $this->postJson('/pieces/live', self::AUTUMN_SKY)
            ->assertOk()->assertJsonPath('piece.area_cm2', 2542)->assertJsonPath('drawing.width_mm', 620);
        $this->postJson('/pieces/live', [...self::AUTUMN_SKY, 'edge_depth_mm' => 'deep'])
            ->assertStatus(422)->assertJsonPath('sentences.edge_depth_mm', '"deep" is not a length. Write it as 40 cm, 16 in, 2\' 6" or 3/8.');
        $this->postJson('/pieces/live/trace/area_cm2', self::AUTUMN_SKY)->assertOk()->assertJsonPath('result', 2542);
        self::assertSame(0, Piece::query()->count());
    }

    public function test_a_piece_that_was_taken_away_comes_back(): void
    {
        $coat = $this->autumnSky();
        $this->delete("/pieces/{$coat->piece_id}")->assertRedirect('/pieces')->assertSessionHas('undo', "/pieces/{$coat->piece_id}/restore");
        self::assertSame(0, Piece::query()->count());
        $this->post("/pieces/{$coat->piece_id}/restore")->assertRedirect('/pieces');
        self::assertSame(1, Piece::query()->count());
        $this->get("/coats/{$coat->id}")->assertOk();
    }

    public function test_what_is_no_json_is_refused_with_a_sentence(): void
    {
        $this->call('POST', '/pieces/live', server: ['HTTP_ACCEPT' => 'application/json'], content: '{"outline": NaN}')
            ->assertStatus(422)->assertJsonPath('sentences.form', 'The page sent something that cannot be read. Reload it and try again.');
    }
}
