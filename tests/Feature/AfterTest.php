<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use Tests\Support\MixesCups;
use Tests\TestCase;

/** What is seen to when every film of an evening lies under its cover. */
final class AfterTest extends TestCase
{
    use MixesCups;

    protected string $studio = DatabaseSeeder::class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->freezeTime();
        Pour::query()->update(['off_at' => now()]);
    }

    public function test_it_is_asked_once_all_is_poured_and_only_of_this_evening(): void
    {
        $mixing = $this->mixed(['autumn-flood']);
        self::assertNull($this->after(), 'a cup stands mixed');
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        self::assertNull($this->after(), 'it is to be poured');
        $pour = Pour::query()->where('mixing_id', $mixing->id)->firstOrFail();
        $this->press($pour->id, 'poured');
        self::assertSame(['after_bottles', 'after_waste', 'after_room'], array_column($this->after()['checks'] ?? [], 'id'));
        $this->press($pour->id, 'act_done', ['act' => 'pass-1', 'tool' => 'heat_gun']);
        $this->press($pour->id, 'oiled', ['how' => 'drops']);
        self::assertSame(['after_heat_gun', 'after_bottles', 'after_waste', 'after_oil', 'after_room'], array_column($this->after()['checks'] ?? [], 'id'), 'what was really done');
        $this->press($pour->id, 'act_done', ['act' => 'pass-2', 'tool' => 'flame']);
        self::assertSame(['after_flame', 'after_heat_gun'], array_slice(array_column($this->after()['checks'] ?? [], 'id'), 0, 2), 'all the heat that was brought');
        $this->travel(7)->hours();
        self::assertNull($this->after());
    }

    public function test_what_stands_in_a_cup_and_what_was_not_written_down_stay_open_until_they_are_said(): void
    {
        $mixing = $this->mixed(['autumn-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $pour = Pour::query()->where('mixing_id', $mixing->id)->firstOrFail();
        $this->press($pour->id, 'poured');
        $open = fn (): array => array_column(array_merge(...array_column($this->after()['open'] ?? [], 'links')), 'to');
        self::assertSame(["/pours/{$pour->id}", "/pours/{$pour->id}/finish"], $open());
        foreach ($open() as $address) {
            $this->get($address)->assertOk();
        }
        $this->press($mixing->id, 'rest_seen_to', ['how' => 'laid_thin']);
        self::assertSame(["/pours/{$pour->id}/finish"], $open());
        $this->press($pour->id, 'took', ['note' => 'Even.']);
        self::assertSame([], $open());
        self::assertStringContainsString('fl oz', json_encode($this->imperial()) ?: '', 'in the units of who looks');
    }

    public function test_what_is_left_in_a_cup_that_several_were_poured_from_is_shared_among_them(): void
    {
        $mixing = $this->mixed(['autumn-flood', 'winter-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $pours = Pour::query()->where('mixing_id', $mixing->id)->get();
        foreach ($pours as $pour) {
            $this->press($pour->id, 'poured');
        }
        $planned = fn (Pour $pour): array => (array) json_decode((string) json_encode($this->get("/pours/{$pour->id}/finish")->viewData('page')['props']['planned']), true);
        [$first, $second] = [$pours->firstOrFail(), $pours->last() ?? $pours->firstOrFail()];
        $this->press($first->id, 'took', ['left_g' => 40]);
        $mix = $planned($first)['planned'];
        $share = $mix['total_ml'] / ($mix['total_ml'] + $planned($second)['planned']['total_ml']);
        self::assertEqualsWithDelta(40 * $share * $mix['total_ml'] / $mix['total_g'], $planned($first)['left_ml'], 1e-6, 'its share of it is its own');
        self::assertEquals(40, $planned($second)['left_g'], 'what was weighed once stands in the other form');
        self::assertNull($planned($second)['left_ml'], 'and counts when it is written down there');
        self::assertSame('no_amount', $this->refused($first->id, 'took', ['left_g' => -1]));
    }

    public function test_a_tick_of_it_holds_on_every_device_and_goes_with_those_of_before(): void
    {
        $before = $this->getJson('/run/state')->json('before');
        $this->press($before['evening'], 'checked', ['check' => 'dust']);
        $mixing = $this->mixed(['autumn-flood']);
        $this->postJson("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21', 'humidity_pct' => '50']])->assertRedirect();
        $this->press(Pour::query()->where('mixing_id', $mixing->id)->firstOrFail()->id, 'poured');
        $after = $this->after() ?? [];
        self::assertSame($before['evening'], $after['evening'], 'one evening');
        $this->press($after['evening'], 'checked', ['check' => 'after_waste']);
        $ticked = array_filter($this->after()['checks'] ?? [], static fn (array $check): bool => $check['event'] !== null);
        self::assertSame(['after_waste'], array_column($ticked, 'id'));
    }

    /** @return array<string, mixed>|null */
    private function imperial(): ?array
    {
        Pour::query()->update(['written_at' => null]);
        \App\Models\Mixing::query()->update(['rest' => null]);

        return $this->withCredentials()->withUnencryptedCookie('units', 'imperial')->getJson('/run/state')->json('after');
    }

    /**
     * @return array<string, mixed>|null
     *
     * @phpstan-impure
     */
    private function after(): ?array
    {
        return $this->getJson('/run/state')->assertOk()->json('after');
    }
}
