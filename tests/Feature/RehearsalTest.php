<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Middleware\Rehearse;
use App\Journal\ThisStudio;
use App\Models\JournalEvent;
use App\Models\Mixing;
use App\Models\Pour;
use App\Rehearsing\Stage;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\After;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\DatabaseInAFile;
use Tests\Support\HoldsPages;
use Tests\TestCase;

/** An evening rehearsed: the same rules on a copy of the studio, by a faster clock, with what goes wrong; and its log untouched. */
final class RehearsalTest extends TestCase
{
    use DatabaseInAFile;
    use HoldsPages;

    protected string $studio = DatabaseSeeder::class;

    private string $rehearsal = '';

    private string $folder = '';

    #[After]
    protected function clearAway(): void
    {
        if ($this->folder !== '') {
            (new Filesystem)->deleteDirectory($this->folder);
        }
    }

    public function test_nothing_of_it_touches_the_studio_and_the_studio_is_there_again_when_it_is_left(): void
    {
        $before = [app(ThisStudio::class)->id(), JournalEvent::query()->count(), Mixing::query()->count(), DB::table('pours')->pluck('off_at')->all()];
        $this->begin([]);
        foreach ($this->bench()['films'] as $film) {
            $this->pressIn($film['id'], 'poured');
        }
        self::assertNotSame($before[0], $this->studioId());
        self::assertSame($before, [app(ThisStudio::class)->id(), JournalEvent::query()->count(), Mixing::query()->count(), DB::table('pours')->pluck('off_at')->all()]);
        $left = $this->postJson('/rehearsal/leave')->assertOk();
        self::assertTrue($left->getCookie(Rehearse::COOKIE, false)?->isCleared());
        $this->unencryptedCookies = [];
        $this->getJson('/rehearsal/state')->assertNotFound();
        self::assertCount(count(array_filter($before[3], is_null(...))), Pour::query()->whereNull('off_at')->get());
    }

    public function test_its_bench_is_empty_but_for_tonight_and_what_is_really_wet_is_said(): void
    {
        $wet = Pour::query()->setting(now()->toImmutable())->count();
        self::assertGreaterThan(0, $wet);
        $this->begin([]);
        self::assertSame(['Autumn sky', 'Winter sky'], collect($this->bench()['films'])->pluck('title')->map(static fn (string $title): string => explode(',', $title)[0])->sort()->values()->all());
        self::assertSame($wet, $this->state()['wet']);
    }

    public function test_its_clock_goes_faster_turns_without_a_leap_and_stands_still_at_its_end(): void
    {
        $this->freezeTime();
        $this->begin([], pace: 60);
        $zero = $this->state()['now'];
        $this->travel(10)->seconds();
        self::assertSame($zero + 600_000, $this->state()['now']);
        self::assertSame($zero + 600_000, $this->postJson('/rehearsal/pace', ['pace' => 10])->json('now'));
        $this->travel(6)->seconds();
        self::assertSame($zero + 660_000, $this->state()['now']);
        $this->postJson('/rehearsal/pace', ['pace' => 1_000_000]);
        self::assertSame(10.0, (float) $this->state()['pace'], 'what is no pace is the usual one');
        $this->postJson('/rehearsal/end')->assertOk();
        $this->travel(5)->minutes();
        self::assertSame($zero + 660_000, $this->state()['now']);
    }

    public function test_one_that_was_left_open_overnight_stands_still_after_twelve_hours(): void
    {
        $this->freezeTime();
        $this->begin([], pace: 60);
        $zero = $this->state()['now'];
        $this->travel(9)->hours();
        self::assertSame($zero + 12 * 3_600_000, $this->state()['now']);
    }

    public function test_acts_at_their_minute_lose_nothing(): void
    {
        $this->freezeTime();
        $this->begin([]);
        $this->pourAll();
        $this->playActs(fn (array $act): float => 0.0);
        $debriefing = $this->debriefing();
        self::assertSame([], $debriefing['losses']);
        self::assertSame([0, 0, 0, 0], array_map(intval(...), array_values($debriefing['yours'])));
    }

    public function test_what_was_left_undone_is_named_with_its_moment_and_what_would_have_saved_it(): void
    {
        $this->freezeTime();
        $this->begin([]);
        $this->pourAll();
        // heat is forgotten, and wipes are seen to
        $this->playActs(fn (array $act): ?float => $act['kind'] === 'pass' ? null : 0.0);
        $debriefing = $this->debriefing();
        $this->hold('/rehearsal');
        self::assertCount(4, $debriefing['losses'], 'two passes of two films');
        self::assertSame(4, $debriefing['yours']['faults']);
        self::assertSame(0, $debriefing['theirs']['faults']);
        self::assertStringContainsString('Heat pass 1 of 2', $debriefing['losses'][0]['what']);
        self::assertStringContainsString('could have waited', $debriefing['losses'][0]['saved']);
        foreach ($debriefing['losses'] as $loss) {
            self::assertGreaterThan($debriefing['begun_at'], $loss['at']);
            self::assertLessThan($debriefing['ended_at'], $loss['at']);
        }
    }

    public function test_what_came_late_costs_minutes(): void
    {
        $this->freezeTime();
        $this->begin([]);
        $this->pourAll();
        // covers in between too, which are never late
        $this->playActs(fn (array $act): float => $act['kind'] === 'cover' ? 25.0 : 0.0);
        self::assertEqualsWithDelta(2 * 15, $this->debriefing()['yours']['late_min'], 0.2, 'a cover may wait ten minutes');
    }

    /** @return iterable<string, array{string, bool}> */
    public static function accidents(): iterable
    {
        foreach (['cold_night', 'dead_scale', 'short_cup', 'smoking_cup', 'visitor', 'hair'] as $accident) {
            yield "$accident, seen to" => [$accident, true];
            yield "$accident, let go" => [$accident, false];
        }
    }

    #[DataProvider('accidents')]
    public function test_each_accident_comes_and_ends_in_its_debriefing(string $accident, bool $isSeenTo): void
    {
        $this->freezeTime();
        $this->begin([$accident], seed: 7);
        $films = $this->bench()['films'];
        foreach ($films as $at => $film) {
            $news = $this->newsOf('short_cup');
            if ($news !== null && $isSeenTo && $this->bench()['films'][$at]['poured_at'] === null) {
                self::assertStringContainsString('ml are missing', $news['text']);
                $this->pressIn($film['id'], 'happened', ['what' => 'short', 'written' => '30 ml']);
            }
            if ($accident === 'smoking_cup' && $at > 0) {
                $this->pass(13);
                self::assertSame('The cup smokes.', $this->newsOf('smoking_cup')['text'] ?? null);
                if ($isSeenTo) {
                    $this->pressIn((string) $film['cup'], 'discarded', ['because' => 'smoking']);
                } else {
                    $this->pass(3);
                    $this->pressIn($film['id'], 'poured');
                }

                continue;
            }
            $this->pass(1);
            $this->pressIn($film['id'], 'poured');
        }
        if ($accident === 'visitor') {
            $this->pass(13);
            self::assertTrue($this->newsOf('visitor')['asks'] ?? false);
            $before = $this->state()['now'];
            $this->postJson('/rehearsal/door', ['go' => ! $isSeenTo])->assertOk();
            self::assertSame($before + ($isSeenTo ? 0 : 6 * 60_000), $this->state()['now']);
            self::assertFalse($this->newsOf('visitor')['asks'] ?? true, 'it rings once');
        }
        if ($accident === 'cold_night') {
            $this->pass(60);
            $this->state();
            self::assertLessThan(17.0, $this->bench()['room']['celsius']);
        }
        // a hair is seen by who looks; the others are seen to or let go by now
        $accident !== 'hair' ? $this->pass(120) : $this->playActs(fn (array $act): ?float => $act['kind'] === 'pick' && ! $isSeenTo ? null : 0.0, function (array $film) use ($isSeenTo): void {
            if ($this->newsOf('hair') !== null && $isSeenTo && ! in_array('hair', array_column($film['seen'], 'what'), true) && str_contains($this->newsOf('hair')['text'], explode(',', $film['title'])[0])) {
                $this->pressIn($film['id'], 'happened', ['what' => 'hair']);
            }
        });
        $debriefing = $this->debriefing();
        $came = array_column($debriefing['accidents'], 'lost');
        self::assertCount(1, $came, "$accident came");
        $canBeLost = ! in_array($accident, ['cold_night', 'dead_scale'], true);
        self::assertSame($canBeLost && ! $isSeenTo, $came[0]);
        self::assertLessThanOrEqual($debriefing['yours']['faults'], $debriefing['theirs']['faults']);
        if ($accident === 'short_cup') {
            self::assertSame($isSeenTo, (float) $debriefing['yours']['ml'] === 0.0);
        }
        if ($accident === 'smoking_cup' || $accident === 'visitor') {
            self::assertSame($isSeenTo, (float) $debriefing['yours']['risk'] === 0.0);
        }
    }

    public function test_the_same_seed_is_the_same_evening(): void
    {
        $this->freezeTime();
        $told = [];
        foreach ([1, 2] as $time) {
            $this->begin(['visitor', 'short_cup'], seed: 42);
            $zero = $this->state()['now'];
            foreach ($this->bench()['films'] as $film) {
                $this->pressIn($film['id'], 'poured');
            }
            $this->pass(13);
            $told[] = array_map(static fn (array $one): array => [$one['accident'], $one['at'] - $zero, $one['text']], $this->state()['news']);
            $this->unencryptedCookies = [];
        }
        self::assertNotSame([], $told[0]);
        self::assertSame($told[0], $told[1]);
    }

    public function test_without_an_evening_there_is_nothing_to_rehearse_and_what_is_no_rehearsal_is_none(): void
    {
        $this->putJson('/plans/1/evening', ['batches' => []])->assertOk();
        $this->postJson('/rehearsals', ['accidents' => [], 'pace' => 10])->assertStatus(422)->assertJsonPath('codes.form', 'rehearsal.no_evening');
        foreach ([(string) Str::uuid(), '../../studio', ''] as $none) {
            $this->withCredentials()->withUnencryptedCookie(Rehearse::COOKIE, $none);
            self::assertSame(app(ThisStudio::class)->id(), $this->studioId());
        }
    }

    public function test_its_scale_is_dead_and_ours_is_not(): void
    {
        $ours = $this->getJson('/scale')->json('fault');
        $this->begin(['dead_scale'], mixed: false);
        self::assertSame('silent', $this->getJson('/scale')->json('fault'));
        $this->unencryptedCookies = [];
        self::assertSame($ours, $this->getJson('/scale')->json('fault'));
    }

    /** @param  list<string>  $accidents */
    private function begin(array $accidents, int $seed = 1, float $pace = 10, bool $mixed = true): void
    {
        $this->putJson('/plans/1/evening', ['batches' => $this->postJson('/plans/1/evening/propose', ['coats' => ['autumn-flood', 'winter-flood']])->json('batches')])->assertOk();
        $began = $this->postJson('/rehearsals', ['accidents' => $accidents, 'seed' => $seed, 'pace' => $pace, 'mixed' => $mixed])->assertOk();
        $this->folder = dirname(app(Stage::class)->file('any'));
        $this->rehearsal = (string) $began->getCookie(Rehearse::COOKIE, false)?->getValue();
        $this->withCredentials()->withUnencryptedCookie(Rehearse::COOKIE, $this->rehearsal);
    }

    /** @return array<string, mixed> */
    private function bench(): array
    {
        return $this->getJson('/run/state')->assertOk()->json();
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        return $this->getJson('/rehearsal/state')->assertOk()->json();
    }

    /** @return array{accident: string, at: int, text: string, asks: bool}|null */
    private function newsOf(string $accident): ?array
    {
        return collect($this->state()['news'])->firstWhere('accident', $accident);
    }

    private function studioId(): string
    {
        return (string) $this->get('/run')->headers->get('X-Studio');
    }

    /** @param  array<string, mixed>  $facts */
    private function pressIn(string $subject, string $kind, array $facts = []): void
    {
        $answer = $this->sendEvents([$this->pressed($subject, $kind, $facts, ['pressed_ms' => $this->state()['now']])], studio: $this->rehearsal)->assertOk();
        self::assertSame('done', $answer->json('results.0.status'), (string) $answer->json('results.0.sentence'));
    }

    /** Minutes of the evening go by. */
    private function pass(float $minutes): void
    {
        $this->travel((int) round(60_000 * $minutes / $this->state()['pace']))->milliseconds();
    }

    private function pourAll(): void
    {
        foreach ($this->bench()['films'] as $film) {
            $this->pass(1);
            $this->pressIn($film['id'], 'poured');
        }
    }

    /**
     * Every act as the rounds are laid, or so many minutes late; null leaves it.
     *
     * @param  callable(array<string, mixed>): ?float  $late
     * @param  (callable(array<string, mixed>): void)|null  $between
     */
    private function playActs(callable $late, ?callable $between = null): void
    {
        $left = [];
        for ($acts = 0; $acts < 80; $acts++) {
            $run = $this->bench();
            $open = [];
            foreach ($between === null ? [] : $run['films'] as $film) {
                $between($film);
            }
            $run = $between === null ? $run : $this->bench();
            foreach (array_merge(...array_column($run['rounds'], 'acts')) as $place) {
                $act = collect(collect($run['films'])->firstWhere('id', $place['film'])['acts'])->firstWhere('id', $place['act']);
                $by = $act === null ? null : $late($act);
                if ($by !== null && ! isset($left[$place['film'].$place['act']])) {
                    $open[] = [$by > 0 ? $act['due_at'] + 60_000 * $by : $place['begin_at'], $place['film'], $place['act']];
                }
            }
            sort($open);
            if ($open === []) {
                break;
            }
            [$at, $film, $act] = $open[0];
            $left[$film.$act] = true;
            $this->pass(max(0.0, ($at - $this->state()['now']) / 60_000));
            $this->pressIn($film, 'act_done', ['act' => $act]);
        }
        // until nothing can be lost any more
        $this->pass(120);
    }

    /** @return array<string, mixed> */
    private function debriefing(): array
    {
        $this->postJson('/rehearsal/end')->assertOk()->assertJsonPath('to', '/rehearsal');

        return $this->get('/rehearsal')->assertOk()->viewData('page')['props'];
    }
}
