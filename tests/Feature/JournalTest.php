<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Presses;
use App\Journal\Bench;
use App\Journal\ThisStudio;
use App\Models\Device;
use App\Models\JournalEvent;
use App\Models\Lot;
use App\Models\Pour;
use App\Saying\Person;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use OpenGlaze\Core\Document\Entry;
use OpenGlaze\Core\Journal\EventKind;
use OpenGlaze\Core\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What devices send of what happened. */
final class JournalTest extends TestCase
{
    private const TABLET = '00000000-0000-4000-8000-0000000000b2';

    protected string $studio = DatabaseSeeder::class;

    public function test_a_known_press_is_answered_as_done_and_written_once(): void
    {
        $pour = $this->running();
        $event = $this->pressed($pour->id, 'act_done', ['act' => 'wipe-1']);
        $before = JournalEvent::query()->count();
        for ($again = 0; $again < 3; $again++) {
            self::assertSame('done', $this->sendEvents([$event])->assertOk()->json('results.0.status'));
        }
        self::assertSame($before + 1, JournalEvent::query()->count());
    }

    public function test_another_press_under_a_known_name_is_refused(): void
    {
        $pour = $this->running();
        $event = $this->pressed($pour->id, 'act_done', ['act' => 'wipe-1']);
        $this->sendEvents([$event])->assertOk();
        self::assertSame('not_of_this', $this->sendEvents([[...$event, 'kind' => 'taken_off']])->json('results.0.code'));
    }

    public function test_one_that_cannot_be_does_not_hold_up_the_others(): void
    {
        $pour = $this->running();
        $answer = $this->sendEvents([
            $this->pressed($pour->id, 'act_done', ['act' => 'no-such']),
            $this->pressed((string) Str::uuid(), 'act_done', ['act' => 'wipe-1']),
            $this->pressed($pour->id, 'act_done', ['act' => 'wipe-1']),
        ])->assertOk();
        self::assertSame(['unknown_act', 'not_there', null], array_map(static fn (array $one): ?string => $one['code'] ?? null, $answer->json('results')));
        self::assertNotNull($this->act($answer->json("states.{$pour->id}"), 'wipe-1')['done_at']);
    }

    public function test_what_was_pressed_for_another_studio_never_reaches_this_one(): void
    {
        $pour = $this->running();
        $before = JournalEvent::query()->count();
        $this->sendEvents([$this->pressed($pour->id, 'act_done', ['act' => 'wipe-1'])], studio: (string) Str::uuid())
            ->assertStatus(409)->assertJsonPath('code', 'not_of_this_studio');
        self::assertSame($before, JournalEvent::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function nonsense(): iterable
    {
        yield from [
            'no name' => [['id' => 'seven']],
            'no subject' => [['subject' => null]],
            'a kind nobody knows' => [['kind' => 'exploded']],
            'a beginning, which comes with its form' => [['kind' => 'pour_begun']],
            'what only follows' => [['kind' => 'taken']],
            'no time' => [['pressed_ms' => 'noon']],
            'a time beyond all calendars' => [['pressed_ms' => 1e300]],
            'an offset that is no number' => [['offset_ms' => []]],
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_a_code_and_nothing_is_written(array $wrong): void
    {
        $pour = $this->running();
        $before = JournalEvent::query()->count();
        $answer = $this->sendEvents([[...$this->pressed($pour->id, 'act_done', ['act' => 'wipe-1']), ...$wrong]])->assertOk();
        self::assertSame(['refused', 'unreadable'], [$answer->json('results.0.status'), $answer->json('results.0.code')]);
        self::assertSame($before, JournalEvent::query()->count());
    }

    public function test_facts_are_kept_as_far_as_they_are_known_and_no_further(): void
    {
        $pour = $this->running();
        $event = $this->pressed($pour->id, 'took', ['a' => ['ml' => 3, 'how' => 'read', 'proof' => 'none'], 'photo' => '../../.env', 'note' => str_repeat('n', 9000), 'more' => ['of' => 'it']]);
        $this->sendEvents([$event])->assertOk();
        $facts = JournalEvent::query()->findOrFail($event['id'])->facts;
        self::assertSame(['a', 'note'], array_keys($facts->fields()));
        self::assertSame(['ml', 'how'], array_keys($facts->at('a')->fields()));
        self::assertSame(5000, mb_strlen((string) $facts->text('note')));
        self::assertNull($pour->refresh()->photo);
        self::assertSame('no_amount', $this->refused($pour->id, 'took', ['a' => ['ml' => -1, 'how' => 'read']]));
    }

    public function test_two_devices_press_the_same_and_the_first_that_happened_counts(): void
    {
        $pour = $this->running();
        $now = (int) now()->valueOf();
        $late = $this->pressed($pour->id, 'act_done', ['act' => 'wipe-1'], ['pressed_ms' => $now]);
        $early = $this->pressed($pour->id, 'act_done', ['act' => 'wipe-1'], ['pressed_ms' => $now - 60_000]);
        $this->sendEvents([$late])->assertOk();
        $state = $this->sendEvents([$early], self::TABLET)->assertOk()->json("states.{$pour->id}");
        self::assertSame([$now - 60_000, $early['id']], [$this->act($state, 'wipe-1')['done_at'], $this->act($state, 'wipe-1')['event']]);
    }

    public function test_a_device_is_known_by_the_name_that_it_gave_itself(): void
    {
        $this->sendEvents([])->assertOk();
        self::assertSame('a phone', Device::query()->findOrFail(self::PHONE)->name);
        $this->postJson('/events', ['studio' => app(ThisStudio::class)->id(), 'device' => ['id' => 'mine'], 'events' => []])->assertStatus(422);
    }

    public function test_a_tab_with_old_figures_does_not_undo_what_was_taken_from_a_bottle(): void
    {
        $lot = Lot::query()->where('name', 'E-31')->firstOrFail();
        app(Bench::class)->write(app(Presses::class)->byStudio(EventKind::Taken, $lot->subject, now()->toImmutable(), Entry::from(['a_ml' => 100, 'b_ml' => 90, 'by' => 'x'])), new Person(UnitSystem::Metric));
        $left = [$lot->left_a_ml - 100, $lot->left_b_ml - 90];
        $this->putJson("/shelf/lots/{$lot->id}", ['name' => 'E-31 b'])->assertOk();
        self::assertSame(['E-31 b', ...$left], [$lot->refresh()->name, $lot->left_a_ml, $lot->left_b_ml]);
        self::assertNotNull($lot->opened_on, 'what was not sent is not cleared');
        $this->travel(1)->minutes();
        $this->putJson("/shelf/lots/{$lot->id}", ['left_b_ml' => '70'])->assertOk();
        self::assertSame([$left[0], 70.0], [$lot->refresh()->left_a_ml, $lot->left_b_ml]);
        $this->putJson("/shelf/lots/{$lot->id}", ['left_a_ml' => '-1'])->assertStatus(422)->assertJsonStructure(['sentences' => ['left_a_ml']]);
    }

    public function test_a_bottle_is_thrown_away_and_found_again(): void
    {
        $lot = Lot::query()->where('name', 'E-31')->firstOrFail();
        $this->delete("/shelf/lots/{$lot->id}")->assertSessionHas('undo', "/shelf/lots/{$lot->id}/restore");
        self::assertSoftDeleted($lot);
        $this->post("/shelf/lots/{$lot->id}/restore")->assertRedirect();
        self::assertNotSoftDeleted($lot);
        self::assertSame($lot->left_a_ml, $lot->refresh()->left_a_ml);
    }

    private function running(): Pour
    {
        return Pour::query()->whereNull('written_at')->whereNotNull('poured_at')->latest('started_at')->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $state
     * @return array<string, mixed>
     */
    private function act(array $state, string $id): array
    {
        return collect($state['acts'])->firstWhere('id', $id);
    }

    public function test_the_journal_goes_out_as_a_line_for_each_event(): void
    {
        $text = $this->get('/journal/file')->assertOk()->streamedContent();
        $lines = explode("\n", trim($text));
        self::assertCount(JournalEvent::query()->count(), $lines);
        $first = json_decode($lines[0], true, 512, JSON_THROW_ON_ERROR);
        self::assertSame(['id', 'subject_kind', 'subject', 'kind', 'device', 'sequence', 'pressed_ms', 'offset_ms', 'heard_ms', 'version', 'kept', 'facts'], array_keys($first));
        self::assertSame(0, Artisan::call('glaze:journal'));
        self::assertSame(trim($text), trim(Artisan::output()));
    }

    public function test_a_persons_words_are_erased_and_what_happened_stays(): void
    {
        $pour = Pour::query()->whereNotNull('note')->latest('started_at')->firstOrFail();
        $used = [$pour->used_a_ml, $pour->written_at];
        $events = JournalEvent::query()->where('subject', $pour->id)->count();
        $note = (string) $pour->note;
        $this->delete("/pours/{$pour->id}/words")->assertRedirect();
        self::assertEquals([null, ...$used], [$pour->refresh()->note, $pour->used_a_ml, $pour->written_at]);
        self::assertSame($events, JournalEvent::query()->where('subject', $pour->id)->count());
        self::assertStringNotContainsString($note, $this->get('/journal/file')->streamedContent());
        Artisan::call('glaze:rebuild');
        self::assertNull($pour->refresh()->note);
    }
}
