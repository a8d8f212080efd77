<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\TestWith;

/** What stands on the screens of the demo studio. */
final class ScreenTest extends BrowserTestCase
{
    public function test_the_check_case_is_read_off_the_screen(): void
    {
        $page = $this->open('/coats/autumn-flood');
        foreach (['Part A, 380.8 g', 'Part B, 163.7 g', 'Part A, 334 ml', 'Part B, 167 ml', 'Total weight 544.5 g', '501 ml in all', '407 ml film', '18.5 ml edges', '40.7 ml run-off', '8.2 ml soak', '3.0 ml cups', '23.9 ml margin'] as $figure) {
            self::assertTrue($page->has('button', $figure), $figure);
        }
    }

    public function test_how_sure_a_figure_is_stands_quietly_beside_it_and_in_its_explanation(): void
    {
        $page = $this->open('/coats/autumn-flood');
        $likely = 'return document.querySelector("[data-likely=open_min]")?.textContent';
        $page->until(static fn (): bool => is_string($page->js($likely)), 'how sure the open time is');
        self::assertMatchesRegularExpression('/^likely 4\d to 5\d min$/', (string) $page->js($likely));
        $page->js('document.querySelector("[data-figure=open_min]").click()');
        $page->untilSees("mostly the label's open time (");
    }

    public function test_a_stop_is_ended_by_the_press_that_it_offers(): void
    {
        $page = $this->open('/coats/winter-flood');
        $page->type('Film thickness', '6');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('mm at a time');
        $page->press('button', 'Make it 4.0 mm');
        $page->until(static fn (): bool => ! $page->sees('mm at a time'), 'the stop to go');
        $page->press('button', 'Undo');
        $page->untilSees('mm at a time');
        $page->press('button', 'Lay it in 2 coats');
        $page->untilSees('It is laid in 2 coats now.');
        self::assertFalse($page->sees('mm at a time'));
        $page->press('button', 'Undo');
        $page->untilSees('It is one coat again.');
        $page->type('Film thickness', '1.6');
        $page->keys(WebDriverKeys::ENTER);
        $saved = static fn (): mixed => self::$studio->database()->query("select json_extract(spec, '$.size_by.thickness_mm') from coats where key = 'winter-flood'")->fetchColumn();
        $page->until(static fn (): bool => (float) $saved() === 1.6, 'its film to be saved');
    }

    public function test_keys_reach_both_ends_of_the_film_and_are_saved_when_let_go(): void
    {
        $page = $this->open('/coats/comet-flood');
        $slider = $page->find('slider', 'Film thickness');
        $before = (float) $slider->getAttribute('aria-valuenow');
        $saved = static fn (): float => (float) self::$studio->value("select json_extract(spec, '$.size_by.thickness_mm') from coats where key = 'comet-flood'");
        foreach ([WebDriverKeys::END => 'aria-valuemax', WebDriverKeys::HOME => 'aria-valuemin'] as $key => $end) {
            $mm = (float) $slider->getAttribute($end);
            $slider->sendKeys($key);
            $page->until(static fn (): bool => abs($saved() - $mm) < 0.03, "$end to be saved");
        }
        $page->press('button', 'Undo');
        $page->until(static fn (): bool => $saved() > $before, 'the thickest again');
        $page->press('button', 'Undo');
        $page->until(static fn (): bool => abs($saved() - $before) < 1e-9, 'the film as it was');
    }

    public function test_one_request_is_under_way_at_a_time_and_the_last_pull_wins(): void
    {
        $page = $this->open('/coats/winter-flood');
        $slider = $page->find('slider', 'Film thickness');
        $page->js('performance.clearResourceTimings()');
        $page->pull($slider, [...array_fill(0, 25, [0, -2]), ...array_fill(0, 15, [0, 1])]);
        $page->until(fn (): bool => $page->text('[role=status]') === 'Saved', 'the last pull to be saved');
        $times = $page->js('return performance.getEntriesByType("resource").filter((entry) => entry.name.includes("/coats/")).map((entry) => [entry.startTime, entry.responseEnd])');
        self::assertIsArray($times);
        self::assertGreaterThanOrEqual(2, count($times));
        for ($i = 1; $i < count($times); $i++) {
            self::assertGreaterThanOrEqual($times[$i - 1][1], $times[$i][0]);
        }
        $shown = (float) $page->find('slider', 'Film thickness')->getAttribute('aria-valuenow');
        $saved = json_decode((string) file_get_contents(self::$studio->url('/plans/1/file')), true);
        self::assertEqualsWithDelta($shown, array_column($saved['coats'], null, 'id')['winter-flood']['size_by']['thickness_mm'], 1e-9);
    }

    public function test_what_was_typed_wrong_stays_with_a_sentence_and_is_not_saved(): void
    {
        $page = $this->open('/coats/comet-flood');
        $page->type('Film thickness', 'thick');
        $page->press('button', 'To the mix sheet');
        $page->untilSees('"thick" is not a length');
        self::assertSame('thick', $page->find('textbox', 'Film thickness')->getAttribute('value'));
        self::assertStringContainsString(self::$studio->path('/coats/comet-flood'), $page->driver->getCurrentURL());
        $page->type('Film thickness', '1.8');
        $page->press('button', 'To the mix sheet');
        $page->until(fn (): bool => str_ends_with($page->driver->getCurrentURL(), '/mix'), 'the mix sheet');
    }

    public function test_a_piece_saved_untouched_stays_as_it_is(): void
    {
        $before = file_get_contents(self::$studio->url('/plans/1/file'));
        $page = $this->open('/pieces/comet');
        $page->press('button', 'Save, to its coat');
        $page->until(fn (): bool => str_ends_with($page->driver->getCurrentURL(), self::$studio->path('/coats/comet-base')), 'its coat');
        self::assertSame($before, file_get_contents(self::$studio->url('/plans/1/file')));
    }

    public function test_a_photo_that_is_too_large_is_refused_before_it_is_sent(): void
    {
        $page = $this->open('/pours/moon-study-flood/finish');
        $page->type('One note', 'Kept while the photo is refused');
        file_put_contents($large = self::$studio->folder.'/large.jpg', str_repeat("\xFF", 40 * 1024 * 1024));
        file_put_contents($text = self::$studio->folder.'/text.jpg', 'no photo');
        $input = $page->driver->findElement(\Facebook\WebDriver\WebDriverBy::cssSelector('input[type=file]'));
        $input->sendKeys($large);
        $page->untilSees('larger than 20 MB');
        $input->sendKeys($text);
        $page->untilSees('This is not a photo that can be read');
        self::assertSame('Kept while the photo is refused', $page->find('textbox', 'One note')->getAttribute('value'));
        self::assertTrue($page->js('return performance.getEntriesByType("resource").every((entry) => ! entry.name.includes("/finish"))'));
    }

    public function test_nothing_planned_is_shown_as_measured_and_what_was_typed_stands_after_a_look_elsewhere(): void
    {
        $page = $this->open('/pours/moon-study-flood/finish');
        self::assertSame('', $page->find('textbox', 'Part A used')->getAttribute('value'), 'nobody weighed it yet');
        $page->type('Part A used', '99.9');
        $page->press('radio', 'Read off, ml');
        $page->until(fn (): bool => $page->find('textbox', 'Part A used')->getAttribute('value') === '', 'an empty measure');
        self::assertTrue($page->sees('planned 84.8 ml'));
        $page->press('radio', 'As planned');
        $page->untilSees('taken as planned: 84.8 ml');
        $page->press('radio', 'Weighed, g');
        $page->until(fn (): bool => $page->find('textbox', 'Part A used')->getAttribute('value') === '99.9', 'what was typed');
    }

    public function test_inches_everywhere_at_once(): void
    {
        $page = $this->open('/coats/autumn-flood');
        $page->press('button', 'mm ml');
        $page->until(fn (): bool => $page->has('button', 'Part A, 11.30 fl oz'), 'fluid ounces');
        $page->untilSees('24.409 in');
        $page->press('button', 'mm ml');
        $page->until(fn (): bool => $page->has('button', 'Part A, 334 ml'), 'millilitres');
    }

    /** What is read, drawn or told to a screen reader; a unit that somebody chose for a dose or beside others stays. */
    #[TestWith(['/pieces/winter', '/coats/table-deep', '/coats/winter-flood', '/coats/prints-flood', '/coats/winter-flood/mix'])]
    #[TestWith(['/', '/pieces', '/plans/1/evening', '/plans/1/batches/batch-1', '/shelf', '/shelf?tab=vessels', '/studio', '/pieces/winter/history'])]
    public function test_who_reads_inches_meets_no_millimetre(string ...$paths): void
    {
        $this->reads('imperial');
        try {
            foreach ($paths as $path) {
                $page = $this->open($path);
                $page->until(static fn (): bool => $page->text('main') !== '', 'the page');
                $told = (string) $page->js(<<<'JS'
                    const main = document.querySelector('main')
                    main.querySelectorAll('details').forEach((one) => { if (!one.textContent.includes('In other measures')) one.open = true })
                    const names = ['aria-label', 'aria-valuetext', 'title', 'placeholder']
                    return [main.innerText, ...[...main.querySelectorAll('*')].flatMap((one) => names.map((name) => one.getAttribute(name) ?? '')), ...[...main.querySelectorAll('svg text')].map((one) => one.textContent)].join(' | ')
                    JS);
                self::assertSame(0, preg_match('/.{0,30}\d\s?(?:mm|ml|cm|cm²|°C)(?![a-zA-Z]).{0,10}|\|\s*mm\s*\|/u', $told, $found), $path.': '.($found[0] ?? ''));
            }
            $page = $this->open('/coats/autumn-flood');
            $page->press('button', 'film');
            $page->untilSees('The formula with its numbers, worked out in mm, ml and °C');
            self::assertMatchesRegularExpression('/13\.75\d* fl oz/', $page->text('[role=dialog]'));
        } finally {
            $this->reads('metric');
        }
    }

    public function test_a_stop_asks_for_a_reason(): void
    {
        $page = $this->open('/coats/ridge-trial-boards-flood');
        $page->type('Film thickness', '9 mm');
        $page->untilSees('Pour at most 4 mm at a time');
        $page->press('button', 'To the mix sheet');
        $page->press('button', 'It is mixed');
        $page->press('button', 'Start the clock');
        $page->untilSees('Change the plan, or write down why');
        self::assertTrue($page->has('dialog', ''));
    }

    public function test_a_plan_file_goes_out_and_comes_in(): void
    {
        $page = $this->open('/studio');
        $file = self::$studio->folder.'/tea-room.json';
        copy(__DIR__.'/../../docs/examples/autumn-sky.json', $file);
        $page->driver->findElement(\Facebook\WebDriver\WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $page->untilSees('tea-room was read.');
        self::assertTrue($page->has('heading', 'tea-room'));
    }

    #[TestWith([8.27, 11.69])]
    #[TestWith([8.5, 11.0])]
    public function test_the_mix_sheet_prints_on_one_page_whatever_the_names(float $widthIn, float $heightIn): void
    {
        $page = $this->open('/pieces/new');
        $page->type('Name', rtrim(str_repeat('Parallax constellation ', 21)));
        $page->type('Width', '9 m');
        $page->type('Height', '1234,5 mm');
        $page->type('Edge depth', '50');
        $page->press('button', 'Plan its coat');
        $page->press('button', 'To the mix sheet');
        foreach ([null, '/coats/autumn-flood/mix'] as $path) {
            if ($path !== null) {
                $this->open($path);
            }
            $page->until(fn (): bool => $page->text('[data-testid=mix-sheet]') !== '', 'the sheet');
            $pdf = $page->devtools('Page.printToPDF', ['paperWidth' => $widthIn, 'paperHeight' => $heightIn, 'preferCSSPageSize' => false, 'printBackground' => true]);
            file_put_contents($file = self::$studio->folder.'/sheet.pdf', base64_decode((string) $pdf['data']));
            self::assertMatchesRegularExpression('/^Pages:\s+1$/m', (string) shell_exec('pdfinfo '.escapeshellarg($file)));
            self::assertStringContainsString('No substitute', (string) shell_exec('pdftotext '.escapeshellarg($file).' -'));
        }
    }

    public function test_figures_of_a_new_piece_and_of_a_past_pour_explain_themselves(): void
    {
        $page = $this->open('/pieces/new');
        $page->type('Width', '62 cm');
        $page->type('Height', '41 cm');
        $page->press('button', '2542 cm²');
        $page->untilSees('Width × height.');
        $page = $this->open('/pieces/winter/history');
        $page->press('button', '266 ml');
        $page->untilSees('All the parts together.');
    }

    public function test_all_keys_are_listed_under_one(): void
    {
        $page = $this->open('/');
        $page->keys('?');
        $page->untilSees('A foot pedal sends Page Down.');
    }

    public function test_every_page_keeps_to_this_machine(): void
    {
        foreach (['/', '/coats/autumn-flood', '/pours/autumn-flood'] as $path) {
            $page = $this->open($path);
            $outside = $page->js('return performance.getEntriesByType("resource").map((entry) => entry.name).filter((name) => ! name.startsWith(location.origin))');
            self::assertSame([], $outside);
        }
    }
}
