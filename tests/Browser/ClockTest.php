<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Page;

/** The pour's clock is the server's, whatever happens to the server and the browser. */
final class ClockTest extends BrowserTestCase
{
    private const POUR = '/pours/autumn-flood';

    public function test_the_server_dies_and_comes_back_in_the_middle_of_a_pour(): void
    {
        $page = $this->open(self::POUR);
        $title = $this->currentAct($page);
        $dueAt = $this->dueAt($page);

        self::$studio->kill();
        $this->press($page);
        $page->untilSees('1 press waiting');
        $page->until(fn (): bool => $this->currentAct($page) !== $title, 'the next act, without a server');
        $before = $this->seconds($page);
        $page->until(fn (): bool => $this->seconds($page) <= $before - 2, 'the clock to go on without a server');

        self::$studio->serve();
        $page->js("window.dispatchEvent(new Event('online'))");
        $page->until(fn (): bool => ! $page->sees('press waiting'), 'the studio to answer again');
        $page = $this->open(self::POUR);
        self::assertNotSame($title, $this->currentAct($page));
        self::assertTrue($page->js('return document.querySelectorAll("[aria-label=done]").length === 2'));
        $page->press('button', 'Take the last press back');
        $page->until(fn (): bool => $this->currentAct($page) === $title, 'the act to be open again');
        self::assertEqualsWithDelta($dueAt, $this->dueAt($page), 3);
    }

    public function test_a_browser_whose_clock_is_ten_minutes_wrong_counts_the_same(): void
    {
        $page = $this->open(self::POUR);
        $right = $this->dueAt($page);
        foreach ([600_000, -600_000] as $wrongMs) {
            $script = $page->devtools('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<JS
                const RealDate = Date
                window.Date = class extends RealDate {
                    constructor(...given) { given.length === 0 ? super(RealDate.now() + $wrongMs) : super(...given) }
                    static now() { return RealDate.now() + $wrongMs }
                }
                JS]);
            try {
                $page = $this->open(self::POUR);
                self::assertEqualsWithDelta(microtime(true) * 1000 + $wrongMs, (float) $page->js('return Date.now()'), 5000);
                self::assertEqualsWithDelta($right, $this->dueAt($page), 3);
            } finally {
                $page->devtools('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $script['identifier']]);
            }
        }
    }

    public function test_an_hour_goes_by_in_no_time_and_every_page_counts_on_from_there(): void
    {
        $page = $this->open(self::POUR);
        $due = $this->dueAt($page);
        self::assertGreaterThan(microtime(true), $due, 'something is still to come');
        self::$studio->pass(60);
        $page = $this->open(self::POUR);
        self::assertSame(0, $this->seconds($page), 'it is over');
        self::assertEqualsWithDelta(3_600_000, (float) $page->js('const last = JSON.parse(localStorage.getItem("server-clock")); return last.serverMs - last.deviceMs'), 5000);
        self::$studio->pass(-60);
        self::assertEqualsWithDelta($due, $this->dueAt($this->open(self::POUR)), 3, 'and back');
    }

    public function test_the_hour_that_summer_time_takes_moves_no_clock(): void
    {
        $page = $this->open('/');
        // ten minutes before two o'clock becomes three
        $before = strtotime('2027-03-28T00:50:00Z') - time();
        self::$studio->pass($before / 60);
        $page->devtools('Emulation.setTimezoneOverride', ['timezoneId' => 'Europe/Vienna']);
        try {
            // hears what time it is
            $this->open('/run');
            $page = $this->open('/coats/ridge-trial-boards-flood/mix');
            $page->press('button', 'It is mixed');
            $page->press('button', 'Start the clock');
            $page->press('button', 'It is all on the piece');
            $page->untilSees('Last look');
            $seconds = $this->seconds($page);
            self::assertGreaterThan(60, $seconds);
            self::assertLessThan(20 * 60, $seconds, 'an hour more or less would show');
            // what comes in the night itself
            $shown = explode('Window open', $page->text('main ol'))[0];
            self::assertMatchesRegularExpression('/Last look\s+03:\d\d/', $shown);
            self::assertDoesNotMatchRegularExpression('/\b02:\d\d\b/', $shown, 'there is no such hour that night');
            self::$studio->pass(15);
            $page->driver->navigate()->refresh();
            $page->untilSees('Last look');
            self::assertMatchesRegularExpression('/Last look\s+03:\d\d/', $page->text('main ol'), 'nor does it move when the hour has gone');
        } finally {
            $page->devtools('Emulation.setTimezoneOverride', ['timezoneId' => '']);
            self::$studio->pass(-15 - $before / 60);
        }
    }

    public function test_a_second_browser_sees_what_the_first_one_did(): void
    {
        $first = $this->open(self::POUR);
        $title = $this->currentAct($first);
        $second = new Page;
        try {
            $second->open(self::$studio->url(self::$studio->path(self::POUR)));
            self::assertSame($title, $this->currentAct($second));
            $this->press($second);
            $second->until(fn (): bool => $this->currentAct($second) !== $title, 'the next act');
            $next = $this->currentAct($second);
            $first->until(fn (): bool => $this->currentAct($first) === $next, 'the first browser to hear of it');
        } finally {
            $second->quit();
        }
    }

    private function press(Page $page): void
    {
        $page->press('button', 'Done');
    }

    private function currentAct(Page $page): string
    {
        return (string) $page->js('return document.querySelector("[aria-current=step] span:nth-child(2)")?.textContent ?? ""');
    }

    /** Seconds since 1970 at which the current act is due, by the count on the page and the true clock. */
    private function dueAt(Page $page): float
    {
        return microtime(true) + $this->seconds($page);
    }

    /** What the count on the page says, in seconds; negative when it is over. */
    private function seconds(Page $page): int
    {
        $text = (string) $page->js('return document.querySelector("[role=timer] .sr-only").textContent');
        if (preg_match('/^(\d+):(\d\d)$/', $text, $found) === 1) {
            return 60 * (int) $found[1] + (int) $found[2];
        }

        return 0;
    }
}
