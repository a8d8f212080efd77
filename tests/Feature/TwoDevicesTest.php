<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JournalEvent;
use App\Models\Lot;
use App\Models\Mixing;
use App\Models\Pour;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use OpenGlaze\Core\Document\Entry;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** A phone and a tablet at one bench: clocks wrong, out of reach now and then, each in its own order. */
final class TwoDevicesTest extends TestCase
{
    private const TABLET = '00000000-0000-4000-8000-0000000000b2';

    protected string $studio = DatabaseSeeder::class;

    /** How far a device's clock goes wrong, ms. */
    private const WRONG = [self::PHONE => 3 * 3_600_000, self::TABLET => -47 * 60_000];

    /** @return iterable<string, array{int}> */
    public static function evenings(): iterable
    {
        foreach (range(1, 12) as $seed) {
            yield "evening $seed" => [$seed];
        }
    }

    /** However the lines behave, the film is what happened to it, and a fold from the journal alone says the same. */
    #[DataProvider('evenings')]
    public function test_whatever_arrives_first_what_happened_stands(int $seed): void
    {
        $pour = $this->begun();
        $zero = (int) now()->valueOf();
        $this->travel(2)->hours();
        $at = fn (string $device, int $min, string $kind, array $facts = []): array => $this->pressed($pour->id, $kind, $facts, [
            'pressed_ms' => $zero + $min * 60_000 + self::WRONG[$device], 'offset_ms' => -self::WRONG[$device],
        ]);
        $poured = $at(self::PHONE, 5, 'poured');
        $first = $at(self::PHONE, 12, 'act_done', ['act' => 'pass-1']);
        $phone = [
            $poured, $first, $at(self::PHONE, 13, 'observed', ['what' => 'dust', 'text' => '']),
            $at(self::PHONE, 14, 'undone', ['of' => $first['id']]), $at(self::PHONE, 16, 'act_done', ['act' => 'pass-1']),
            $at(self::PHONE, 70, 'took', ['a' => ['ml' => 330.0, 'how' => 'weighed'], 'note' => 'Even.']),
        ];
        $tablet = [
            $at(self::TABLET, 6, 'poured'), $at(self::TABLET, 10, 'act_done', ['act' => 'wipe-1']), $at(self::TABLET, 15, 'act_done', ['act' => 'pass-1']),
            $at(self::TABLET, 17, 'topped_up', ['ml' => 12.5]), $at(self::TABLET, 19, 'act_skipped', ['act' => 'pass-2', 'reason' => 'No bubbles.']),
            $at(self::TABLET, 80, 'took', ['b' => ['ml' => 165.0, 'how' => 'read']]),
        ];
        $this->arrive($phone, $tablet, new Randomizer(new Mt19937($seed)));

        $pour->refresh();
        $after = static fn (int $min): int => $zero + $min * 60_000;
        self::assertSame($after(5), (int) $pour->poured_at?->valueOf(), 'the first of two that say it is on the piece');
        self::assertSame([$after(15), null], self::mark($pour, 'pass-1'), 'the phone took its own back, the tablet\'s stands');
        self::assertSame([$after(10), null], self::mark($pour, 'wipe-1'));
        self::assertSame([$after(19), 'No bubbles.'], self::mark($pour, 'pass-2'));
        self::assertSame([330.0, 'weighed', 165.0, 'read', 'Even.'], [$pour->used_a_ml, $pour->used_a_how, $pour->used_b_ml, $pour->used_b_how, $pour->note]);
        self::assertSame(12.5, $pour->added_ml);
        self::assertSame([$after(13), $after(17)], array_map(static fn (Entry $one): ?int => $one->whole('at'), $pour->seen->entries('entries')));
        self::assertSame(13, JournalEvent::query()->where('subject', $pour->id)->count(), 'the beginning and twelve presses, each once');
        $this->assertFoldsToTheSame();
    }

    /** What the schedule says was worked out by the pouring that counts, and stays when formulas change. */
    public function test_a_pouring_that_happened_earlier_brings_its_own_schedule(): void
    {
        $pour = $this->begun();
        $now = (int) now()->valueOf();
        $this->travel(1)->hours();
        $this->sendAs(self::TABLET, [$this->pressed($pour->id, 'poured', [], ['pressed_ms' => $now + 20 * 60_000])]);
        $late = $this->dueAt($pour, 'pass-1');
        $this->sendAs(self::PHONE, [$this->pressed($pour->id, 'poured', [], ['pressed_ms' => $now + 4 * 60_000])]);
        self::assertLessThan($late, $this->dueAt($pour, 'pass-1'));
        $this->assertFoldsToTheSame();
    }

    public function test_a_clock_set_forward_between_two_presses_does_not_turn_them_round(): void
    {
        $pour = $this->begun();
        $now = (int) now()->valueOf();
        $this->travel(1)->hours();
        $poured = $this->pressed($pour->id, 'poured', [], ['pressed_ms' => $now + 5 * 60_000]);
        // the phone's clock was put back ten minutes before the second press, and no offset was measured since
        $act = $this->pressed($pour->id, 'act_done', ['act' => 'pass-1'], ['pressed_ms' => $now - 2 * 60_000]);
        $this->sendAs(self::PHONE, [$poured, $act]);
        [$doneAt] = self::mark($pour->refresh(), 'pass-1');
        self::assertGreaterThanOrEqual((int) $pour->poured_at?->valueOf(), $doneAt, 'never before what the same hand pressed before it');
    }

    public function test_a_press_from_the_future_counts_when_it_was_heard(): void
    {
        $pour = $this->begun();
        $this->travel(10)->minutes();
        $this->sendAs(self::PHONE, [$this->pressed($pour->id, 'poured', [], ['pressed_ms' => (int) now()->valueOf() + 9 * 3_600_000])]);
        self::assertSame((int) now()->valueOf(), (int) $pour->refresh()->poured_at?->valueOf());
    }

    public function test_a_step_weighed_on_both_is_taken_once_and_said_to_the_second(): void
    {
        $mixing = $this->cup();
        $step = $this->nextStep($mixing);
        $this->sendAs(self::PHONE, [$this->pressed($mixing->id, 'weighed', ['step' => $step['id'], 'grams' => $step['target_g']])]);
        $answer = $this->sendAs(self::TABLET, [$this->pressed($mixing->id, 'weighed', ['step' => $step['id'], 'grams' => 1.0])]);
        self::assertSame(['refused', 'weighed_already'], [$answer->json('results.0.status'), $answer->json('results.0.code')]);
        self::assertSame($step['target_g'], $this->getJson("/mixings/{$mixing->id}/state")->json('steps.0.got_g'));
        $this->assertFoldsToTheSame();
    }

    public function test_a_cup_mixed_on_both_takes_from_the_bottles_once_however_it_arrives(): void
    {
        $mixing = $this->cup();
        $lot = Lot::query()->where('name', 'E-31')->firstOrFail();
        $full = [$lot->left_a_ml, $lot->left_b_ml];
        foreach ([0, 1] as $_) {
            $step = $this->nextStep($mixing);
            $this->sendAs(self::PHONE, [$this->pressed($mixing->id, 'weighed', ['step' => $step['id'], 'grams' => $step['target_g']])]);
        }
        $now = (int) now()->valueOf();
        $this->travel(10)->minutes();
        $late = $this->pressed($mixing->id, 'mixed', [], ['pressed_ms' => $now + 300_000]);
        $early = $this->pressed($mixing->id, 'mixed', [], ['pressed_ms' => $now + 240_000]);
        $this->sendAs(self::TABLET, [$late, $late]);
        $left = [$lot->refresh()->left_a_ml, $lot->left_b_ml];
        self::assertLessThan($full[0], $left[0]);
        $this->sendAs(self::PHONE, [$early]);
        $this->sendAs(self::PHONE, [$early]);
        self::assertSame($left, [$lot->refresh()->left_a_ml, $lot->left_b_ml]);
        self::assertSame($now + 240_000, (int) $mixing->refresh()->mixed_at?->valueOf(), 'it ages from the first');
        $this->sendAs(self::TABLET, [$this->pressed($mixing->id, 'undone', ['of' => $late['id']]), $this->pressed($mixing->id, 'undone', ['of' => $early['id']])]);
        self::assertSame($full, [$lot->refresh()->left_a_ml, $lot->left_b_ml]);
        $this->assertFoldsToTheSame();
    }

    private function begun(): Pour
    {
        $this->sendForm('POST', '/coats/'.$this->autumnSky()->id.'/pours', ['studio' => []])->assertRedirect();

        return Pour::query()->latest('rowid')->firstOrFail();
    }

    private function cup(): Mixing
    {
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base']])->assertOk()->json('batches');
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();
        $this->postJson('/plans/1/batches/batch-1/mixings')->assertRedirect();

        return Mixing::query()->latest('rowid')->firstOrFail();
    }

    /** @return array{id: string, target_g: float} */
    private function nextStep(Mixing $mixing): array
    {
        $state = $this->getJson("/mixings/{$mixing->id}/state")->assertOk()->json();

        return collect($state['steps'])->firstWhere('id', $state['next']);
    }

    /**
     * Both lines at once: some presses at a time, now one device and now the other, and now and then the
     * same ones again because the answer was lost.
     *
     * @param  list<array<string, mixed>>  $phone
     * @param  list<array<string, mixed>>  $tablet
     */
    private function arrive(array $phone, array $tablet, Randomizer $random): void
    {
        $waiting = [self::PHONE => $phone, self::TABLET => $tablet];
        while (array_filter($waiting) !== []) {
            $device = $random->getInt(0, 1) === 0 ? self::PHONE : self::TABLET;
            $sent = array_slice($waiting[$device], 0, $random->getInt(1, 4));
            if ($sent === []) {
                continue;
            }
            self::assertNotContains('refused', array_column($this->sendAs($device, $sent)->json('results'), 'status'));
            if ($random->getInt(0, 2) > 0) {
                $waiting[$device] = array_slice($waiting[$device], count($sent));
            }
        }
    }

    /** @param  list<array<string, mixed>>  $events */
    private function sendAs(string $device, array $events): TestResponse
    {
        return $this->sendEvents($events, $device)->assertOk();
    }

    /** @return array{int, string|null} when, and why not */
    private static function mark(Pour $pour, string $act): array
    {
        return [$pour->marks->whole("$act.at"), $pour->marks->text("$act.because")];
    }

    private function dueAt(Pour $pour, string $act): int
    {
        return collect($this->getJson("/pours/{$pour->id}/state")->json('acts'))->firstWhere('id', $act)['due_at'];
    }

    private function assertFoldsToTheSame(): void
    {
        $rows = static fn (): array => [
            DB::table('pours')->orderBy('id')->get()->all(), DB::table('mixings')->orderBy('id')->get()->all(),
            DB::table('lots')->orderBy('id')->get(['id', 'subject', 'left_a_ml', 'left_b_ml', 'opened_on', 'deleted_at'])->all(),
        ];
        $before = $rows();
        self::assertSame(0, Artisan::call('glaze:rebuild'));
        self::assertEquals($before, $rows());
    }
}
