<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DatabaseSeeder;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;

/** Two people at one coat, and two studios at one address. */
final class TwoOfThemTest extends BrowserTestCase
{
    private const COAT = '/coats/autumn-flood';

    public function test_what_another_changed_meanwhile_is_said_and_neither_is_lost_unseen(): void
    {
        $mine = $this->open(self::COAT);
        $mine->find('slider', 'Film thickness');
        $theirs = new Page;
        try {
            $theirs->open(self::$studio->url(self::$studio->path(self::COAT)));
            $theirs->js("localStorage.setItem('no-substitute-read', 'yes')");
            $this->thickness($theirs, '2.2');
            $this->untilKept('2.2');

            $this->thickness($mine, '1.9');
            $mine->untilSees('Put mine over it');
            self::assertStringContainsString('the film in mm, from 1.6 to 2.2', $mine->text('[role=alert]'));
            self::assertSame('1.9', $mine->find('textbox', 'Film thickness')->getAttribute('value'), 'what was typed stays');
            $this->untilKept('2.2');
            $mine->press('button', 'Put mine over it');
            $this->untilKept('1.9');
            $mine->until(static fn (): bool => ! $mine->has('button', 'Put mine over it'), 'it to be settled');

            // and the other way round: who takes what is there sees it
            $this->thickness($theirs, '2.5');
            $theirs->untilSees('Take what is there');
            $theirs->press('button', 'Take what is there');
            $theirs->until(static fn (): bool => $theirs->has('textbox', 'Film thickness') && (float) $theirs->find('textbox', 'Film thickness')->getAttribute('value') === 1.9, 'what is there');
            $this->untilKept('1.9');
            self::assertSame([], array_filter($theirs->complaints(), static fn (string $complaint): bool => ! str_contains($complaint, '409')));
        } finally {
            $theirs->quit();
        }
        // a refusal is an answer of 409, which the browser writes down
        $mine->complaints();
    }

    public function test_a_page_of_another_studio_is_never_shown_and_hears_of_no_press(): void
    {
        $page = $this->open('/pours/autumn-flood');
        $page->until(fn (): bool => $page->js('return navigator.serviceWorker.ready.then(() => true)') === true, 'the worker');
        $page = $this->open('/pours/autumn-flood');
        $address = $page->driver->getCurrentURL();
        self::$studio->kill();
        $page->find('button', 'Done')->click();
        $page->untilSees('1 press waiting');

        $other = new Studio(DatabaseSeeder::class, self::$studio->port);
        $other->serve();
        try {
            $events = $other->value('select count(*) from events');
            $page->open($other->url('/'));
            self::assertFalse($page->sees('1 press waiting'));
            $page->open($address);
            $page->untilSees('There is nothing at this address');
            self::assertSame($events, $other->value('select count(*) from events'), 'nothing pressed in the first reached the second');

            // without a server it is the second whose pages are shown
            $other->kill();
            $page->driver->get($address);
            $page->untilSees('No answer from the studio');
        } finally {
            $other->remove();
        }

        // the first is served again: what was pressed there waits there, and goes
        self::$studio->serve();
        $page->open($address);
        $page->until(fn (): bool => $this->isMarked(), 'the press to arrive where it belongs');
        $page->complaints();
    }

    private function thickness(Page $page, string $mm): void
    {
        $page->type('Film thickness', $mm);
        $page->keys(WebDriverKeys::ENTER);
    }

    private function untilKept(string $thickness): void
    {
        self::$page->until(fn (): bool => str_contains((string) self::$studio->value("select spec from coats where key = 'autumn-flood'"), "\"thickness_mm\":$thickness"), "$thickness mm to be kept");
    }

    private function isMarked(): bool
    {
        $id = basename(self::$studio->path('/pours/autumn-flood'));

        return (int) self::$studio->value("select count(*) from events where subject = '$id' and kind = 'act_done' and kept = 0") > 0;
    }
}
