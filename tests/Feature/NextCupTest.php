<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Coat;
use App\Models\Mixing;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Run\ActKind;
use Tests\Support\MixesCups;
use Tests\TestCase;

/** The cups of an evening in its run: the next one is mixed when nothing comes late by it. */
final class NextCupTest extends TestCase
{
    use MixesCups;

    private const ROOM = ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']];

    protected string $studio = DatabaseSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->freezeTime();
        Pour::query()->update(['off_at' => now()]);
    }

    public function test_the_next_cup_of_the_evening_is_mixed_when_nothing_comes_late_by_it(): void
    {
        // one coat of forty tiles in two cups, and a canvas of another resin
        $this->poured(['tiles-base', 'autumn-flood']);
        $run = $this->bench();
        self::assertNull($run['before'], 'the evening is under way');
        self::assertFalse($run['mix']['begun']);
        self::assertGreaterThan(3, $run['mix']['lasts_min']);
        self::assertGreaterThan(0, $run['mix']['total_ml']);
        self::assertMatchesRegularExpression('#^/plans/1/batches/batch-[2-9]$#', $run['mix']['to']);
        $this->get($run['mix']['to'])->assertOk();
        $begin = $run['mix']['begin_at'];
        self::assertGreaterThanOrEqual(now()->getTimestampMs(), $begin);
        foreach (array_merge(...array_column($run['rounds'], 'acts')) as $one) {
            $act = collect(collect($run['films'])->firstWhere('id', $one['film'])['acts'])->firstWhere('id', $one['act']);
            $isMeanwhile = $one['begin_at'] >= $begin && $begin + $run['mix']['lasts_min'] * 60_000 > $act['due_at'] + ActKind::from($act['kind'])->lateByMin() * 60_000;
            self::assertFalse($isMeanwhile, "{$one['act']} would come late");
        }
    }

    public function test_a_cup_that_is_half_weighed_is_gone_on_with_and_one_that_is_mixed_is_poured_first(): void
    {
        $this->poured(['tiles-base', 'autumn-flood']);
        $to = $this->bench()['mix']['to'];
        $this->postJson("$to/mixings")->assertRedirect();
        $mixing = Mixing::query()->latest('rowid')->firstOrFail();
        self::assertSame($to, $this->bench()['mix']['to'], 'nothing is in it yet');
        $this->weighNext($mixing, 1.0);
        $mix = $this->bench()['mix'];
        self::assertSame([true, "/mixings/{$mixing->id}"], [$mix['begun'], $mix['to']]);
        $this->filled($mixing);
        self::assertNull($this->bench()['mix']);
        self::assertTrue($this->bench()['cups'][0]['ready']);
    }

    public function test_a_cup_that_is_left_for_another_evening_is_not_offered_and_can_be_mixed_all_the_same(): void
    {
        $this->poured(['tiles-base', 'autumn-flood']);
        $first = $this->bench()['mix'];
        $this->press($first['leave']['evening'], 'checked', ['check' => $first['leave']['this']]);
        $next = $this->bench()['mix'];
        self::assertNotSame($first['to'], $next['to'] ?? null);
        self::assertSame([['title' => implode(', ', $first['pieces']), 'to' => $first['to']]], collect($this->bench()['after']['open'])->last()['links']);
        $this->press($first['leave']['evening'], 'checked', ['check' => $first['leave']['all']]);
        self::assertNull($this->bench()['mix'], 'no more tonight');
        $this->travel(7)->hours();
        self::assertNotNull($this->bench()['before'], 'another evening asks again');
    }

    public function test_what_was_poured_already_or_lies_on_what_is_still_soft_is_not_mixed(): void
    {
        $this->poured(['autumn-flood', 'winter-flood', 'winter-second']);
        self::assertNull($this->bench()['mix'], 'the second coat waits for the first');
        $winter = Pour::query()->where('title', 'Winter sky')->latest('started_at')->firstOrFail();
        $open = collect($this->getJson("/pours/{$winter->id}/state")->json('phases'))->firstWhere('phase', 'window_open')['from_min'];
        $this->travel((int) ceil($open))->minutes();
        $inItsWindow = $this->bench();
        self::assertSame(['Winter sky'], $inItsWindow['mix']['pieces'], 'it is poured on');
        $this->travel(6)->hours();
        $later = $this->bench();
        self::assertNull($later['mix'], 'that is another evening by now');
        self::assertNotNull($later['before'], 'which is prepared as one, whatever still cures on the bench');
    }

    public function test_a_film_that_cures_since_yesterday_does_not_hide_the_checks_of_tonight(): void
    {
        $this->poured(['autumn-flood']);
        $this->travel(20)->hours();
        self::assertNull($this->bench()['before'], 'nothing is planned');
        $this->putJson('/plans/1/evening', ['batches' => $this->postJson('/plans/1/evening/propose', ['coats' => ['moon-study-flood']])->json('batches')])->assertOk();
        Mixing::query()->update(['batch_key' => 'of-yesterday']);
        $run = $this->bench();
        self::assertNotSame([], $run['films']);
        self::assertNotNull($run['before']);
        self::assertNull($run['mix']);
    }

    public function test_what_is_poured_from_a_cup_is_said_as_a_share_of_what_it_still_holds(): void
    {
        $this->begun(['autumn-flood', 'winter-flood']);
        $shares = fn (): array => array_values(array_filter(array_map(static fn (array $film): ?float => $film['to_pour']['of_cup_pct'] ?? null, $this->bench()['films']), is_float(...)));
        self::assertEqualsWithDelta(100.0, array_sum($shares()), 1e-6);
        self::assertCount(2, $shares());
        $this->press($this->bench()['films'][0]['id'], 'poured');
        self::assertSame([], array_filter(array_column(array_filter(array_column($this->bench()['films'], 'to_pour')), 'of_cup_pct'), static fn (float|int $pct): bool => abs($pct - 100) > 1e-6), 'the last takes all that is left');
    }

    public function test_a_coat_in_colours_is_poured_in_their_order_each_with_its_share(): void
    {
        $this->begun(['tiles-base']);
        $tiles = collect($this->bench()['films'])->firstOrFail();
        $coat = Coat::query()->where('key', 'tiles-base')->firstOrFail();
        self::assertSame(array_map(static fn (Entry $part): ?string => $part->text('colour'), $coat->spec->entries('parts')), array_column($tiles['to_pour']['parts'], 'colour'));
        self::assertEqualsWithDelta($tiles['to_pour']['ml'], array_sum(array_column($tiles['to_pour']['parts'], 'ml')), 1e-6);
        self::assertNull($tiles['to_pour']['of_cup_pct'], 'nothing else is poured from it');
    }

    /** @param  list<string>  $coats */
    private function begun(array $coats): void
    {
        $mixing = $this->mixed($coats);
        $this->postJson("/mixings/{$mixing->id}/pours", [...self::ROOM, 'reason' => 'A trial.'])->assertRedirect();
    }

    /** @param  list<string>  $coats */
    private function poured(array $coats): void
    {
        $this->begun($coats);
        foreach ($this->bench()['films'] as $film) {
            $this->travel(2)->minutes();
            $this->press($film['id'], 'poured');
        }
    }

    /**
     * @return array<string, mixed>
     *
     * @phpstan-impure
     */
    private function bench(): array
    {
        return $this->getJson('/run/state')->assertOk()->json();
    }
}
