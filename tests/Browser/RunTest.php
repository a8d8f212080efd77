<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\ElevenBoards;
use Tests\Browser\Support\Page;

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

    public function test_two_devices_go_through_one_run_and_what_both_press_counts_once(): void
    {
        $phone = $this->open('/run');
        $phone->untilSees('Pour piece');
        $tablet = new Page;
        try {
            $tablet->size(1024, 768);
            $tablet->open(self::$studio->url('/run'));
            $tablet->js("localStorage.setItem('no-substitute-read', 'yes')");
            $step = static fn (Page $page): string => (string) $page->js('return document.querySelector("[data-step]")?.dataset.step ?? ""');
            $tablet->until(static fn (): bool => $step($tablet) === $step($phone), 'both to be at the same');

            // both press it, neither has heard of the other
            [$poured, $done] = [$step($phone), $this->done()];
            foreach ([$phone, $tablet] as $page) {
                $page->js('document.querySelector("[data-testid=next]").click()');
            }
            foreach ([$phone, $tablet] as $page) {
                $page->until(static fn (): bool => ! in_array($step($page), ['', $poured], true), 'what comes next, at once');
            }
            // an earlier press may have been taken back
            $standing = "subject = '$poured' and kind = 'poured' and id not in (select json_extract(facts, '\$.of') from events where kind = 'undone')";
            $phone->until(fn (): bool => (int) self::$studio->value("select count(distinct device) from events where $standing") === 2, 'both presses to be heard');
            self::assertSame($done + 2, $this->done(), 'both stand in the log');
            self::assertSame(self::$studio->value("select id from events where $standing order by min(pressed_ms + offset_ms, heard_ms), device limit 1"), self::$studio->value("select poured_event from pours where id = '$poured'"), 'and the first that happened counts');

            // one is without a network, the other goes on; each hears of the other when it is back
            $phone->offline(true);
            $away = $step($phone);
            $phone->until(static fn (): bool => $phone->js('document.querySelector("[data-testid=next]").click(); return document.querySelector("[data-step]").dataset.step !== arguments[0]', $away) === true, 'the next, without a network');
            $phone->untilSees('press waiting');
            $tablet->until(static fn (): bool => $step($tablet) === $away, 'the tablet to be at what it cannot know of');
            $heard = $this->done();
            foreach (range(1, 2) as $press) {
                $tablet->pressNext('[data-step]', 'step');
                $tablet->until(fn (): bool => $this->done() === $heard + $press, 'it to be heard of');
            }
            $phone->offline(false);
            $phone->js("window.dispatchEvent(new Event('online'))");
            $phone->until(fn (): bool => (int) self::$studio->value("select count(*) from events where subject = '".explode(' ', $away)[0]."' and kind in ('poured', 'act_done')") > 0, 'it to be heard of');
            $tablet->js("window.dispatchEvent(new Event('online'))");
            $tablet->until(static fn (): bool => $step($tablet) === $step($phone) && $step($phone) !== $away, 'both to be at the same again');
        } finally {
            $phone->offline(false);
            $tablet->quit();
        }
    }

    public function test_what_moved_while_the_studio_was_dead_is_said_until_it_was_seen(): void
    {
        $page = $this->open('/run');
        $page->untilSees('Pour piece');
        self::$studio->kill();
        $asks = static fn () => $page->js("window.dispatchEvent(new Event('online'))");
        $asks();
        $page->untilSees('No answer from the studio');
        self::$studio->database()->exec("update pours set off_at = '2026-01-01 00:00:00.000' where title = 'Moon board 11'");
        self::$studio->serve();
        $asks();
        $page->untilSees('While nothing was heard of the studio');
        self::assertStringContainsString('Moon board 11 is off the bench.', $page->text('[data-testid=moved]'));
        $page->press('button', 'Seen');
        $page->until(static fn (): bool => ! $page->sees('While nothing was heard'), 'it to be put away');
        self::$studio->database()->exec("update pours set off_at = null where title = 'Moon board 11'");
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
