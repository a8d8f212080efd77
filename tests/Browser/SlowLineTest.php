<?php

declare(strict_types=1);

namespace Tests\Browser;

use PDO;
use RuntimeException;
use Tests\Browser\Support\Page;

/** What is pressed is never lost: on a slow line, beside a locked database, without a session, without a network. */
final class SlowLineTest extends BrowserTestCase
{
    private const POUR = '/pours/autumn-flood';

    private const LATENCY_MS = 4_000;

    public function test_a_form_whose_session_is_gone_sends_itself_again(): void
    {
        $page = $this->open('/pours/moon-study-flood/finish');
        $page->type('One note: what went well, what did not', 'Even to the edge.');
        $page->devtools('Network.clearBrowserCookies');
        $page->press('button', 'Write it down');
        $page->untilSees('Written down.');
        self::assertSame('Even to the edge.', self::$studio->value("select note from pours where title = 'Moon study' order by started_at desc"));
        $page->complaints();
    }

    public function test_a_new_version_waits_for_a_press_and_never_loads_itself_during_a_pour(): void
    {
        $file = __DIR__.'/../../public/worker.js';
        $worker = (string) file_get_contents($file);
        $page = $this->open('/');
        $page->js('return navigator.serviceWorker.ready.then(() => true)');
        $page = $this->open('/');
        try {
            file_put_contents($file, "$worker\n// the next version");
            $page = $this->open(self::POUR);
            $page->js('window.isTheSamePage = true');
            $page->until(static fn (): bool => $page->js('return navigator.serviceWorker.getRegistration().then((one) => one.waiting !== null)') === true, 'the next version');
            self::assertFalse($page->has('button', 'Load it now'), 'not while hands are full');
            self::assertTrue($page->js('return window.isTheSamePage === true'));
            $page = $this->open('/');
            $page->js('window.isTheSamePage = true');
            $page->press('button', 'Load it now');
            $page->until(static fn (): bool => $page->js('return window.isTheSamePage === undefined && navigator.serviceWorker.getRegistration().then((one) => one.waiting === null)') === true, 'the next version to be loaded');
        } finally {
            file_put_contents($file, $worker);
        }
    }

    public function test_five_presses_through_all_that_can_go_wrong_stand_in_the_log_with_their_own_times(): void
    {
        $page = $this->open(self::POUR);
        $page->until(fn (): bool => $page->js('return navigator.serviceWorker.controller !== null || navigator.serviceWorker.ready.then(() => true)') === true, 'the worker');
        $page = $this->open(self::POUR);
        $page->latency(self::LATENCY_MS);
        $pressed = [];

        // one while the other is on its way
        $pressed[] = $this->pressNext($page);
        $pressed[] = $this->pressNext($page);

        // the database is locked in the middle
        $lock = self::$studio->database();
        $lock->exec('BEGIN IMMEDIATE');
        $pressed[] = $this->pressNext($page);
        $page->untilSees('The studio is busy');
        self::assertTrue($page->sees('3 presses waiting') || $page->sees('2 presses waiting') || $page->sees('1 press waiting'));
        $lock->exec('ROLLBACK');

        // the session is gone
        $page->devtools('Network.clearBrowserCookies');
        $pressed[] = $this->pressNext($page);
        $this->untilNothingWaits($page);
        self::assertCount(4, array_intersect_key($this->marks(), $pressed[0] + $pressed[1] + $pressed[2] + $pressed[3]));

        // the studio dies, and the page is loaded anew without it
        $page->latency(0);
        self::$studio->kill();
        $pressed[] = $this->pressNext($page);
        $page->untilSees('1 press waiting');
        $next = $this->currentAct($page);
        $page->driver->navigate()->refresh();
        $page->until(fn (): bool => $this->currentAct($page) === $next, 'the next act, from what was kept here');
        $page->untilSees('1 press waiting');
        $before = $this->counted($page);
        $page->until(fn (): bool => $this->counted($page) !== $before, 'the clock to go on');

        self::$studio->serve();
        $page->js("window.dispatchEvent(new Event('online'))");
        $this->untilNothingWaits($page);
        $marks = $this->marks();
        foreach (array_merge(...$pressed) as $act => $atMs) {
            self::assertEqualsWithDelta($atMs, $marks[$act], 400, "$act at its own time");
        }
        self::assertSame(count($marks), (int) self::$studio->database()->query("select count(*) from events where kind = 'act_done' and subject = '".basename(self::$studio->path(self::POUR))."'")->fetchColumn(), 'none twice');
    }

    public function test_a_page_that_cannot_be_had_is_said_and_what_is_typed_stays(): void
    {
        $page = $this->open('/');
        $page->until(fn (): bool => $page->js('return navigator.serviceWorker.ready.then(() => true)') === true, 'the worker');
        $page = $this->open(self::POUR);
        $page->js("[...document.querySelectorAll('summary')].find((one) => one.textContent.includes('Say what you see')).click()");
        $page->type('Something else', 'A hair');
        self::$studio->kill();
        $page->press('link', 'Shelf');
        $page->untilSees('The studio does not answer. That page is not kept here');
        self::assertSame(self::$studio->path(self::POUR), $page->js('return location.pathname'), 'one stays where one is');
        self::assertSame('A hair', $page->js("return [...document.querySelectorAll('input')].find((one) => one.value !== '')?.value"));
        // what is kept is opened all the same
        $page->press('link', 'Now');
        $page->untilSees('Autumn sky');
        $page->js("location.assign('/shelf')");
        $page->untilSees('No answer from the studio');
        self::$studio->serve();
        $page->js("location.assign('/shelf')");
        $page->untilSees('Bench Coat 2:1');
    }

    public function test_what_it_took_waits_for_the_word_that_it_is_on_the_piece(): void
    {
        $page = $this->open('/coats/winter-flood/mix');
        $page->press('button', 'It is mixed');
        $page->press('button', 'Start the clock');
        $page->untilSees('It is all on the piece');
        $page->devtools('Network.enable');
        $page->devtools('Network.setBlockedURLs', ['urls' => ['*/events*']]);
        try {
            $page->press('button', 'It is all on the piece');
            $page->untilSees('1 press waiting');
            $page->untilSees('Heat pass 1 of 2');
            $page->press('link', 'Finish now');
            $page->untilSees('is on its way to the studio');
            self::assertFalse($page->find('button', 'Write it down')->isEnabled());
            $page->type('Part A used', '330');
            self::assertFalse($page->sees('Nothing of it is on the piece yet'), 'the hand knows better');
        } finally {
            $page->devtools('Network.setBlockedURLs', ['urls' => []]);
        }
        $page->js("window.dispatchEvent(new Event('online'))");
        $page->until(static fn (): bool => ! $page->sees('is on its way to the studio'), 'the word to arrive');
        self::assertSame('330', $page->find('textbox', 'Part A used')->getAttribute('value'));
        $page->press('button', 'Write it down');
        $page->untilSees('Written down.');
        self::assertStringContainsString('A: weighed', $page->text('main'));
    }

    public function test_what_can_never_be_taken_stands_on_the_screen_and_holds_nothing_up(): void
    {
        $page = $this->open(self::POUR);
        $this->untilNothingWaits($page);
        $page->press('button', 'Take the last press back');
        $this->untilNothingWaits($page);
        // a cover can always be put on
        while (str_starts_with($this->currentAct($page), 'Cover on')) {
            $this->pressNext($page);
            $this->untilNothingWaits($page);
        }
        self::$studio->kill();
        $act = $this->currentAct($page);
        $id = array_key_first($this->pressNext($page));
        $page->untilSees('1 press waiting');
        // meanwhile the film was poured anew, by a schedule that has no such act
        self::$studio->database()->exec("update events set facts = replace(facts, '\"id\":\"$id\"', '\"id\":\"$id-other\"') where kind = 'poured'");
        self::$studio->rebuild();
        self::$studio->serve();
        $page->js("window.dispatchEvent(new Event('online'))");
        $page->untilSees("$act, Autumn sky, pressed");
        $page->untilSees('was not taken. This film has no such act any more.');
        $this->untilNothingWaits($page);
        $page = $this->open('/');
        $page->untilSees('was not taken');
        $page->press('button', 'Put away');
        $page->until(fn (): bool => ! $page->sees('was not taken'), 'it to be put away');
    }

    /** @return array<string, int> the act that it was, and when it was pressed, ms since 1970 */
    private function pressNext(Page $page): array
    {
        [$act, $at] = $page->pressNext('[aria-current=step]', 'act');

        return [$act => $at];
    }

    private function untilNothingWaits(Page $page): void
    {
        for ($tries = 0; $tries < 4; $tries++) {
            try {
                $page->until(fn (): bool => $page->text('[data-testid=waiting]') === '' && $page->js('return indexedDB.databases().then(async (all) => { const name = all.find((one) => one.name.startsWith("open-glaze-")).name; const open = await new Promise((done) => { const asked = indexedDB.open(name); asked.onsuccess = () => done(asked.result) }); const rows = await new Promise((done) => { const asked = open.transaction("presses").objectStore("presses").getAll(); asked.onsuccess = () => done(asked.result) }); open.close(); return rows.filter((row) => row.refused === null).length === 0 })') === true, 'nothing to wait');

                return;
            } catch (RuntimeException $exception) {
                if ($tries === 3) {
                    throw $exception;
                }
            }
        }
    }

    private function currentAct(Page $page): string
    {
        return (string) $page->js('return document.querySelector("[aria-current=step] span:nth-child(2)")?.textContent ?? ""');
    }

    private function counted(Page $page): string
    {
        return (string) $page->js('return document.querySelector("[role=timer] .sr-only")?.textContent ?? ""');
    }

    /** @return array<string, int> ms since 1970 by act */
    private function marks(): array
    {
        $row = self::$studio->database()->query("select marks from pours where id = '".basename(self::$studio->path(self::POUR))."'", PDO::FETCH_COLUMN, 0);
        $marks = json_decode((string) ($row === false ? '{}' : $row->fetchColumn()), true);

        return array_map(static fn (array $mark): int => (int) $mark['at'], is_array($marks) ? $marks : []);
    }
}
