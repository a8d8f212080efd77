<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\DatabaseSeeder;
use Facebook\WebDriver\WebDriverBy;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Studio;
use Throwable;

/** One studio and one browser for each test class; the demo unless it says otherwise. */
abstract class BrowserTestCase extends TestCase
{
    protected const SEEDER = DatabaseSeeder::class;

    protected static Studio $studio;

    protected static Page $page;

    public static function setUpBeforeClass(): void
    {
        self::$studio = new Studio(static::SEEDER);
        self::$studio->serve();
        self::$page = new Page;
        self::$page->open(self::$studio->url('/'));
        self::$page->js("localStorage.setItem('no-substitute-read', 'yes')");
    }

    public static function tearDownAfterClass(): void
    {
        self::$page->quit();
        self::$studio->remove();
    }

    protected function setUp(): void
    {
        self::$page->size(1280, 800);
    }

    protected function assertPostConditions(): void
    {
        self::assertSame([], self::$page->complaints());
        self::assertSame('', self::$studio->log());
    }

    protected function onNotSuccessfulTest(Throwable $t): never
    {
        fwrite(STDERR, self::$studio->log());
        parent::onNotSuccessfulTest($t);
    }

    /** Opens a page; pieces and coats may be named by their keys, as in /coats/autumn-flood. */
    protected function open(string $path): Page
    {
        self::$page->open(self::$studio->url(self::$studio->path($path)));

        return self::$page;
    }

    /** From now on the browser asks for this system of units. */
    protected function reads(string $units): void
    {
        $this->open('/')->js('document.cookie = "units=" + arguments[0] + "; path=/"', $units);
    }

    /** Chooses from a list by the value that is sent. */
    protected function choose(Page $page, string $label, string $value): void
    {
        $page->find('combobox', $label)->findElement(WebDriverBy::cssSelector("option[value=$value]"))->click();
    }

    /** What stands in the field with this label. */
    protected function value(Page $page, string $label): string
    {
        return (string) $page->find('textbox', $label)->getAttribute('value');
    }
}
