<?php

declare(strict_types=1);

namespace Tests\Browser;

use Bench\Plans;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Page;

/** A plan of two hundred pieces beside the studio's own: found, folded, poured with the rest, put away, removed. */
final class HundredsTest extends BrowserTestCase
{
    private const PIECES = 200;

    private static string $plan = '';

    public function test_it_is_brought_in_once_and_asked_about_the_second_time(): void
    {
        $page = $this->open('/studio');
        $this->bringIn($page);
        $page->untilSees('gallery was read.');
        self::$plan = self::$studio->value("select id from plans where name = 'gallery'");
        self::assertSame((string) self::PIECES, self::$studio->value('select count(*) from pieces where plan_id = '.self::$plan));
        $page = $this->open('/studio');
        $this->bringIn($page);
        $page->untilSees('was brought in before');
        self::assertTrue($page->has('button', 'Bring it in once more all the same'));
        self::assertSame('1', self::$studio->value("select count(*) from plans where name = 'gallery'"));
    }

    public function test_its_pieces_come_page_by_page_and_are_found_by_name(): void
    {
        $page = $this->open('/pieces');
        $page->untilSees('gallery, 200 pieces');
        self::assertLessThan(120, count($page->driver->findElements(WebDriverBy::cssSelector('main li'))), 'not all at once');
        $page->press('link', 'More');
        $page->untilSees('2 of 4');
        $page->type('Find a piece by its name', 'comet');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('Comet over the ridge');
        self::assertFalse($page->sees('Winter sky'));
        $page->type('Find a piece by its name', 'no such piece');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('No piece is called anything like "no such piece"');
    }

    public function test_a_piece_is_taken_away_and_brought_back(): void
    {
        $page = $this->open('/pieces');
        $page->js('[...document.querySelectorAll("main li")].find((one) => one.innerText.includes("Vases")).querySelector("button").click()');
        $page->untilSees('Vases was taken away.');
        $page->press('link', 'One piece was taken away');
        $page->press('button', 'Bring Vases back');
        $page->untilSees('Vases is back.');
        self::assertSame('0', self::$studio->value('select count(*) from pieces where deleted_at is not null'));
    }

    public function test_some_of_it_are_poured_tonight_with_the_studios_own(): void
    {
        $page = $this->open('/evening');
        $page->press('button', 'Choose what is poured');
        $page->find('dialog', 'What is poured tonight');
        self::assertLessThan(80, count($page->driver->findElements(WebDriverBy::cssSelector('[role=dialog] input[type=checkbox]'))), 'the rest is folded');
        $page->untilSees('more with');
        // what was chosen before is let go
        $page->js('document.querySelectorAll("[role=dialog] fieldset input:checked").forEach((box) => box.click())');
        $page->untilSees('0 chosen');
        $page->type('Find a piece, a plan or a resin', 'gallery');
        $page->until(static fn (): bool => str_contains($page->text('[role=dialog] [aria-live]'), '200 of'), 'the gallery alone');
        $page->js('[...document.querySelectorAll("[role=dialog] fieldset input")].slice(0, 3).forEach((box) => box.click())');
        $page->type('Find a piece, a plan or a resin', 'comet');
        $page->until(static fn (): bool => str_contains($page->text('[role=dialog] [aria-live]'), '3 chosen'), 'three to stay chosen');
        $page->js('document.querySelector("[role=dialog] fieldset input").click()');
        $page->press('button', 'Propose the cups');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the proposal');
        $rows = implode(' ', array_map(static fn ($row): string => $row->getText(), $page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]'))));
        self::assertStringContainsString('Comet over the ridge', $rows);
        self::assertMatchesRegularExpression('/Autumn sky \(\d+\)/', $rows, 'one of two hundred of its name');
    }

    public function test_everything_of_it_at_once_is_an_evening_longer_than_a_day_and_says_so(): void
    {
        $page = $this->open('/evening');
        $page->press('button', 'Choose what is poured');
        $page->type('Find a piece, a plan or a resin', 'gallery');
        $page->until(static fn (): bool => str_contains($page->text('[role=dialog] [aria-live]'), '200 of'), 'the gallery alone');
        $page->press('button', 'Everything with it that is ready');
        $page->until(static fn (): bool => preg_match('/20\d chosen/', $page->text('[role=dialog] [aria-live]')) === 1, 'all of it to be chosen');
        $page->press('button', 'Propose the cups');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the proposal');
        $page->untilSees('longer than a day');
    }

    public function test_it_is_put_away_and_removed_and_what_is_the_studios_own_stays(): void
    {
        $page = $this->open('/studio');
        $page->press('button', 'Put gallery away');
        $page->untilSees('gallery, 200 pieces, put away');
        $page = $this->open('/pieces');
        self::assertFalse($page->sees('gallery'));
        $page = $this->open('/evening');
        $page->press('button', 'Choose what is poured');
        self::assertFalse($page->sees('gallery'));
        $page = $this->open('/studio');
        $page->press('button', 'Remove gallery');
        $page->find('dialog', 'Remove gallery for good?');
        $page->press('button', 'Remove it');
        $page->until(fn (): bool => self::$studio->value("select count(*) from plans where name = 'gallery'") === '0', 'it to be gone');
        $page->until(static fn (): bool => ! $page->has('dialog', ''), 'the question to close');
        self::assertSame('0', self::$studio->value('select count(*) from pieces where plan_id = '.self::$plan));
        self::assertGreaterThan(10, (int) self::$studio->value('select count(*) from pieces'));
        $this->open('/evening');
        self::assertTrue($page->has('button', 'Choose what is poured'));
    }

    private function bringIn(Page $page): void
    {
        $file = self::$studio->folder.'/gallery.json';
        if (! is_file($file)) {
            file_put_contents($file, Plans::large((string) file_get_contents(__DIR__.'/../../docs/examples/autumn-sky.json'), self::PIECES));
        }
        $page->driver->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
    }
}
