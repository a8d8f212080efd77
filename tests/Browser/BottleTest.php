<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A bottle and a piece as they are in the hand: what is printed and what a tape says goes in as it is. */
final class BottleTest extends BrowserTestCase
{
    public function test_name_ratio_and_working_time_of_a_label_are_enough(): void
    {
        $page = $this->open('/shelf');
        $page->press('button', 'A sheet from its label');
        $page->type('Name on the label', 'Corner Coat');
        $page->type('A', '10:1');
        $page->type('Working time on the label', '30-40 min');
        self::assertSame(['10', '1'], [$this->value($page, 'A'), $this->value($page, 'to B')]);
        $page->until(static fn (): bool => $page->js('return document.querySelector("[role=dialog] input[placeholder=\"1.13 is usual\"]") !== null') === true, 'what is usual');
        $page->press('button', 'in its cup');
        self::assertSame('30-40 min', $this->value($page, 'Working time on the label'), 'what was typed goes with the answer');
        $page->untilSees('up to 6.2 %');
        $page->press('button', 'Keep the sheet');
        $page->untilSees('Corner Coat stands on the shelf');
        self::assertSame(
            ['10', '1', 'volume', '30', '30', ''],
            array_map(static fn (string $field): mixed => self::$studio->value("select json_extract(sheet, '$.$field') from resins where key = 'corner-coat'"), ['ratio.a', 'ratio.b', 'ratio.by', 'pot_life_min', 'open_min', 'density_a_g_ml']),
        );
    }

    public function test_a_size_written_in_one_field_fills_both(): void
    {
        $page = $this->open('/pieces/new');
        $page->type('Width', '62 x 41 cm');
        $page->type('Corners', '');
        self::assertSame(['62 cm', '41 cm'], [$this->value($page, 'Width'), $this->value($page, 'Height')]);
        $page->untilSees('2542 cm²');
        $page->type('Height', '24" by 16 1/2"');
        $page->type('Corners', '');
        self::assertSame(['24"', '16 1/2"'], [$this->value($page, 'Width'), $this->value($page, 'Height')]);
    }
}
