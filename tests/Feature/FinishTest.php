<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Pour;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\PoursCoats;
use Tests\Support\TurnedPhoto;
use Tests\TestCase;

/** What a pour is written down with: what it took, a note, a photo. */
final class FinishTest extends TestCase
{
    use PoursCoats;

    public function test_what_is_not_poured_is_not_written_down(): void
    {
        $pour = $this->started($this->autumnSky());
        $this->sendForm('POST', "/pours/{$pour->id}/finish", ['used_a' => '1', 'used_b' => '1'])->assertSessionHasErrors('form');
        self::assertNull($pour->refresh()->written_at);
    }

    public function test_what_it_took_is_kept_in_the_measure_it_was_weighed_in(): void
    {
        $pour = $this->poured();
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '399,0', 'used_b' => '171.5', 'how_a' => 'weighed', 'how_b' => 'weighed', 'note' => ' Even. ', 'tray_g' => '98 g'])->assertRedirect("/pieces/{$pour->piece_id}/history");
        $pour->refresh();
        self::assertEqualsWithDelta(399.0 / 1.14, $pour->used_a_ml, 1e-9);
        self::assertEqualsWithDelta(171.5 / 0.98, $pour->used_b_ml, 1e-9);
        self::assertSame(['Even.', 98.0, 'weighed'], [$pour->note, $pour->tray_g, $pour->used_a_how]);
        $at = $pour->written_at;
        $this->travel(1)->days();
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '', 'used_b' => '', 'how_a' => 'read', 'how_b' => 'weighed', 'note' => ''])->assertRedirect();
        self::assertEquals($at, $pour->refresh()->written_at);
        self::assertEqualsWithDelta(399.0 / 1.14, $pour->used_a_ml, 1e-9, 'an empty form does not wipe what was written');
        self::assertSame('Even.', $pour->note);
        $this->get("/pieces/{$pour->piece_id}/history")->assertOk();
    }

    public function test_a_cup_that_is_weighed_back_takes_what_is_left_in_it_off_what_it_took(): void
    {
        $pour = $this->poured();
        $taken = ['used_a' => '399', 'used_b' => '171.5', 'how_a' => 'weighed', 'how_b' => 'weighed'];
        $this->post("/pours/{$pour->id}/finish", $taken)->assertRedirect();
        $planned = fn (): array => (array) json_decode((string) json_encode($this->get("/pours/{$pour->id}/finish")->viewData('page')['props']['planned']), true);
        [$all, $density] = [$planned()['more_ml'], $planned()['planned']['total_g'] / $planned()['planned']['total_ml']];
        // sent again with what was left it is taken off once, and once only
        foreach ([1, 2] as $time) {
            $this->travel(1)->minutes();
            $this->post("/pours/{$pour->id}/finish", [...$taken, 'left_g' => '30 g'])->assertRedirect();
            self::assertEqualsWithDelta(30 / $density, $planned()['left_ml'], 1e-6);
            self::assertEqualsWithDelta($all - 30 / $density, $planned()['more_ml'], 1e-6, "time $time");
        }
        $before = $pour->refresh()->getAttributes();
        $this->artisan('glaze:rebuild')->assertSuccessful();
        self::assertSame($before, $pour->refresh()->getAttributes());
        self::assertSame(30.0, $pour->left_g);
        $this->get("/pieces/{$pour->piece_id}/history")->assertOk();
        $this->post("/pours/{$pour->id}/finish", ['left_g' => 'a little'])->assertSessionHasErrors(['left_g']);
    }

    public function test_what_was_planned_or_is_unknown_is_not_kept_as_measured(): void
    {
        $pour = $this->poured();
        $this->post("/pours/{$pour->id}/finish", ['how_a' => 'planned', 'how_b' => 'unknown'])->assertRedirect();
        $pour->refresh();
        self::assertSame(['planned', 'unknown', null], [$pour->used_a_how, $pour->used_b_how, $pour->used_b_ml]);
        self::assertEqualsWithDelta(333.999, $pour->used_a_ml, 0.01);
        $page = $this->get("/pours/{$pour->id}/finish")->viewData('page')['props']['planned'];
        self::assertNull($page['more_ml'], 'what it took in all is not known then');
        self::assertNull($page['off_pct']);
    }

    public function test_a_and_b_that_miss_the_ratio_are_spoken_of(): void
    {
        $pour = $this->poured();
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '334', 'used_b' => '140', 'how_a' => 'read', 'how_b' => 'read'])->assertRedirect();
        $planned = $this->get("/pours/{$pour->id}/finish")->viewData('page')['props']['planned'];
        self::assertEqualsWithDelta(100 * (334 / 140 / 2 - 1), $planned['off_pct'], 1e-9);
        self::assertGreaterThan($planned['tolerance_pct'], $planned['off_pct']);
    }

    public function test_amounts_that_cannot_be_are_said_at_their_field(): void
    {
        $pour = $this->poured();
        $this->post("/pours/{$pour->id}/finish", ['used_a' => 'a lot', 'used_b' => '-3', 'tray_g' => 'much'])->assertSessionHasErrors(['used_a', 'used_b', 'tray_g']);
        self::assertNull($pour->refresh()->written_at);
    }

    public function test_what_was_poured_in_stages_is_written_down_as_a_sum(): void
    {
        $pour = $this->poured();
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '120 + 80,5+40', 'used_b' => '60+60', 'how_a' => 'read', 'how_b' => 'read'])->assertSessionHasNoErrors();
        self::assertSame([240.5, 120.0], [$pour->refresh()->used_a_ml, $pour->used_b_ml]);
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '120 +', 'used_b' => '', 'how_a' => 'read'])->assertSessionHasErrors(['used_a']);
    }

    public function test_grams_of_a_part_whose_density_nobody_knows_are_not_taken_for_millilitres(): void
    {
        $pour = $this->poured();
        $facts = $pour->begun->facts;
        $pour->begun->update(['facts' => $facts->with('plan.resins.0.density_b_g_ml', null)->with('result.coat.mix.b_g', null)]);
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '100', 'used_b' => '2'])->assertSessionHasErrors(['used_b' => 'The label gives no density of this part: write it down in ml.']);
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '100', 'used_b' => '2', 'how_a' => 'read', 'how_b' => 'read'])->assertSessionHasNoErrors();
    }

    public function test_a_deep_coat_is_poured_lift_by_lift(): void
    {
        $coat = $this->autumnSky();
        $this->putJson("/coats/{$coat->id}", ['coat' => ['containment' => 'dammed', 'size_by' => ['thickness_mm' => null, 'total_depth_mm' => '10']]])->assertOk();
        $planned = [];
        foreach (['Autumn sky, lift 1 of 3', 'Autumn sky, lift 2 of 3', 'Autumn sky, lift 3 of 3'] as $title) {
            $this->post("/coats/{$coat->id}/pours", ['studio' => []])->assertRedirect();
            $pour = Pour::query()->latest('rowid')->firstOrFail();
            self::assertSame($title, $pour->title);
            $this->press($pour->id, 'poured');
            $this->get("/pours/{$pour->id}/finish")->assertInertia(function ($page) use (&$planned): void {
                $planned[] = $page->toArray()['props']['planned']['planned']['total_ml'];
            });
        }
        $answer = $pour->result()->at('coat');
        self::assertEqualsWithDelta($answer->number('mix.total_ml'), array_sum($planned), 1e-6);
        self::assertGreaterThan($planned[1], $planned[0], 'the first soaks in, and climbs');
    }

    public function test_a_photo_is_turned_upright_and_loses_what_the_camera_wrote_into_it(): void
    {
        $pour = $this->poured();
        $this->finishWith($pour, UploadedFile::fake()->createWithContent('p.jpg', TurnedPhoto::jpeg()))->assertSessionHasNoErrors();
        $kept = (string) Storage::get('photos/'.$pour->refresh()->photo);
        $size = getimagesizefromstring($kept);
        self::assertSame([40, 60], [$size[0] ?? 0, $size[1] ?? 0]);
        self::assertStringNotContainsString('Exif', $kept);
        $this->get('/photos/'.$pour->photo)->assertOk()->assertHeader('Content-Type', 'image/jpeg');
    }

    public function test_another_photo_takes_the_place_of_the_first(): void
    {
        $pour = $this->poured();
        $this->finishWith($pour, UploadedFile::fake()->image('first.jpg'))->assertSessionHasNoErrors();
        $first = $pour->refresh()->photo;
        $this->finishWith($pour, UploadedFile::fake()->image('second.jpg'))->assertSessionHasNoErrors();
        self::assertNotSame($first, $pour->refresh()->photo);
        self::assertSame(['photos/'.$pour->photo], Storage::allFiles());
        $this->post("/pours/{$pour->id}/finish", ['used_a' => '1', 'used_b' => '1'])->assertSessionHasNoErrors();
        self::assertSame(['photos/'.$pour->refresh()->photo], Storage::allFiles());
    }

    /** @return iterable<string, array{callable(): UploadedFile, string}> */
    public static function badPhotos(): iterable
    {
        yield from [
            'a text' => [fn () => UploadedFile::fake()->createWithContent('p.jpg', 'no photo'), 'not a photo'],
            'a picture of another kind' => [fn () => UploadedFile::fake()->createWithContent('p.jpg', "GIF89a\x01\x00\x01\x00\x00\x00\x00;"), 'not a photo'],
            'forty megabytes' => [fn () => UploadedFile::fake()->create('p.jpg', 40 * 1024, 'image/jpeg'), 'larger than 20 MB'],
            'a hundred megapixels, never decoded' => [fn () => UploadedFile::fake()->createWithContent('p.png', self::pngHeader(10_000, 10_000)), 'more than 50 megapixels'],
            'a JPEG cut short' => [fn () => UploadedFile::fake()->createWithContent('p.jpg', substr(self::noisyJpeg(), 0, -6000)), 'cut short on its way'],
            'cut off' => [fn () => UploadedFile::fake()->createWithContent('p.png', self::pngHeader(100, 100)), 'cut short on its way'],
            'damaged in the middle' => [fn () => UploadedFile::fake()->createWithContent('p.png', self::pngHeader(100, 100).pack('N', 0).'IEND'.pack('N', crc32('IEND'))), 'damaged'],
        ];
    }

    /** @param  callable(): UploadedFile  $photo */
    #[DataProvider('badPhotos')]
    public function test_what_is_no_photo_is_refused_and_nothing_is_saved(callable $photo, string $sentence): void
    {
        $pour = $this->poured();
        $this->finishWith($pour, $photo());
        self::assertStringContainsString($sentence, session('errors')?->first('photo') ?? 'nothing said');
        self::assertNull($pour->refresh()->written_at);
        self::assertSame([], Storage::allFiles());
    }

    public function test_a_post_too_large_for_the_server_is_a_sentence_at_the_photo(): void
    {
        $pour = $this->poured();
        $this->call('POST', "/pours/{$pour->id}/finish", server: ['CONTENT_LENGTH' => (string) 10 ** 12])
            ->assertRedirect()->assertSessionHasErrors(['photo' => 'That file is too large: choose one of at most 20 MB.']);
    }

    private function finishWith(Pour $pour, UploadedFile $photo): TestResponse
    {
        return $this->post("/pours/{$pour->id}/finish", ['used_a' => '1', 'used_b' => '1', 'photo' => $photo]);
    }

    private static function noisyJpeg(): string
    {
        $image = imagecreatetruecolor(200, 200);
        mt_srand(3);
        for ($at = 0; $at < 40_000; $at++) {
            imagesetpixel($image, $at % 200, intdiv($at, 200), mt_rand(0, 0xFFFFFF));
        }
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    }

    private static function pngHeader(int $width, int $height): string
    {
        $chunk = 'IHDR'.pack('NNCCCCC', $width, $height, 8, 2, 0, 0, 0);

        return "\x89PNG\r\n\x1a\n".pack('N', 13).$chunk.pack('N', crc32($chunk));
    }
}
