<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Page;

/** Every page at the width of a phone, in both systems of units: nothing sticks out, and what leads on can be pressed. */
final class NarrowTest extends BrowserTestCase
{
    private const PAGES = [
        '/', '/pieces', '/pieces/new', '/pieces/autumn', '/pieces/autumn/history', '/pieces/winter/history', '/coats/autumn-flood', '/coats/comet-base', '/coats/pendants-dome',
        '/coats/autumn-flood/mix', '/run', '/pours/autumn-flood', '/pours/moon-study-flood', '/pours/moon-study-flood/finish', '/evening', '/plans/1/evening/sheet',
        '/plans/1/batches/batch-1', '/plans/1/batches/batch-4', '/shelf', '/studio', '/swatches', '/nowhere',
    ];

    protected function setUp(): void
    {
        self::$page->size(390, 844);
    }

    public function test_no_page_is_wider_than_the_phone(): void
    {
        foreach (['metric', 'imperial'] as $units) {
            $this->reads($units);
            foreach (self::PAGES as $path) {
                $page = $this->open($path);
                self::assertLessThanOrEqual(390, (int) $page->js('return document.documentElement.scrollWidth'), "$path in $units: ".implode(', ', $this->sticksOut($page)));
            }
        }
        $this->reads('metric');
    }

    public function test_every_page_can_be_read_on_a_narrow_window_at_twice_the_size_of_letters(): void
    {
        self::$page->size(640, 800);
        foreach (self::PAGES as $path) {
            $page = $this->open($path);
            $page->js('document.documentElement.style.fontSize = "200%"');
            self::assertSame([], $this->cutOff($page), $path);
            self::assertLessThanOrEqual(640, (int) $page->js('return document.querySelector("header").scrollWidth'), $path);
        }
    }

    public function test_what_leads_on_lies_in_reach_of_a_thumb(): void
    {
        foreach (['/coats/winter-flood' => 'To the mix sheet', '/coats/winter-flood/mix' => 'It is mixed', '/plans/1/batches/batch-1' => 'Weigh it', '/pieces/winter' => 'Save, to its coat'] as $path => $button) {
            $page = $this->open($path);
            $box = $page->js('const box = arguments[0].getBoundingClientRect(); return [box.top, box.bottom, box.height]', $page->find('button', $button));
            self::assertGreaterThan(844 / 2, $box[0], "$button is low enough");
            self::assertLessThanOrEqual(844, $box[1], "$button is on the screen");
            self::assertGreaterThanOrEqual(44, $box[2], $button);
        }
    }

    public function test_a_sheet_over_the_page_can_be_scrolled_to_its_end_and_closed(): void
    {
        $page = $this->open('/shelf');
        $page->press('button', 'A sheet from its label');
        $page->find('dialog', 'A sheet from its label');
        $end = $page->find('button', 'Keep the sheet');
        $page->js('arguments[0].scrollIntoView({ block: "end" })', $end);
        $box = $page->js('const box = arguments[0].getBoundingClientRect(); return [box.left, box.right, box.bottom]', $end);
        self::assertGreaterThanOrEqual(0, $box[0]);
        self::assertLessThanOrEqual(390, $box[1]);
        self::assertLessThanOrEqual(844, $box[2]);
        $page->press('button', 'Close');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the sheet to close');
    }

    /** @return list<string> what is wider than the page, the narrowest of it */
    private function sticksOut(Page $page): array
    {
        return $page->js(<<<'JS'
            return [...document.querySelectorAll('main *, header *')]
                .filter((one) => one.getBoundingClientRect().right > 391 && one.closest('.overflow-x-auto, .overflow-auto, svg, .sr-only') === null)
                .slice(-4).map((one) => one.tagName + ' ' + (one.textContent ?? '').trim().slice(0, 40))
            JS);
    }

    /** @return list<string> buttons and headings of which something cannot be seen */
    private function cutOff(Page $page): array
    {
        return $page->js(<<<'JS'
            return [...document.querySelectorAll('main h1, main h2, main button')]
                .filter((one) => one.getClientRects().length > 0 && one.closest('.overflow-x-auto, .overflow-auto, .sr-only, svg') === null && !one.classList.contains('sr-only'))
                .filter((one) => one.getBoundingClientRect().right > innerWidth + 1 && one.getBoundingClientRect().left < innerWidth)
                .map((one) => (one.textContent ?? '').trim().slice(0, 40))
            JS);
    }
}
