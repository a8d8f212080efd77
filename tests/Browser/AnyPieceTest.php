<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use GdImage;
use Tests\Browser\Support\Page;
use Tests\Support\TurnedPhoto;

/** Any piece, any film: traced, brought, stacked by hand and by template, domed to its limit. */
final class AnyPieceTest extends BrowserTestCase
{
    private const JITTER_PX = 2;

    private const PHOTO_PX = 2560;

    public function test_a_round_piece_is_traced_over_its_photo(): void
    {
        mt_srand(3);
        $page = $this->beginTracing('Traced disc', $this->photo(static function (GdImage $image): void {
            imagefilledellipse($image, 1240, 860, 1200, 1200, (int) imagecolorallocate($image, 196, 164, 112));
            imagefilledrectangle($image, 120, 1640, 2120, 1680, (int) imagecolorallocate($image, 40, 40, 40));
        }));
        // a rule of 500 mm, 2000 px long: the disc is 300 mm across
        $page->type('They are apart', '50 cm');
        $this->clickPhoto($page, [[120, 1660], [2120, 1660]]);
        $page->press('button', 'Edge: 0');
        $circle = [];
        for ($i = 0; $i < 24; $i++) {
            $circle[] = [1240 + 600 * cos(2 * M_PI * $i / 24), 860 + 600 * sin(2 * M_PI * $i / 24)];
        }
        $this->clickPhoto($page, $circle);
        $page->press('button', 'Use this outline');
        $page->until(fn (): bool => ! $page->has('dialog', ''), 'the tracing to close');
        $page->untilSees('to coat');
        self::assertEqualsWithDelta(M_PI * 15 ** 2, (float) $page->text('[data-figure=area_cm2]'), M_PI * 15 ** 2 * 0.01);
        $page->press('button', 'Plan its coat');
        $page->find('slider', 'Film thickness');
    }

    public function test_a_photo_is_seen_whole_whichever_way_it_is_long(): void
    {
        foreach ([[1280, 800, 600, 1800], [1280, 800, 2400, 700], [390, 844, 700, 2100]] as [$width, $height, $across, $down]) {
            self::$page->size($width, $height);
            $image = imagecreatetruecolor($across, $down);
            imagejpeg($image, $file = self::$studio->folder.'/long.jpg');
            $page = $this->beginTracing('Long', $file);
            $page->until(static fn (): bool => $page->js('const b = document.querySelector("[role=application]").getBoundingClientRect(), f = document.querySelector("[role=application]").closest(".overflow-auto").getBoundingClientRect(); return b.width > 50 && b.width <= f.width && b.height <= f.height && (b.width > 0.9 * f.width || b.height > 0.9 * f.height)') === true, "all of $across × $down at $width px");
        }
        self::$page->size(1280, 800);
    }

    public function test_a_slanted_photo_is_put_straight_by_a_sheet_and_mended_by_keys(): void
    {
        mt_srand(4);
        // seen from 35° beside the upright, a sheet of 297 × 210 mm on a board of 400 × 300 mm
        $camera = static function (float $x, float $y): array {
            $depth = 1000 + ($y - 150) * sin(deg2rad(35));

            return [1280 + 5000 * ($x - 200) / $depth, 900 + 5000 * ($y - 150) * cos(deg2rad(35)) / $depth];
        };
        $board = array_map(static fn (array $at): array => $camera(...$at), [[0, 0], [400, 0], [400, 300], [0, 300]]);
        $sheet = array_map(static fn (array $at): array => $camera(...$at), [[40, 40], [337, 40], [337, 250], [40, 250]]);
        $page = $this->beginTracing('Slanted board', $this->photo(static function (GdImage $image) use ($board, $sheet): void {
            imagefilledpolygon($image, array_map(intval(...), array_merge(...$board)), (int) imagecolorallocate($image, 150, 110, 70));
            imagefilledpolygon($image, array_map(intval(...), array_merge(...$sheet)), (int) imagecolorallocate($image, 240, 240, 232));
        }));
        $page->press('radio', 'A known sheet');
        $page->type('Width', '297');
        $page->type('Height', '210');
        $this->clickPhoto($page, $sheet);
        $page->press('button', 'Edge: 0');
        $page->js('[...document.querySelectorAll("[role=dialog] input[type=checkbox]")][0].click()');
        $this->clickPhoto($page, $board);
        $page->untilSees('Use this outline');
        $page->until(fn (): bool => preg_match('/([\d.]+) cm²/', $page->text('[role=dialog]'), $found) === 1 && abs((float) $found[1] - 1200) < 12, 'an area within a percent of 1200 cm²');
        // one corner is taken hold of and moved by keys, then put back with Undo
        $this->clickPhoto($page, [$board[2]], jitter: 0);
        $board = $page->find('application', 'The photo');
        $board->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT]);
        for ($i = 0; $i < 11; $i++) {
            $board->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_RIGHT]);
        }
        $page->until(fn (): bool => preg_match('/([\d.]+) cm²/', $page->text('[role=dialog]'), $found) === 1 && (float) $found[1] > 1212, 'the corner to be farther out');
        for ($i = 0; $i < 12; $i++) {
            $page->press('button', 'Undo');
        }
        $page->until(fn (): bool => preg_match('/([\d.]+) cm²/', $page->text('[role=dialog]'), $found) === 1 && abs((float) $found[1] - 1200) < 12, 'the corner to be back');
        $page->press('button', 'Close');
    }

    public function test_a_photo_that_the_camera_wrote_sideways_is_traced_upright(): void
    {
        file_put_contents($file = self::$studio->folder.'/turned.jpg', TurnedPhoto::jpeg());
        $page = $this->beginTracing('Turned', $file);
        self::assertSame('0 0 40 60', $page->find('application', 'The photo')->getAttribute('viewBox'));
        $page->press('button', 'Close');
    }

    public function test_an_svg_drawing_is_brought_and_a_bomb_is_refused_where_it_was_brought(): void
    {
        $page = $this->open('/pieces/new');
        $page->type('Name', 'Drawn tag');
        $page->press('radio', 'Other');
        $bring = static function (string $name, string $svg) use ($page): void {
            file_put_contents($file = self::$studio->folder.'/'.$name, $svg);
            $page->driver->findElement(WebDriverBy::cssSelector('input[accept*=svg]'))->sendKeys($file);
        };
        $bring('bomb.svg', '<!DOCTYPE svg [<!ENTITY a "b">]><svg xmlns="http://www.w3.org/2000/svg"/>');
        $page->untilSees('a document type or entities');
        $bring('bare.svg', '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><path d="M0 0h10v10h-10z M4 1h2v2h-2z"/></svg>');
        $page->type('Width of the piece', '5 cm');
        $page->press('button', 'Take it');
        $page->untilSees('24 cm²');
        self::assertSame('Drawn tag', $page->find('textbox', 'Name')->getAttribute('value'));
    }

    public function test_a_stack_is_built_by_hand_kept_and_laid_on_another_piece(): void
    {
        $page = $this->takeIn('Plain tile', '98', '98', 'tile');
        $page->type('Film thickness', '0,4');
        $page->keys(WebDriverKeys::ENTER);
        $page->until(fn (): bool => $page->text('[role=status]') === 'Saved', 'the base');
        $this->choose($page, 'Coat', 'base');
        $this->addCoat($page, 'Dome');
        $page->until(fn (): bool => count($this->stack($page)) === 2, 'two coats');
        self::assertSame(['Base coat', 'Dome'], $this->stack($page));
        $page->press('button', 'The same coat once more');
        $page->until(fn (): bool => $this->stack($page) === ['Base coat', 'Dome', 'Dome'], 'three coats');
        $page->press('button', 'Lay it earlier');
        $page->until(fn (): bool => $page->js('return document.querySelector("[aria-label^=Coats] [aria-current]").textContent.startsWith("2")') === true, 'the new one to be second');
        $page->press('button', 'Take this coat away');
        $page->untilSees('was taken away');
        self::assertSame(['Base coat', 'Dome'], $this->stack($page));
        $page->press('button', 'Undo');
        $page->untilSees('coat is back');
        self::assertCount(3, $this->stack($page));
        $page->press('button', 'Take this coat away');
        $page->until(fn (): bool => count($this->stack($page)) === 2, 'two coats again');

        $this->addCoat($page, 'Keep this stack');
        $page->type('Name of the stack', 'Two on a tile');
        $page->press('button', 'Keep it');
        $page->untilSees('can be laid on any piece');

        $page = $this->takeIn('Larger tile', '200', '150', 'tile');
        $this->addCoat($page, 'Lay “Two on a tile”');
        $page->untilSees('is laid on Larger tile');
        self::assertSame(['Base coat', 'Dome'], $this->stack($page));
        self::assertSame('0.40', $page->find('textbox', 'Film thickness')->getAttribute('value'));
        self::assertTrue($page->has('button', '12.0 ml film'), 'the amount is that of this piece');
    }

    public function test_a_dome_is_pulled_to_its_limit_and_over_it(): void
    {
        $page = $this->open('/coats/tiles-dome');
        $page->until(fn (): bool => str_contains($page->text('dl'), 'under the most'), 'the dome');
        for ($i = 0; $i < 30 && ! $page->sees('Add no more, and move no air over it'); $i++) {
            $page->pull($page->find('slider', 'Film thickness'), [[0, -2]]);
            $page->until(fn (): bool => $page->has('status', 'Saved'), 'it to be saved');
        }
        $page->untilSees('Add no more, and move no air over it');
        $near = (float) $page->find('slider', 'Film thickness')->getAttribute('aria-valuenow');
        $page->type('Film thickness', (string) ($near + 1));
        $page->untilSees('Stop. Lay at most');
        $page->untilSees('more than it holds');
    }

    public function test_lifts_steps_and_what_stands_in_them(): void
    {
        $page = $this->open('/coats/table-deep');
        $page->untilSees('Lift 1 of 3');
        self::assertStringContainsString('Lift 3', $page->text('[data-testid=portions]'));
        $page->press('tab', 'Steps');
        $page->press('checkbox', 'Seat the border all round');
        $page->until(fn (): bool => $page->find('checkbox', 'Seat the border all round')->getAttribute('aria-checked') === 'true', 'the step to be ticked');
        $page->type('A step of your own', 'Photograph the gears');
        $page->press('button', 'Before');
        $page->until(fn (): bool => $page->has('checkbox', 'Photograph the gears'), 'the own step');
        $page = $this->open('/coats/table-deep');
        $page->press('tab', 'Steps');
        self::assertSame('true', $page->find('checkbox', 'Seat the border all round')->getAttribute('aria-checked'));
        self::assertTrue($page->has('checkbox', 'Photograph the gears'));
        $page->press('tab', 'More');
        $before = $page->text('[data-figure=displaced]');
        $page->type('Count', '60');
        $page->keys(WebDriverKeys::ENTER);
        $page->until(fn (): bool => $page->text('[data-figure=displaced]') !== $before, 'more to be displaced');
    }

    public function test_the_same_again_in_another_size(): void
    {
        $page = $this->open('/pieces/trays');
        $page->press('button', 'The same again');
        $page->untilSees('give it its size');
        $page->type('Width', '300');
        $page->press('button', 'Save, to its coat');
        $page->until(fn (): bool => $this->stack($page) === ['Base coat', 'Top coat'], 'its stack');
    }

    public function test_pieces_without_an_outline_are_measured_as_one_measures_them(): void
    {
        $page = $this->open('/pieces/new');
        $page->type('Name', 'Beads');
        $this->choose($page, 'Kind', 'mould');
        self::assertSame('water', $page->find('combobox', 'Measured as')->getAttribute('value'), 'what such a piece usually is');
        $page->type('The water that fills it weighs', '180');
        $page->untilSees('it holds 180 ml');
        $this->choose($page, 'Measured as', 'stone');
        $page->type('Length × width × height', '6 cm × 45');
        $page->press('textbox', 'Name');
        $page->untilSees('Write three lengths');
        $page->type('Length × width × height', '6 cm × 6 cm × 6 cm');
        $page->untilSees('to coat 113 cm²');
        $this->choose($page, 'Measured as', 'polygon');
        $page->type('Corner points', "0, 0\n100, 0\n0, 100");
        $page->untilSees('to coat 50 cm²');
        $page->type('Corner points', "0, 0\n100, 0\n0, ten");
        $page->untilSees('Write a point as [x, y]');
        $this->choose($page, 'Measured as', 'count');
        $page->type('Each takes', '1,2');
        $page->untilSees('for each 1.2 ml');
        $page->press('button', 'Plan its coat');
        $page->untilSees('1.2 ml each');
        $this->choose($page, 'Sized by', 'ml_per_piece');
        $page->untilSees('1.3 ml mixed');
        self::assertSame('Beads', $page->text('h1'));
    }

    public function test_a_hole_that_must_stay_open_is_taken_off_and_one_outside_is_refused(): void
    {
        $page = $this->open('/pieces/new');
        $page->type('Name', 'Tag');
        $page->type('Width', '60');
        $page->type('Height', '40');
        $page->untilSees('24 cm²');
        $page->press('summary', 'Recess, lip, holes');
        $page->press('button', 'Hole');
        $page->type('Diameter', '10');
        $page->untilSees('23.2 cm²');
        $page->type('From the left', '58');
        $page->untilSees('A hole lies outside the piece');
        $page->type('From the left', '5');
        $page->press('button', 'Plan its coat');
        $page->press('tab', 'Steps');
        $page->untilSees('Pull the film round the holes');
    }

    public function test_a_coat_in_parts_on_a_part_of_the_face(): void
    {
        $page = $this->takeIn('Banded board', '400', '200', 'board');
        $page->press('tab', 'More');
        $this->choose($page, 'Covers', 'share');
        $page->type('Share of the face', '25');
        $page->keys(WebDriverKeys::ENTER);
        $page->until(fn (): bool => $page->has('button', '32.0 ml film'), 'a quarter of the film');
        $page->type('Its name', 'sea');
        $page->keys(WebDriverKeys::ENTER);
        $page->until(fn (): bool => $this->stack($page) === ['sea'], 'the name in the stack');
        $page->press('button', 'Colour');
        $page->until(fn (): bool => $page->has('textbox', 'Colour 2'), 'two colours');
        $page->type('Share 1', '70');
        $page->keys(WebDriverKeys::ENTER);
        $page->untilSees('make them 100 %');
        $page->type('Share 1', '50');
        $page->keys(WebDriverKeys::ENTER);
        $page->until(fn (): bool => $page->has('status', 'Saved') && ! $page->sees('make them 100 %'), 'the shares to be right');
        $page->press('tab', 'Coat');
        $page->until(fn (): bool => str_contains($page->text('[data-testid=portions]'), 'clear'), 'what each colour takes');
    }

    public function test_a_casting_is_drawn_as_it_lies_and_as_it_will_hang(): void
    {
        $page = $this->open('/coats/moon-casting-back');
        $page->untilSees('what is lowest here becomes the face');
        $page->press('radio', 'As it will hang');
        $page->untilSees('as it will hang, its face up');
        self::assertFalse($page->has('slider', 'Film thickness'), 'what hangs is not pulled');
    }

    public function test_a_backing_prints_at_its_true_size(): void
    {
        $page = $this->open('/pieces/pendants/template');
        $page->untilSees('Smaller all round by');
        $pdf = $page->devtools('Page.printToPDF', ['paperWidth' => 8.27, 'paperHeight' => 11.69, 'printBackground' => true]);
        file_put_contents($file = self::$studio->folder.'/backing.pdf', base64_decode((string) $pdf['data']));
        self::assertMatchesRegularExpression('/^Pages:\s+1$/m', (string) shell_exec('pdfinfo '.escapeshellarg($file)));
        self::assertSame('26mm', $page->find('img', 'The outline of Pendants')->getAttribute('width'));
        $box = $page->js('return document.querySelector("[data-testid=template] path").getBoundingClientRect().width * 25.4 / 96');
        self::assertEqualsWithDelta(23, $box, 0.15, 'half a millimetre smaller all round');
    }

    private function beginTracing(string $name, string $photo): Page
    {
        $page = $this->open('/pieces/new');
        $page->type('Name', $name);
        $page->press('radio', 'Other');
        $page->press('button', 'Trace a photo');
        $page->untilSees('Take or choose a photo');
        $page->driver->findElement(WebDriverBy::cssSelector('[role=dialog] input[type=file]'))->sendKeys($photo);
        $page->untilSees('1. The scale');

        return $page;
    }

    /** @param  callable(GdImage): void  $draw */
    private function photo(callable $draw): string
    {
        $image = imagecreatetruecolor(self::PHOTO_PX, 1800);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 90, 100, 104));
        $draw($image);
        imagejpeg($image, $file = self::$studio->folder.'/piece.jpg', 90);

        return $file;
    }

    /**
     * Presses on the photo as an unsteady hand does.
     *
     * @param  list<array{float, float}>  $points in pixels of the photo
     */
    private function clickPhoto(Page $page, array $points, int $jitter = self::JITTER_PX): void
    {
        $box = $page->js('const box = document.querySelector("[role=application]").getBoundingClientRect(); return [box.left, box.top, box.width / arguments[0]]', self::PHOTO_PX);
        self::assertIsArray($box);
        foreach ($points as [$x, $y]) {
            $at = ['x' => $box[0] + ($x + mt_rand(-$jitter, $jitter)) * $box[2], 'y' => $box[1] + ($y + mt_rand(-$jitter, $jitter)) * $box[2], 'button' => 'left', 'clickCount' => 1];
            $page->devtools('Input.dispatchMouseEvent', ['type' => 'mousePressed', ...$at]);
            $page->devtools('Input.dispatchMouseEvent', ['type' => 'mouseReleased', ...$at]);
        }
    }

    private function takeIn(string $name, string $width, string $height, string $kind): Page
    {
        $page = $this->open('/pieces/new');
        $page->type('Name', $name);
        $this->choose($page, 'Kind', $kind);
        $page->type('Width', $width);
        $page->type('Height', $height);
        $page->press('button', 'Plan its coat');
        $page->find('slider', 'Film thickness');

        return $page;
    }

    private function addCoat(Page $page, string $item): void
    {
        $page->until(fn (): bool => $page->has('status', 'Saved'), 'what was typed to be saved');
        $page->press('button', 'Add a coat');
        $page->press('menuitem', $item);
    }

    /** @return list<string> the coats in the order in which they are laid */
    private function stack(Page $page): array
    {
        $names = $page->js('return [...document.querySelectorAll("[aria-label^=Coats] li")].map((one) => one.querySelector("span").textContent.replace(/^\d+/, "").trim())');

        return is_array($names) ? $names : [];
    }
}
