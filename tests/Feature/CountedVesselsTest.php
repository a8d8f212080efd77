<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Mixing;
use App\Models\Supply;
use App\Models\SupplyKind;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Carbon;
use Tests\Support\PressesThings;
use Tests\TestCase;

/** How many cups there are, and which are out of use. */
final class CountedVesselsTest extends TestCase
{
    use PressesThings;

    protected string $studio = DatabaseSeeder::class;

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_cup_that_is_out_of_use_is_not_proposed_and_comes_back_when_the_rest_is_hard(): void
    {
        $vessel = $this->proposed();
        $this->have($vessel, 'silicone', 1);
        self::assertSame($vessel, $this->proposed(), 'there is one');
        $mixing = $this->mixIn($vessel);
        self::assertSame([0, false], [$this->shelf($vessel)['free'], $this->shelf($vessel)['used_once']]);
        self::assertNotSame($vessel, $this->proposed());
        $this->travelTo(CarbonImmutable::now()->addMinutes($mixing->vessel_hardens_min + 1));
        self::assertSame($vessel, $this->proposed());
        self::assertSame(1, $this->shelf($vessel)['free']);
    }

    public function test_of_one_cup_two_batches_of_an_evening_take_only_one(): void
    {
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base', 'prints-flood']])->json('batches');
        $this->have($vessel = $batches[0]['vessel'], 'silicone', 1);
        $kept = array_map(static fn (array $batch): array => [...$batch, 'vessel' => $vessel], array_slice($batches, 0, 2));
        $advice = fn (array $batches): array => array_map(
            static fn (array $batch): array => array_values(array_filter($batch['advice'], static fn (array $one): bool => $one['code'] === 'vessel_not_free')),
            $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk()->json('answer.batches'),
        );
        $said = $advice($kept);
        self::assertSame([0, 1], array_map(count(...), $said), 'the second has none');
        self::assertStringStartsWith('Take another cup', $said[1][0]['text']);
        self::assertCount(1, $advice([[...$batches[0], 'vessel' => $vessel, 'cups' => 2]])[0], 'two cups of one');
        $this->have($vessel, 'plastic', 1);
        self::assertSame(0, array_sum(array_map(count(...), $advice($kept))), 'what is wiped out is free again');
    }

    public function test_a_glass_is_lost_and_the_count_begins_anew_when_it_is_written_down(): void
    {
        $vessel = $this->proposed();
        $this->have($vessel, 'glass', 3);
        $this->mixIn($vessel);
        self::assertSame(['free' => 2, 'used_once' => true, 'back_h' => null], $this->shelf($vessel));
        $this->travelTo(CarbonImmutable::now()->addMonths(2));
        self::assertSame(2, $this->shelf($vessel)['free']);
        $this->have($vessel, 'glass', 12);
        self::assertSame(12, $this->shelf($vessel)['free'], 'a new box');
    }

    /** The vessel of the evening that is proposed for the tiles. */
    private function proposed(): ?string
    {
        return $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->json('batches.0.vessel');
    }

    private function have(string $vessel, string $material, int $have): void
    {
        $supply = Supply::query()->where('kind', SupplyKind::Vessel)->where('key', $vessel)->firstOrFail();
        $sheet = $supply->sheet;
        $sheet = $sheet->with('material', $material);
        $this->putJson("/shelf/supplies/{$supply->id}", [...$sheet->fields(), 'have' => (string) $have])->assertOk();
    }

    /** @return array{free: int, used_once: bool, back_h: float|null} as the shelf tells it */
    private function shelf(string $vessel): array
    {
        return collect($this->get('/shelf?tab=vessels')->viewData('page')['props']['supplies'])->where('kind', 'vessel')->firstWhere('key', $vessel)['counted'];
    }

    private function mixIn(string $vessel): Mixing
    {
        $batch = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->json('batches.0');
        $this->putJson('/plans/1/evening', ['batches' => [[...$batch, 'vessel' => $vessel]]])->assertOk();
        $this->postJson("/plans/1/batches/{$batch['id']}/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        $this->press($mixing->id, 'weighed', ['step' => 'a', 'as_meant' => true]);
        $this->press($mixing->id, 'weighed', ['step' => 'b', 'as_meant' => true]);
        $this->press($mixing->id, 'stirring_begun');
        $this->press($mixing->id, 'mixed');

        return $mixing->refresh();
    }
}
