<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The words in a drawing can be read: none is printed over another. */
final class LabelsTest extends BrowserTestCase
{
    private const COATS = [
        'autumn-flood', 'comet-base', 'comet-flood', 'comet-ribbons', 'fox-fur', 'fox-seal', 'fox-sky', 'fox-top', 'moon-casting-back', 'moon-casting-flood',
        'moon-casting-layer', 'moon-study-flood', 'pendants-base', 'pendants-dome', 'prints-flood', 'prints-seal', 'ridge-trial-boards-flood', 'table-deep', 'table-seal',
        'tiles-base', 'tiles-dome', 'trays-base', 'trays-top', 'vases-first', 'winter-flood',
    ];

    /** Texts of one drawing that stand over one another, as "this / that". */
    private const OVER = <<<'JS'
        // a box has room over and under its letters
        const ink = ({ left, right, top, bottom, height }) => ({ left, right, top: top + height / 5, bottom: bottom - height / 4 });
        const over = [];
        for (const svg of document.querySelectorAll('main svg')) {
            const words = [...svg.querySelectorAll('text')].filter((text) => text.textContent.trim() !== '')
                .map((text) => [text.textContent.trim(), ink(text.getBoundingClientRect())]);
            words.forEach(([one, a], at) => words.slice(at + 1).forEach(([other, b]) => {
                if (Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1 && Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 1) over.push(one + ' / ' + other);
            }));
        }
        return over;
        JS;

    public function test_in_the_section_of_every_coat_wide_in_one_system_and_narrow_in_the_other(): void
    {
        foreach ([[1280, 800, 'metric'], [390, 844, 'imperial']] as [$width, $height, $units]) {
            self::$page->size($width, $height);
            $this->reads($units);
            foreach (self::COATS as $coat) {
                self::assertSame([], $this->open('/coats/'.$coat)->js(self::OVER), "$coat at $width in $units");
            }
        }
        $this->reads('metric');
    }

    public function test_in_the_lanes_of_the_evening(): void
    {
        foreach ([[1280, 800], [390, 844]] as [$width, $height]) {
            self::$page->size($width, $height);
            self::assertSame([], $this->open('/evening')->js(self::OVER), "evening at $width");
        }
    }
}
