<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ElevenBoards;
use Tests\Browser\Support\Page;

/** An evening of eleven pieces on one screen: one next thing, through a dead network and a dead server. */
final class RunTest extends BrowserTestCase
{
    protected const SEEDER = ElevenBoards::class;

    /** A hand presses no sooner: what comes within 700 ms counts once. */
    private const STEADY_MS = 720;

    protected function tearDown(): void
    {
        // the next one finds it alive, whatever became of this one
        self::$page->offline(false);
        self::$studio->kill();
        self::$studio->serve();
    }

    public function test_eleven_pieces_are_poured_and_seen_to_and_the_log_is_whole_and_in_order(): void
    {
        $page = $this->open('/run');
        $page->until(static fn (): bool => $page->js('return navigator.serviceWorker.ready.then(() => true)') === true, 'the worker');
        $page->untilSees('Pour piece 1 of 11');
        $pressed = [];
        for ($board = 1; $board <= ElevenBoards::COUNT; $board++) {
            $page->untilSees("Pour piece $board of 11");
            $pressed[] = $this->pressNext($page);
        }
        $page->until(static fn (): bool => ! $page->sees('Pour piece'), 'all to be poured');
        for ($acts = 0; $acts < 4; $acts++) {
            $pressed[] = $this->pressNext($page);
        }
        $this->untilHeard(count($pressed));

        // the network is cut, and hands go on in the order as it was laid
        $page->offline(true);
        for ($acts = 0; $acts < 4; $acts++) {
            $pressed[] = $this->pressNext($page);
        }
        $page->untilSees('presses waiting');
        // the server dies meanwhile, and the page is loaded anew without it
        self::$studio->kill();
        $page->offline(false);
        $before = $this->step($page);
        $page->driver->navigate()->refresh();
        $page->until(fn (): bool => $this->step($page) === $before, 'the same next thing, from what was kept here');
        $pressed[] = $this->pressNext($page);
        self::$studio->serve();
        $page->js("window.dispatchEvent(new Event('online'))");
        $this->untilHeard(count($pressed));

        $rows = self::$studio->rows("select subject, kind, json_extract(facts, '$.act') as act, pressed_ms + offset_ms as at from events where kind in ('poured', 'act_done') and device != '' and heard_ms > ".$this->since().' order by pressed_ms + offset_ms');
        self::assertCount(count($pressed), $rows, 'none lost, none twice');
        self::assertSame(array_fill(0, ElevenBoards::COUNT, 'poured'), array_column(array_slice($rows, 0, ElevenBoards::COUNT), 'kind'));
        self::assertCount(ElevenBoards::COUNT, array_unique(array_column(array_slice($rows, 0, ElevenBoards::COUNT), 'subject')));
        foreach ($rows as $at => $row) {
            self::assertEqualsWithDelta($pressed[$at], (int) $row['at'], 1500, 'each at its own time');
        }
    }

    public function test_a_pedal_is_next_whatever_has_the_focus_and_twice_at_once_counts_once(): void
    {
        $page = $this->open('/run');
        $before = $this->done();
        $page->js('document.querySelector("[aria-label=Sound]").focus(); const press = () => window.dispatchEvent(new KeyboardEvent("keydown", { key: "PageDown", bubbles: true })); press(); press()');
        $page->until(fn (): bool => $this->done() === $before + 1, 'one act to be done');
        $page->press('button', 'Take the last press back');
        $page->until(fn (): bool => (int) self::$studio->value("select count(*) from events where kind = 'undone'") > 0, 'it to be taken back');
    }

    public function test_nothing_is_smaller_than_a_glove_and_the_phone_needs_no_second_hand(): void
    {
        $page = $this->open('/run');
        $page->size(390, 844);
        $page->find('button', 'Take the last press back');
        $small = $page->js('return [...document.querySelectorAll("main button")].filter((one) => one.offsetParent !== null && one.getBoundingClientRect().height < 64).map((one) => one.textContent)');
        self::assertSame([], $small);
        self::assertTrue($page->js('return document.documentElement.scrollWidth <= 390'));
        self::assertTrue($page->js('const box = document.querySelector("[data-testid=next]").getBoundingClientRect(); return box.bottom <= innerHeight && box.width > 180'), 'in reach of a thumb');
    }

    /** @return int when it was pressed, ms since 1970 by the device */
    private function pressNext(Page $page): int
    {
        $before = $this->step($page);
        $page->until(static fn (): bool => $page->js('return performance.now() - (window.pressedAt ?? -1e9) > arguments[0]', self::STEADY_MS) === true, 'a steady hand');
        $at = $page->js('window.pressedAt = performance.now(); document.querySelector("[data-testid=next]").click(); return Date.now()');
        $page->until(fn (): bool => $this->step($page) !== $before, "what comes after $before, at once");

        return is_int($at) ? $at : 0;
    }

    private function step(Page $page): string
    {
        $step = $page->js('return [...document.querySelectorAll("[data-step] p")].slice(0, 3).map((one) => one.textContent).join(", ")');

        return is_string($step) ? $step : '';
    }

    private function untilHeard(int $count): void
    {
        self::$page->until(fn (): bool => (int) self::$studio->value("select count(*) from events where kind in ('poured', 'act_done') and heard_ms > ".$this->since()) >= $count, "$count presses to be heard");
    }

    /** When the evening began, ms since 1970: what the seeder wrote is older. */
    private function since(): int
    {
        return (int) self::$studio->value("select max(pressed_ms) from events where kind = 'pour_begun'");
    }

    private function done(): int
    {
        return (int) self::$studio->value("select count(*) from events where kind in ('poured', 'act_done') and heard_ms > ".$this->since());
    }
}
