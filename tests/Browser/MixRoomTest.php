<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Page;
use Tests\Support\DeviceProcess;

/** The demo evening: prints, tiles and pendants planned, coloured, weighed on a scale that fails, and poured. */
final class MixRoomTest extends BrowserTestCase
{
    private static DeviceProcess $scale;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$scale = new DeviceProcess(self::$studio->scaleSocket());
        self::$scale->start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$scale->remove();
        parent::tearDownAfterClass();
    }

    public function test_the_evening_is_planned_coloured_and_weighed(): void
    {
        $page = $this->open('/evening');
        $page->press('button', 'Choose what is poured');
        $page->until(fn (): bool => count($page->js('return [...document.querySelectorAll("[role=dialog] input[type=checkbox]:checked")].map((box) => box.closest("label").innerText)')) >= 4, 'what is planned already to be ticked');
        $page->press('button', 'Propose the cups');
        $page->until(fn (): bool => ! $page->has('dialog', ''), 'the proposal');
        self::assertCount(6, $page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]')));

        // the spare tiles get a cup of their own, by the keyboard's way; and come back
        $this->cupOf($page, 'Moon phases, spare');
        $page->press('button', '6 Moon phases, spare');
        $page->find('dialog', 'Moon phases, spare');
        $page->js('const into = [...document.querySelectorAll("[role=dialog] select")].at(-1); Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set.call(into, ""); into.dispatchEvent(new Event("change", { bubbles: true }))');
        $page->press('button', 'Move');
        $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]'))) === 7, 'a seventh cup');
        $page->press('button', 'Undo');
        $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]'))) === 6, 'six cups again');

        $this->colours($page);
        $this->weighs($page);
        $this->stirsAndPours($page);
    }

    public function test_a_piece_is_dragged_into_another_cup(): void
    {
        $page = $this->open('/evening');
        $rows = $page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]'));
        $pendants = array_values(array_filter($rows, static fn ($row): bool => str_contains($row->getText(), 'Pendants')));
        self::assertCount(2, $pendants);
        $page->tabTo('button', '30 of 60 Pendants');
        $page->keys(WebDriverKeys::ENTER);
        $page->find('dialog', 'Pendants');
        $page->keys(WebDriverKeys::ESCAPE);
        $page->until(fn (): bool => ! $page->has('dialog', ''), 'the question to close');
        // by the keyboard alone, into a cup of another resin: it stays where it was, and why is said
        $page->tabTo('button', '30 of 60 Pendants');
        $page->keys(WebDriverKeys::SPACE);
        $page->until(fn (): bool => str_contains((string) $page->js('return document.body.textContent'), 'Pendants is over cup 5.'), 'it to be taken hold of');
        $page->keys(WebDriverKeys::ARROW_UP);
        $page->until(fn (): bool => str_contains((string) $page->js('return document.body.textContent'), 'Pendants is over cup 4.'), 'it to be over the cup above');
        $page->keys(WebDriverKeys::SPACE);
        $page->untilSees('Coats that share a cup share a resin');
        self::assertCount(count($rows), $page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]')));
        $empty = $this->emptyAfter($pendants[0]->getText());
        $block = $pendants[1]->findElement(WebDriverBy::cssSelector('button[aria-label*="Pendants"]'));
        $page->js('arguments[0].scrollIntoView({ block: "center" })', $block);
        $page->driver->action()->moveToElement($block)->clickAndHold()->moveByOffset(0, -20)->moveToElement($pendants[0]->findElement(WebDriverBy::cssSelector('svg')))->moveByOffset(0, 2)->release()->perform();
        $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]'))) === count($rows) - 1, 'one cup less');
        $page->untilSees('Split it: Pendants would be spread only after');
        $row = array_values(array_filter($page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]')), static fn ($row): bool => str_contains($row->getText(), 'Pendants')))[0];
        self::assertGreaterThan(1.7 * $empty, $this->emptyAfter($row->getText()));
        $page->press('button', 'Undo');
        $page->until(fn (): bool => count($page->driver->findElements(WebDriverBy::cssSelector('[data-testid=batch]'))) === count($rows), 'the cup to be back');
    }

    public function test_mix_sheets_are_paper(): void
    {
        $page = $this->open('/plans/1/evening/sheet');
        $page->untilSees('Stir');
        $pdf = $page->devtools('Page.printToPDF', ['paperWidth' => 8.27, 'paperHeight' => 11.69, 'preferCSSPageSize' => true]);
        $file = sys_get_temp_dir().'/mix-sheets-'.bin2hex(random_bytes(4)).'.pdf';
        file_put_contents($file, base64_decode((string) $pdf['data']));
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        unlink($file);
        self::assertStringContainsString('Round Dome 1:1', $text);
        self::assertMatchesRegularExpression('/Stir \d+ min/', $text);
        self::assertMatchesRegularExpression('/No substitute for the\s+maker/', $text);
        self::assertStringNotContainsString('All cups', $text, 'what is pressed is not printed');
    }

    /** One drop more of white; the mix changes, and becomes a recipe. */
    private function colours(Page $page): void
    {
        $page->driver->get(self::$studio->url('/plans/1/batches/'.$this->cupOf($page, 'Moon phases')));
        $page->untilSees('night blue');
        self::assertTrue($page->sees('The cup’s clock') || $page->sees("The cup's clock"));
        $before = $page->text('main');
        $page->press('button', 'More Moon white paste');
        $page->until(fn (): bool => $page->text('main') !== $before, 'the dose to change');
        $page->press('button', 'Adjust');
        $page->press('button', 'Keep as a recipe');
        $page->type('Its name', 'Night blue, lighter');
        $page->press('button', 'Keep it');
        $page->until(fn (): bool => (int) self::$studio->database()->query("select count(*) from supplies where key = 'night-blue-lighter'")->fetchColumn() === 1, 'the recipe on the shelf');
        $page->until(fn (): bool => str_contains((string) file_get_contents(self::$studio->url('/plans/1/file')), '"recipe": "night-blue-lighter"'), 'the cup to name it');
    }

    /** A to its mark, B far past it, the scale dies in the middle of the top-up, and the rest is typed. */
    private function weighs(Page $page): void
    {
        $page->press('button', 'Weigh it');
        $page->untilSees('Gloves on');
        $page->press('button', 'Begin');
        $page->press('button', 'Put a cup on');
        $this->steadyAt($page, 31.0);
        $page->press('button', 'Cup on: zero');
        $this->steadyAt($page, 0.0);
        $target = $this->target($page);
        $this->hand(['hand' => 'put', 'grams' => $target + 0.05]);
        $page->untilSees('on the mark');
        $page->press('button', 'That is it');
        $page->untilSees('Pour part B');
        $page->press('button', 'Zero');
        $this->steadyAt($page, 0.0);
        $target = $this->target($page);
        $this->hand(['hand' => 'put', 'grams' => 1.2 * $target]);
        $page->untilSees('past the mark');
        $page->press('button', 'That is it');
        $page->untilSees('More of part A');
        $page->press('button', 'Zero');
        $this->steadyAt($page, 0.0);
        $this->hand(['hand' => 'pour', 'grams' => 1.0]);
        $page->until(fn (): bool => (float) $this->reading($page) > 0.5, 'the first grams of the top-up');
        self::$scale->kill();
        $page->untilSees('no scale answers here');
        $page->untilSees('It came to something else');
        $page->wentIn($this->shown($page));
        $page->untilSees('I am stirring');
        self::assertMatchesRegularExpression('/off by 0\.\d %/', $page->text('aside'));
        self::assertTrue($page->sees('ml more than planned'));
        // a reload loses nothing
        $page->driver->navigate()->refresh();
        $page->untilSees('I am stirring');
        self::$scale->start();
    }

    private function stirsAndPours(Page $page): void
    {
        $page->press('button', 'I am stirring');
        $page->until(fn (): bool => preg_match('/^3:5\d/', $page->text('[data-testid=stir]')) === 1, 'four minutes to run');
        $page->press('button', 'It is mixed already');
        $page->untilSees('Mixed resin for');
        for ($cups = 0; $page->has('button', 'Type it instead') || $page->has('button', 'They are in') || ! $page->sees('Pour it now'); $cups++) {
            self::assertLessThan(12, $cups);
            $before = $page->text('main h2');
            if ($page->has('button', 'They are in')) {
                $page->press('button', 'They are in');
            } else {
                $page->wentIn($this->shown($page));
            }
            $page->until(fn (): bool => $page->text('main h2') !== $before, 'the next dose');
        }
        $page->press('button', 'To the pour');
        $page->until(fn (): bool => (int) self::$studio->database()->query('select count(*) from pours where mixing_id is not null')->fetchColumn() > 0, 'running clocks');
    }

    /** The id of the first cup that such a piece is poured from. */
    private function cupOf(Page $page, string $piece): string
    {
        $href = $page->js('return [...document.querySelectorAll("[data-testid=batch]")].find((row) => row.innerText.includes(arguments[0]))?.querySelector("a").getAttribute("href")', $piece);
        self::assertIsString($href);

        return basename($href);
    }

    private function emptyAfter(string $row): float
    {
        self::assertSame(1, preg_match('/empty (\d+) min/', $row, $found), $row);

        return (float) $found[1];
    }

    private function target(Page $page): float
    {
        $page->until(fn (): bool => preg_match('/of ([\d.]+) g/', $page->text('main section'), $found) === 1, 'a mark');
        preg_match('/of ([\d.]+) g/', $page->text('main section'), $found);

        return (float) $found[1];
    }

    /** The grams in large figures. */
    private function shown(Page $page): string
    {
        self::assertSame(1, preg_match('/[\d.]+/', $page->text('main p.figure'), $found));

        return $found[0];
    }

    private function steadyAt(Page $page, float $grams): void
    {
        $page->until(fn (): bool => abs((float) $this->reading($page) - $grams) < 0.25 && str_contains($page->text('[data-testid=reading]'), 'steady'), "a steady $grams g");
    }

    private function reading(Page $page): string
    {
        preg_match('/says (-?[\d.]+) g/', $page->text('[data-testid=reading]'), $found);

        return $found[1] ?? '0';
    }

    /** @param  array<string, mixed>  $what  that a hand does to the scale */
    private function hand(array $what): void
    {
        $socket = stream_socket_client('unix://'.self::$scale->path);
        self::assertIsResource($socket);
        fwrite($socket, json_encode($what)."\n");
        fgets($socket);
        fclose($socket);
    }
}
