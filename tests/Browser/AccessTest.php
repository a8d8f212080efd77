<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\TestWith;
use Tests\Browser\Support\AsksAxe;
use Tests\Browser\Support\Page;

/** axe, on every page, with dialogs open, in both lights, on a laptop and a phone. */
final class AccessTest extends BrowserTestCase
{
    use AsksAxe;

    private const PAGES = [
        '/', '/pieces', '/pieces/new', '/pieces/autumn', '/pieces/winter/history', '/coats/autumn-flood', '/coats/ridge-trial-boards-flood', '/coats/comet-flood/mix',
        '/run', '/pours/autumn-flood', '/pours/moon-study-flood', '/pours/moon-study-flood/finish', '/evening', '/plans/1/batches/batch-3', '/plans/1/evening/sheet', '/shelf?tab=vessels', '/shelf?tab=recipes', '/coats/table-deep', '/coats/pendants-dome', '/pieces/fox', '/pieces/vases', '/shelf', '/studio', '/swatches', '/nowhere',
    ];

    #[TestWith([1280, 800, 'light'])]
    #[TestWith([390, 844, 'light'])]
    #[TestWith([1280, 800, 'dark'])]
    public function test_axe_finds_nothing(int $width, int $height, string $light): void
    {
        self::$page->size($width, $height);
        self::$page->light($light);
        foreach (self::PAGES as $path) {
            $page = $this->open($path);
            // the whole page at once: what the bar at the foot covers is scrolled from under it
            self::$page->size($width, max($height, (int) $page->js('return document.documentElement.scrollHeight')));
            $this->assertAxeFindsNothing($page, "$path at $width px, $light");
            if ($width < 600) {
                self::assertLessThanOrEqual($width, $page->js('return document.documentElement.scrollWidth'), "$path is wider than the phone");
            }
            self::$page->size($width, $height);
        }
        $page = $this->open('/coats/autumn-flood');
        $page->press('button', '407 ml film');
        $page->find('dialog', '');
        $this->assertAxeFindsNothing($page, "a trace at $width px, $light");
        $page->press('button', 'Close');
        $page = $this->open('/coats/comet-flood/mix');
        $page->press('button', 'It is mixed');
        $page->find('dialog', '');
        $this->assertAxeFindsNothing($page, "the start at $width px, $light");
    }

    public function test_axe_finds_nothing_while_somebody_pours(): void
    {
        self::$page->light('light');
        self::$page->size(390, 844);
        $page = $this->open('/coats/ridge-trial-boards-flood/mix');
        $page->press('button', 'It is mixed');
        $page->press('button', 'Start the clock');
        $page->untilSees('Mixing and pouring');
        $this->assertAxeFindsNothing($page, 'while pouring');
        $page->press('button', 'Mishap');
        $page->find('dialog', 'What happened?');
        $this->assertAxeFindsNothing($page, 'what happened');
        $page->press('button', 'Short of resin');
        $page->find('textbox', 'How much is missing');
        $this->assertAxeFindsNothing($page, 'short of resin');
        $page->press('button', 'Back to the bench');
        $page->press('button', 'It is all on the piece');
        $page->untilSees('Before the heat');
        $page->untilSees('Sticky gloves off');
        $this->assertAxeFindsNothing($page, 'before the heat');
        $page->press('button', 'Sound');
        $this->assertAxeFindsNothing($page, 'with sound');
    }

    public function test_axe_finds_nothing_while_somebody_weighs_and_stirs(): void
    {
        self::$page->light('light');
        self::$page->size(390, 844);
        $page = $this->open('/plans/1/batches/batch-1');
        $page->press('button', 'Part A, ');
        $page->find('dialog', 'Part A');
        $this->assertAxeFindsNothing($page, 'how part A came about');
        $page->press('button', 'Close');
        $page->press('button', 'Weigh it');
        $page->untilSees('Gloves on');
        $this->assertAxeFindsNothing($page, 'before the weighing');
        $page->press('button', 'Begin');
        foreach (['a', 'b'] as $part) {
            $page->untilSees('Pour part '.strtoupper($part));
            $this->assertAxeFindsNothing($page, "weighing $part by hand");
            preg_match('/[\d.]+/', $page->text('main p.figure'), $found);
            $page->wentIn($found[0]);
        }
        $page->press('button', 'I am stirring');
        $page->untilSees('It is mixed already');
        $this->assertAxeFindsNothing($page, 'stirring');
        $page->press('button', 'It is mixed already');
        $page->find('textbox', 'The room now');
        $this->assertAxeFindsNothing($page, 'before the clocks');
    }

    public function test_what_is_pressed_in_gloves_is_large(): void
    {
        self::$page->size(390, 844);
        $page = $this->open('/pours/autumn-flood');
        $small = $page->js(<<<'JS'
            return [...document.querySelectorAll('main button, main a')]
                .map((element) => [element.getAttribute('aria-label') ?? element.textContent, element.getBoundingClientRect()])
                .filter(([, box]) => box.width > 0 && (box.width < 64 || box.height < 64))
                .map(([name]) => name)
            JS);
        self::assertSame([], $small);
        self::assertLessThanOrEqual(844, (float) $page->js('return document.querySelector("[data-testid=next]").getBoundingClientRect().bottom'));
    }

    public function test_axe_finds_nothing_before_the_first_cup_and_before_a_rehearsal(): void
    {
        self::$studio->database()->exec("update pours set off_at = '2026-01-01 00:00:00.000'");
        self::$studio->database()->exec('update mixings set in_use = 0');
        foreach ([[390, 844, 'light'], [1280, 800, 'dark']] as [$width, $height, $light]) {
            self::$page->size($width, $height);
            self::$page->light($light);
            $page = $this->open('/run');
            $page->untilSees('Before the first cup');
            $this->assertAxeFindsNothing($page, "the checks, $light");
            $page = $this->open('/evening');
            $page->press('button', 'Rehearse it');
            $page->find('dialog', 'Rehearse tonight');
            $this->assertAxeFindsNothing($page, "before a rehearsal, $light");
        }
    }
}
