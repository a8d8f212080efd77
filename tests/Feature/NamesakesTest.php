<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Piece;
use App\Models\Pour;
use App\PlanFile\Json;
use App\Planning\Namesakes;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Two canvases of one name are two canvases wherever they are chosen, mixed, poured or looked at. */
final class NamesakesTest extends TestCase
{
    public function test_each_is_told_by_its_number_on_pieces_and_now(): void
    {
        [$one, $other] = $this->twins();
        $this->postJson('/pieces', [...self::AUTUMN_SKY, 'name' => 'Winter sky']);
        $only = $this->piece();
        $twin = [$one->id => true, $other->id => true, $only->id => false];
        self::assertEquals($twin, collect($this->props('/pieces')['plans'][0]['pieces'])->pluck('twin', 'id')->all());
        self::assertEquals($twin, collect($this->props('/')['waiting'])->pluck('twin', 'id')->all());
    }

    public function test_the_pour_of_one_bears_its_number_and_that_of_an_only_one_does_not(): void
    {
        [$one, $other] = $this->twins();
        $title = function (Piece $piece): string {
            $this->sendForm('POST', '/coats/'.$piece->coats()->firstOrFail()->id.'/pours', ['studio' => []])->assertRedirect();

            return Pour::query()->latest('rowid')->firstOrFail()->title;
        };
        self::assertSame("Autumn sky ({$one->id})", $title($one));
        $other->delete();
        Pour::query()->delete();
        self::assertSame('Autumn sky', $title($one), 'what was taken away is no namesake');
    }

    public function test_cups_of_the_evening_tell_them_apart_and_the_file_keeps_the_name(): void
    {
        [$one, $other] = $this->twins();
        $keys = Coat::query()->orderBy('id')->pluck('key')->all();
        $answer = $this->postJson('/plans/1/evening/propose', ['coats' => $keys])->assertOk();
        $named = collect($answer->json('answer.batches'))->flatMap(fn (array $batch): array => array_column($batch['pieces'], 'name'))->unique()->sort()->values()->all();
        self::assertSame(["Autumn sky ({$one->id})", "Autumn sky ({$other->id})"], $named);
        self::assertSame(['Autumn sky', 'Autumn sky'], array_column($this->get('/plans/1/file')->json('pieces'), 'name'));
    }

    public function test_a_namesake_on_another_page_of_the_list_counts_and_one_in_another_plan_does_not(): void
    {
        $this->twins();
        $this->postJson('/pieces', [...self::AUTUMN_SKY, 'name' => 'Winter sky']);
        $winter = $this->piece();
        self::assertSame([], Namesakes::among([$winter]));
        $rows = array_fill(0, 80, ['plan_id' => $winter->plan_id, 'position' => 9, 'spec' => Json::line($winter->spec)]);
        DB::table('pieces')->insert(array_map(static fn (array $row, int $number): array => [...$row, 'key' => "more-$number"], $rows, array_keys($rows)));
        $twins = collect($this->props('/pieces?plan=1&page=1')['plans'][0]['pieces'])->where('name', 'Winter sky');
        self::assertTrue($twins->every('twin'));

        $spec = $winter->spec;
        $spec = $spec->with('name', 'Comet');
        $own = Piece::query()->create(['plan_id' => $winter->plan_id, 'key' => 'comet', 'position' => 100, 'spec' => $spec]);
        $plan = DB::table('plans')->insertGetId(['name' => 'Another', 'document' => '{}']);
        $theirs = Piece::query()->create(['plan_id' => $plan, 'key' => 'comet', 'position' => 1, 'spec' => $spec]);
        self::assertSame([], Namesakes::among([$own, $theirs]), 'its plan stands beside it where both are chosen');
    }

    /** @return array{Piece, Piece} */
    private function twins(): array
    {
        $one = $this->autumnSky()->piece;

        return [$one, $this->autumnSky()->piece];
    }

    /** @return array<string, mixed> */
    private function props(string $url): array
    {
        return json_decode((string) json_encode($this->get($url)->assertOk()->viewData('page')['props']), true);
    }
}
