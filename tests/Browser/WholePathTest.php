<?php

declare(strict_types=1);

namespace Tests\Browser;

use Database\Seeders\ShelfSeeder;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\Page;

/** From one measured piece to what it took: once by hand, once with keys alone. */
final class WholePathTest extends BrowserTestCase
{
    protected const SEEDER = ShelfSeeder::class;

    public function test_by_pointer(): void
    {
        $page = $this->open('/');
        $page->untilSees('Measure one piece');
        $page->press('link', 'Take in a piece');
        $page->type('Name', 'Autumn sky');
        $page->type('Width', '62 cm');
        $page->type('Height', '410');
        $page->type('Edge depth', '3,6 cm');
        $page->untilSees('2542 cm²');
        $page->press('button', 'Plan its coat');

        $page->find('slider', 'Film thickness');
        $before = $this->gramsOf($page, 'a');
        $this->pullUp($page, 40);
        $page->until(fn (): bool => $page->text('[role=status]') === 'Saved', 'the pulled film to be saved');
        $film = (float) $page->find('slider', 'Film thickness')->getAttribute('aria-valuenow');
        self::assertGreaterThan(2.5, $film);
        self::assertGreaterThan(1.4 * $before, $this->gramsOf($page, 'a'));
        self::assertSame(number_format($film, 2), $page->find('textbox', 'Film thickness')->getAttribute('value'));

        $page->press('button', 'Undo');
        $page->until(fn (): bool => $page->find('slider', 'Film thickness')->getAttribute('aria-valuenow') === '1.6', 'the film as it was');
        $page->until(fn (): bool => $this->gramsOf($page, 'a') === $before, 'the amounts as they were');

        $page->press('button', 'Part A');
        $page->find('dialog', '');
        $page->untilSees('from the label');
        $page->press('button', 'Close');

        $page->press('button', 'To the mix sheet');
        $page->until(fn (): bool => $page->has('button', 'It is mixed'), 'the mix sheet');
        self::assertSame($before, $this->gramsOf($page, 'a'));
        $page->press('button', 'It is mixed');
        $page->press('button', 'Start the clock');

        $page->untilSees('Pour and spread');
        $page->press('button', 'It is all on the piece');
        foreach (['Heat pass 1 of 2', 'Wipe the drips 1 of 7', 'Heat pass 2 of 2', 'Wipe the drips 2 of 7', 'Wipe the drips 3 of 7', 'Last look', 'Wipe the drips 4 of 7', 'Wipe the drips 5 of 7', 'Wipe the drips 6 of 7', 'Wipe the drips 7 of 7', 'Cover it'] as $act) {
            // done so early, it waits for long under its cover
            $page->until(fn (): bool => $this->isNext($page, $act), $act);
            if (str_starts_with($act, 'Heat pass')) {
                self::assertSame($act === 'Heat pass 1 of 2', $page->sees('extinguisher'), 'a caution stands in full once, then folded to its name');
                self::assertTrue($page->sees('Before the heat'));
            }
            $this->pressNext($page);
        }
        $page->until(fn (): bool => $page->has('button', 'Finish: what it took'), 'the waiting');
        $page->press('button', 'Take the last press back');
        $page->until(fn (): bool => str_starts_with($page->text('[aria-current=step]'), 'Cover it'), 'the last press to be back');
        $this->pressNext($page);
        $page->until(fn (): bool => $page->has('button', 'Finish: what it took'), 'the waiting again');
        $this->pressNext($page);

        $page->type('Part A used', '399');
        $page->type('Part B used', '171.5');
        $page->type('One note', 'Even all over.');
        $page->driver->findElement(\Facebook\WebDriver\WebDriverBy::cssSelector('input[type=file]'))->sendKeys($this->photo());
        $page->untilSees('photo.jpg');
        $page->press('button', 'Write it down');
        $page->untilSees('more than planned');
        $page->untilSees('Even all over.');
        $page->until(fn (): bool => $page->js('return [...document.images].some((image) => image.naturalWidth > 0)') === true, 'the photo');
    }

    public function test_by_keys_alone(): void
    {
        $page = $this->open('/');
        $page->tabTo('link', 'Take in a piece');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('A new piece');
        $page->tabTo('textbox', 'Name');
        $page->keys('Winter sky');
        $page->tabTo('textbox', 'Width');
        $page->keys("2' 6\"");
        $page->tabTo('textbox', 'Height');
        $page->keys('16 1/2 in');
        $page->untilSees('762 mm');
        $page->tabTo('checkbox', 'Coat the left edge');
        $page->keys(WebDriverKeys::SPACE);
        $page->until(fn (): bool => $page->find('checkbox', 'Coat the left edge')->getAttribute('aria-checked') === 'false', 'the left edge bare');
        $page->tabTo('button', 'Plan its coat');
        $page->keys(WebDriverKeys::ENTER);

        $page->tabTo('slider', 'Film thickness');
        $before = $this->gramsOf($page, 'a');
        $page->keys(WebDriverKeys::ARROW_UP, WebDriverKeys::ARROW_UP, WebDriverKeys::PAGE_UP);
        $page->until(fn (): bool => $page->find('slider', 'Film thickness')->getAttribute('aria-valuenow') === '2.2', 'the film pulled by keys');
        $page->until(fn (): bool => $page->text('[role=status]') === 'Saved' && $this->gramsOf($page, 'a') > $before, 'more to weigh out');
        $page->tabTo('combobox', 'Resin');
        $before = $this->gramsOf($page, 'a');
        $page->keys(WebDriverKeys::ARROW_DOWN);
        $page->until(fn (): bool => $this->gramsOf($page, 'a') < $before, 'another resin, 1:1, to take less of part A');
        $page->keys(WebDriverKeys::ARROW_UP);
        $page->until(fn (): bool => $this->gramsOf($page, 'a') === $before, 'the first resin again');
        $page->tabTo('button', 'film');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('The formula with its numbers');
        $page->keys(WebDriverKeys::ESCAPE);
        $page->until(fn (): bool => ! $page->has('dialog', ''), 'the arithmetic to close');
        $page->tabTo('button', 'To the mix sheet');
        $page->keys(WebDriverKeys::ENTER);

        $page->until(fn (): bool => $page->has('button', 'It is mixed'), 'the mix sheet');
        $page->tabTo('button', 'It is mixed');
        $page->keys(WebDriverKeys::ENTER);
        $page->tabTo('button', 'Start the clock');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('Pour and spread');
        foreach ([WebDriverKeys::PAGE_DOWN, WebDriverKeys::SPACE, WebDriverKeys::ENTER, WebDriverKeys::PAGE_DOWN] as $pressed => $key) {
            $page->until(fn (): bool => $this->passed($page) === $pressed, "press $pressed to have counted");
            $this->untilSteady($page);
            $page->keys($key);
        }
        $page->until(fn (): bool => $this->passed($page) === 4, 'four presses to have counted');
        $page->tabTo('link', 'Finish now');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('What it took');
        $page->tabTo('textbox', 'Part B used');
        $page->keys('171.5');
        $page->tabTo('button', 'Write it down');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('Written down.');
    }

    /** How often "next" has counted: the end of the pouring, then acts. */
    private function passed(Page $page): int
    {
        return $page->sees('Pour and spread') ? 0 : 1 + (int) $page->js('return document.querySelectorAll("[aria-label=done]").length');
    }

    /** Whether that is next; a cover for the wait until then is put on first. */
    private function isNext(Page $page, string $act): bool
    {
        $this->untilSteady($page);
        if (str_starts_with($page->text('[aria-current=step]'), 'Cover on')) {
            $this->pressNext($page);
        }

        return str_starts_with($page->text('[aria-current=step]'), $act);
    }

    private function pressNext(Page $page): void
    {
        $this->untilSteady($page);
        $page->driver->findElement(\Facebook\WebDriver\WebDriverBy::cssSelector('[data-testid=next]'))->click();
    }

    /** A second press within a trembling hand's time does not count, nor one on what nobody has seen yet; a person is not so fast. */
    private function untilSteady(Page $page): void
    {
        $page->js('window.pressedAt = performance.now()');
        $page->until(fn (): bool => $page->js('const [now, shown] = [performance.now(), document.querySelector("[aria-current=step]")?.dataset.act ?? ""]; if (shown !== window.shown) Object.assign(window, { shown, shownAt: now }); return now - window.pressedAt > 700 && now - window.shownAt > 350') === true, 'a steady hand');
    }

    private function gramsOf(Page $page, string $part): float
    {
        return (float) preg_replace('/^.*, ([\d.]+) g$/', '$1', (string) $page->js('return document.querySelector(arguments[0])?.getAttribute("aria-label") ?? ""', "[data-figure={$part}_g]"));
    }

    /** Takes hold of the film's surface and pulls it up by so many px, in many small moves. */
    private function pullUp(Page $page, int $px): void
    {
        $page->pull($page->find('slider', 'Film thickness'), array_fill(0, intdiv($px, 4), [0, -4]));
    }

    private function photo(): string
    {
        $image = imagecreatetruecolor(320, 200);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 30, 60, 110));
        imagejpeg($image, $file = self::$studio->folder.'/photo.jpg');

        return $file;
    }
}
