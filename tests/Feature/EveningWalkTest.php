<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\JournalEvent;
use App\Models\Lot;
use App\Models\Mixing;
use App\Models\Pour;
use App\PlanFile\Json;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/**
 * An evening at random: cups weighed, mixed, thrown away and taken back, films poured, torched, skipped,
 * topped up, written down and taken off, in whatever order hands would have it. After every press it is
 * asked whether Now, the bottles and the journal still say one thing.
 */
final class EveningWalkTest extends TestCase
{
    private const STEPS = 60;

    protected string $studio = DatabaseSeeder::class;

    private Randomizer $random;

    /** @var array<int, array{float, float}> what stood in each bottle at first, ml */
    private array $full = [];

    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    #[TestWith([4])]
    #[TestWith([5])]
    #[TestWith([6])]
    #[TestWith([7])]
    #[TestWith([8])]
    public function test_now_the_bottles_and_the_journal_say_one_thing_after_every_press(int $seed): void
    {
        $this->random = new Randomizer(new Mt19937($seed));
        foreach (Lot::query()->get() as $lot) {
            $this->full[$lot->id] = [(float) $lot->left_a_ml, (float) $lot->left_b_ml];
        }
        $batches = $this->postJson('/plans/1/evening/propose', ['coats' => ['tiles-base', 'prints-flood', 'pendants-dome']])->assertOk()->json('batches');
        $this->putJson('/plans/1/evening', ['batches' => $batches])->assertOk();
        $done = [];
        for ($step = 0; $step < self::STEPS; $step++) {
            $this->travel($this->random->getInt(5, 600))->seconds();
            $act = $this->oneOf(['begin', 'weigh', 'weigh', 'weigh', 'mix', 'throw', 'pour', 'spread', 'spread', 'act', 'act', 'see', 'write', 'off', 'back']);
            if ($act === 'begin' ? $this->begin(array_column($batches, 'id')) : $this->{$act}()) {
                $done[] = $act;
            }
            $this->assertNowIsTrue();
            $this->assertBottlesAddUp();
        }
        self::assertGreaterThan(4, count($done), 'an evening in which something happened');
        $this->assertEventsSayAllThatWasWritten();
        $rows = static fn (): array => array_map(static fn (string $table): array => DB::table($table)->orderBy('id')->get()->map(static fn (object $row): array => array_diff_key((array) $row, ['created_at' => 0, 'updated_at' => 0]))->all(), ['pours', 'mixings', 'lots']);
        $before = $rows();
        self::assertSame(0, Artisan::call('glaze:rebuild'));
        self::assertEquals($before, $rows(), implode(' ', $done));
    }

    /** @param  list<string>  $batches */
    private function begin(array $batches): bool
    {
        return $this->post('/plans/1/batches/'.$this->oneOf($batches).'/mixings')->isRedirect();
    }

    private function weigh(): bool
    {
        $mixing = $this->cup();
        $state = $mixing === null ? null : $this->getJson("/mixings/{$mixing->id}/state")->json();
        if ($mixing === null || $state['next'] === null) {
            return false;
        }
        $step = collect($state['steps'])->firstWhere('id', $state['next']);

        return $this->try($mixing->id, 'weighed', ['step' => $step['id'], 'grams' => max(0.05, $step['target_g'] * $this->random->getInt(90, 115) / 100)]);
    }

    private function mix(): bool
    {
        $mixing = $this->cup();

        return $mixing !== null && $this->try($mixing->id, $this->oneOf(['mixed', 'stirring_begun', 'parts_turned', 'mixed']));
    }

    private function throw(): bool
    {
        $mixing = $this->random->getInt(0, 3) === 0 ? $this->cup() : null;

        return $mixing !== null && $this->try($mixing->id, 'discarded');
    }

    private function pour(): bool
    {
        $mixing = $this->anyOf(Mixing::query()->whereNotNull('mixed_at')->whereNull('discarded_at'));

        return $mixing !== null && $this->post("/mixings/{$mixing->id}/pours", ['studio' => ['temperature_c' => '21'], 'reason' => 'It must go on.'])->isRedirect();
    }

    private function spread(): bool
    {
        $film = $this->film(fn ($films) => $films->whereNull('poured_at'));

        return $film !== null && $this->try($film->id, 'poured');
    }

    private function act(): bool
    {
        $film = $this->film(fn ($films) => $films->whereNotNull('poured_at'));
        $acts = $film === null ? [] : $this->getJson("/pours/{$film->id}/state")->json('acts');
        if ($film === null || $acts === []) {
            return false;
        }
        $act = $this->oneOf($acts)['id'];

        return $this->random->getInt(0, 2) > 0 ? $this->try($film->id, 'act_done', ['act' => $act]) : $this->try($film->id, 'act_skipped', ['act' => $act, 'reason' => 'No need.']);
    }

    private function see(): bool
    {
        $film = $this->film();

        return $film !== null && ($this->random->getInt(0, 1) === 0
            ? $this->try($film->id, 'topped_up', ['written' => $this->random->getInt(1, 20).' ml'])
            : $this->try($film->id, 'observed', ['what' => 'dust', 'text' => '']));
    }

    private function write(): bool
    {
        $film = $this->film();

        return $film !== null && $this->try($film->id, 'took', ['a' => ['ml' => $this->random->getInt(1, 400), 'how' => 'weighed']]);
    }

    private function off(): bool
    {
        $film = $this->random->getInt(0, 3) === 0 ? $this->film() : null;

        return $film !== null && $this->try($film->id, 'taken_off');
    }

    /** Anything that was pressed tonight is taken back, whether it can be or not. */
    private function back(): bool
    {
        $event = JournalEvent::query()->where('kept', false)->latest('number')->skip($this->random->getInt(0, 11))->first();

        return $event !== null && $this->try($event->subject, 'undone', ['of' => $event->id]);
    }

    /** A press is done or refused with a code and a sentence; it is never a fault, and a refused one writes nothing. */
    private function try(string $subject, string $kind, array $facts = []): bool
    {
        $before = JournalEvent::query()->count();
        $result = $this->sendEvents([$this->pressed($subject, $kind, $facts)])->assertOk()->json('results.0');
        if ($result['status'] === 'done') {
            self::assertGreaterThan($before, JournalEvent::query()->count());

            return true;
        }
        self::assertSame('refused', $result['status']);
        self::assertNotSame('', $result['sentence']);
        self::assertSame($before, JournalEvent::query()->count(), $result['code']);

        return false;
    }

    private function assertNowIsTrue(): void
    {
        $now = $this->getJson('/now/pours')->assertOk()->json();
        $films = array_column($now['pours'], null, 'id');
        foreach (Pour::query()->get() as $pour) {
            $wet = $pour->off_at === null && ($pour->handle_at === null || $pour->handle_at->isFuture());
            $coatedOver = Pour::query()->where('piece_id', $pour->piece_id)->whereNotNull('piece_id')->whereNot('coat_id', $pour->coat_id)->where('poured_at', '>', $pour->poured_at ?? '9999')->exists();
            if ($wet && ! $coatedOver) {
                self::assertArrayHasKey($pour->id, $films, 'what is wet is in sight');
            }
            if ($pour->off_at !== null) {
                self::assertArrayNotHasKey($pour->id, $films, 'what was taken off is not');
            }
        }
        $cups = array_column($now['cups'], 'id');
        foreach (Mixing::query()->get() as $mixing) {
            $holds = ! $mixing->weighed->at('got')->isEmpty() || $mixing->mixed_at !== null;
            self::assertSame($holds && $mixing->discarded_at === null && Pour::query()->where('mixing_id', $mixing->id)->doesntExist(), in_array($mixing->id, $cups, true), 'a cup that holds something is in sight until it is poured or thrown away');
        }
    }

    /** Nothing of what was written is lost on the way through the class of its kind, and it is as its schema has it. */
    private function assertEventsSayAllThatWasWritten(): void
    {
        $validator = new Validator;
        $schema = (string) file_get_contents(resource_path('schema/journal.schema.json'));
        foreach (JournalEvent::query()->get() as $event) {
            self::assertTrue($validator->validate((object) ['kind' => $event->kind->value, 'facts' => $event->facts->raw()], $schema)->isValid(), $event->kind->value.' '.mb_substr(Json::line($event->facts), 0, 300));
            self::assertEquals(json_decode(Json::line($event->facts), true), json_decode(Json::line($event->kind->read($event->facts)->toFacts()), true), $event->kind->value);
        }
    }

    /** What is gone from the bottles went into cups that are mixed. */
    private function assertBottlesAddUp(): void
    {
        $gone = $mixed = 0.0;
        foreach (Lot::query()->get() as $lot) {
            [$a, $b] = $this->full[$lot->id];
            self::assertGreaterThanOrEqual(0.0, $lot->left_a_ml ?? 0.0);
            self::assertLessThanOrEqual($a + 1e-6, $lot->left_a_ml ?? 0.0);
            $gone += $a - ($lot->left_a_ml ?? 0.0) + $b - ($lot->left_b_ml ?? 0.0);
        }
        foreach (Mixing::query()->with('begun')->whereNotNull('mixed_at')->where('begun_at', '>', now()->subDay())->get() as $mixing) {
            $state = $this->getJson("/mixings/{$mixing->id}/state")->json();
            foreach ($state['steps'] as $step) {
                if (in_array($step['id'], ['a', 'b'], true) || str_starts_with($step['id'], 'more_')) {
                    $part = str_contains($step['id'], 'b') && ! str_contains($step['id'], 'more_a') ? 'b' : 'a';
                    $mixed += ($step['got_g'] ?? 0.0) * $mixing->result()->number($part.'_ml') / $mixing->result()->number($part.'_g');
                }
            }
        }
        self::assertLessThanOrEqual($mixed + 0.01, $gone);
        self::assertTrue($mixed === 0.0 || $gone > 0.0, 'what is mixed came from somewhere');
    }

    private function cup(): ?Mixing
    {
        return $this->anyOf(Mixing::query()->whereNull('discarded_at')->whereDoesntHave('pours'));
    }

    private function film(?callable $such = null): ?Pour
    {
        $films = Pour::query()->whereNotNull('mixing_id')->whereNull('off_at');

        $film = $this->anyOf($such === null ? $films : $such($films));

        return $film instanceof Pour ? $film : null;
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $rows
     * @return T|null one of them, the same in every run
     */
    private function anyOf(Builder $rows): ?Model
    {
        $found = $rows->orderBy('rowid')->get()->all();

        return $found === [] ? null : $this->oneOf($found);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function oneOf(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
