<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ElevenBoards;

/** The evening at the bench in gloves: one next thing, one large press, on a phone too. */
final class RunTest extends BrowserTestCase
{
    protected const SEEDER = ElevenBoards::class;

    public function test_a_pedal_is_next_whatever_has_the_focus_and_twice_at_once_counts_once(): void
    {
        $page = $this->open('/run');
        $before = $this->done();
        $page->js('document.querySelector("[aria-label=Sound]").focus(); const press = () => window.dispatchEvent(new KeyboardEvent("keydown", { key: "PageDown", bubbles: true })); press(); press()');
        $page->until(fn (): bool => $this->done() === $before + 1, 'one act to be done');
        $page->press('button', 'Take the last press back');
        $page->until(fn (): bool => (int) self::$studio->value("select count(*) from events where kind = 'undone'") > 0, 'it to be taken back');
    }

    public function test_a_piece_is_dropped_from_the_run_and_put_back_and_counts_as_not_poured_meanwhile(): void
    {
        $page = $this->open('/run');
        $page->untilSees('Pour piece');
        $film = explode(' ', (string) $page->js('return document.querySelector("[data-step]").dataset.step'))[0];
        $page->press('button', 'Skip');
        $page->press('button', 'is not poured tonight');
        $page->until(static fn (): bool => $page->js('return document.querySelector("[data-step]").dataset.step') !== $film, 'the next piece');
        $page->until(static fn (): bool => self::$studio->value("select off_at from pours where id = '$film'") !== '', 'it to be off the bench');
        $page->press('button', 'Take the last press back');
        $page->until(static fn (): bool => self::$studio->value("select off_at from pours where id = '$film'") === '', 'it to be back');
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
